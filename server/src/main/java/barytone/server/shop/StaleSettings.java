package barytone.server.shop;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Tells a window that another one changed a setting meanwhile. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class StaleSettings {
    @ExceptionHandler(StaleSettingException.class)
    ProblemDetail stale(StaleSettingException e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
        problem.setProperty("code", "changed-meanwhile");
        return problem;
    }
}
