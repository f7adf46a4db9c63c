package barytone.server.web;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.EnumFeature;

/** Takes what is sent for what it is: 1.9 is no whole number, "true" no truth value, and 3 no name. */
@Configuration(proxyBeanMethods = false)
class StrictJson {
    @Bean
    JsonMapperBuilderCustomizer strict() {
        return mapper -> mapper.disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS);
    }
}
