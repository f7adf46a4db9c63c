package barytone.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import java.lang.reflect.Method;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.aop.support.AopUtils;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAttributeSource;

/** No method that is marked is passed over, and nothing else is looked through. */
class MarkedTransactionsTest {
    @Test
    void everyMarkedMethodHasItsTransaction(@TempDir Path data) {
        try (RunningBarytone app = RunningBarytone.in(data)) {
            TransactionAttributeSource source = app.bean(TransactionAttributeSource.class);
            List<String> marked = new ArrayList<>();
            for (Object bean : app.beans()) {
                Class<?> type = AopUtils.getTargetClass(bean);
                if (!type.getName().startsWith("barytone.")) continue;
                for (Method method : type.getDeclaredMethods()) {
                    if (!method.isAnnotationPresent(Transactional.class)) continue;
                    marked.add(method.toString());
                    assertThat(AopUtils.isAopProxy(bean)).as(method.toString()).isTrue();
                    assertThat(source.getTransactionAttribute(method, type))
                            .as(method.toString())
                            .isNotNull();
                }
            }
            assertThat(marked).hasSizeGreaterThan(50);
            assertThat(source).isInstanceOf(MarkedTransactions.class);
        }
    }

    static class Within {
        @Transactional
        void within() {}
    }

    static class Above extends Within {}

    @Test
    void anInheritedMethodAndOneThatIsNotPublicCountToo() throws NoSuchMethodException {
        MarkedTransactions source = new MarkedTransactions();
        Method within = Within.class.getDeclaredMethod("within");
        assertThat(source.isCandidateClass(Above.class)).isTrue();
        assertThat(source.getTransactionAttribute(within, Above.class)).isNotNull();
        assertThat(source.isCandidateClass(String.class)).isFalse();
    }
}
