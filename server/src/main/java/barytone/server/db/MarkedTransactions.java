package barytone.server.db;

import java.lang.reflect.Method;
import java.util.Arrays;
import org.springframework.transaction.annotation.AnnotationTransactionAttributeSource;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds transactions only where methods of this application are marked with them themselves. The usual search goes through all methods of all beans, their interfaces and the annotations of
 * their annotations, which takes a sixth of a start.
 */
public final class MarkedTransactions extends AnnotationTransactionAttributeSource {
    private static final long serialVersionUID = 1L;

    private static final ClassValue<Boolean> MARKED = new ClassValue<>() {
        @Override
        protected Boolean computeValue(Class<?> type) {
            Class<?> above = type.getSuperclass();
            return Arrays.stream(type.getDeclaredMethods()).anyMatch(MarkedTransactions::marked)
                    || above != null && MARKED.get(above);
        }
    };

    public MarkedTransactions() {
        // as usual, not those of public methods alone
        super(false);
    }

    private static boolean marked(Method method) {
        return method.isAnnotationPresent(Transactional.class);
    }

    @Override
    public boolean isCandidateClass(Class<?> type) {
        return MARKED.get(type);
    }
}
