package barytone.server.web;

import barytone.core.quantity.Allowed;
import jakarta.validation.Validator;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Refuses a body in which something is missing that is not marked as nullable, a text that cannot be shown, or what its constraints forbid, before anybody works
 * with it. What depends on the instrument is refused by whoever knows it.
 */
@RestControllerAdvice
class CompleteBodies extends RequestBodyAdviceAdapter {
    private final Validator validator;

    CompleteBodies(Validator validator) {
        this.validator = validator;
    }

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return parameter.getParameterType().isRecord();
    }

    @Override
    public Object afterBodyRead(
            @Nullable Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        if (!(body instanceof Record given)) throw Allowed.broken("body", "null", "a JSON object");
        check(given, "");
        validator.validate(given).stream()
                .min(Comparator.comparing(v -> v.getPropertyPath().toString()))
                .ifPresent(v -> {
                    throw Allowed.broken(v.getPropertyPath().toString(), given(v.getInvalidValue()), v.getMessage());
                });
        return body;
    }

    /** What was given, as it is told. */
    static String given(@Nullable Object value) {
        return switch (value) {
            case null -> "nothing";
            case Collection<?> all when all.isEmpty() -> "nothing";
            case CharSequence text when text.toString().isBlank() -> "nothing";
            case CharSequence text -> text.length() + " characters";
            default -> String.valueOf(value);
        };
    }

    private static void check(Record given, String path) {
        for (RecordComponent component : given.getClass().getRecordComponents()) {
            String field = path + component.getName();
            Object value = value(given, component);
            if (value == null) {
                if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    throw Allowed.broken(field, "nothing", "a value; this field must be there");
            } else if (value instanceof Record inner) {
                check(inner, field + ".");
            } else if (value instanceof String text) {
                PlainText.check(field, text);
            } else if (value instanceof List<?> list) {
                for (int i = 0; i < list.size(); i++) {
                    Object item = list.get(i);
                    if (item == null) throw Allowed.broken(field + "[" + i + "]", "nothing", "a value");
                    if (item instanceof Record inner) check(inner, field + "[" + i + "].");
                    if (item instanceof String text) PlainText.check(field + "[" + i + "]", text);
                }
            }
        }
    }

    private static @Nullable Object value(Record given, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(given);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("record component " + component + " cannot be read", e);
        }
    }
}
