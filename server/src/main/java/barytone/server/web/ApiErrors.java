package barytone.server.web;

import barytone.core.neck.OutOfRangeException;
import barytone.core.quantity.LengthTextException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Errors as {@code application/problem+json}: what was given, what is allowed, and never a bare 500 for bad input. */
@RestControllerAdvice
class ApiErrors extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ApiErrors.class);

    @ExceptionHandler
    ProblemDetail outOfRange(OutOfRangeException e) {
        ProblemDetail problem = badInput(e);
        problem.setProperty("field", e.field());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notALength(LengthTextException e) {
        return badInput(e);
    }

    @ExceptionHandler
    ProblemDetail badInput(IllegalArgumentException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, e.getMessage() == null ? "This input is not allowed." : e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail wrongType(MethodArgumentTypeMismatchException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                e.getName() + ": given " + e.getValue() + ", which is not of the kind allowed here.");
    }

    @ExceptionHandler
    ProblemDetail unforeseen(Exception e) {
        LOG.error("Unforeseen error", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Barytone met an error of its own. Nothing that was confirmed is lost; the log says more.");
    }

    @Override
    protected org.springframework.http.ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e,
            org.springframework.http.HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, readable(e));
        return new org.springframework.http.ResponseEntity<>(problem, headers, HttpStatus.BAD_REQUEST);
    }

    private static String readable(HttpMessageNotReadableException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof OutOfRangeException || cause instanceof LengthTextException)
                return String.valueOf(cause.getMessage());
            if (cause instanceof DatabindException bind && !bind.getPath().isEmpty()) {
                StringBuilder field = new StringBuilder();
                for (JacksonException.Reference step : bind.getPath())
                    field.append(
                            step.getPropertyName() == null
                                    ? "[" + step.getIndex() + "]"
                                    : (field.isEmpty() ? "" : ".") + step.getPropertyName());
                return field + ": what was given is missing or not of the kind allowed here. "
                        + bind.getOriginalMessage();
            }
        }
        return "The body is not the JSON expected here; the description at /v3/api-docs says what is.";
    }
}
