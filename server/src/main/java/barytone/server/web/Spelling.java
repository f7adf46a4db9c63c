package barytone.server.web;

import barytone.core.quantity.Allowed;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.AnnotationIntrospector;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;

/**
 * One spelling of names over HTTP: small letters, words joined with hyphens. What earlier scripts sent in capitals is still understood. What is stored has a
 * spelling of its own, which is never changed.
 */
@Configuration(proxyBeanMethods = false)
class Spelling implements WebMvcConfigurer {
    @Bean
    JsonMapperBuilderCustomizer spelt() {
        return mapper -> mapper.annotationIntrospector(
                AnnotationIntrospector.pair(new Names(), new JacksonAnnotationIntrospector()));
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverterFactory(new FromText());
    }

    /** All names of a kind, for whoever gave another. */
    static String allowed(Class<?> kind) {
        return Arrays.stream(kind.getEnumConstants())
                .map(value -> Allowed.spelt((Enum<?>) value))
                .collect(Collectors.joining(", "));
    }

    private static final class Names extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1L;

        @Override
        public String[] findEnumValues(
                MapperConfig<?> config, AnnotatedClass kind, Enum<?>[] values, @Nullable String[] names) {
            for (int i = 0; i < values.length; i++) names[i] = Allowed.spelt(values[i]);
            return names;
        }

        @Override
        public void findEnumAliases(MapperConfig<?> config, AnnotatedClass kind, Enum<?>[] values, String[][] aliases) {
            for (int i = 0; i < values.length; i++) aliases[i] = new String[] {values[i].name()};
        }
    }

    /** The same for what is asked for in an address. */
    private static final class FromText implements ConverterFactory<String, Enum<?>> {
        @Override
        public <T extends Enum<?>> Converter<String, T> getConverter(Class<T> kind) {
            return text -> Arrays.stream(kind.getEnumConstants())
                    .filter(value ->
                            Allowed.spelt(value).equals(text) || value.name().equals(text))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(text));
        }
    }
}
