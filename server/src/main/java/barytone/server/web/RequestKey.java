package barytone.server.web;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.ReportAsSingleViolation;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The key of a request: its own, so that a request sent twice is kept once. */
@NotBlank
@Size(max = 80)
@ReportAsSingleViolation
@Constraint(validatedBy = {})
@Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
@Retention(RetentionPolicy.RUNTIME)
public @interface RequestKey {
    /** What is allowed. */
    String message() default "1 to 80 characters, new for each request";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
}
