package barytone.server.web;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthTextException;
import barytone.core.quantity.MeantException;
import barytone.core.quantity.NotAllowedException;
import barytone.core.quantity.OutOfRangeException;
import barytone.server.db.StorageTrouble;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;

/** Errors as {@code application/problem+json}: what was given, what is allowed, and never a bare 500 for bad input. */
@RestControllerAdvice
class ApiErrors extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ApiErrors.class);
    private static final Pattern NAMED_VALUE = Pattern.compile("value \\(\"?(.{1,80}?)\"?\\) to ");

    @ExceptionHandler
    ProblemDetail outOfRange(OutOfRangeException e) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, e.told(FieldNames.onScreen(e.field())));
        problem.setProperty("field", e.field());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail meant(MeantException e) {
        ProblemDetail problem = badInput(e);
        problem.setProperty("field", e.field());
        problem.setProperty("code", "meant");
        problem.setProperty("suggestion", e.suggestion());
        problem.setProperty("suggested", e.spoken());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThereException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, String.valueOf(e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail notALength(LengthTextException e) {
        return badInput(e);
    }

    @ExceptionHandler
    ProblemDetail badInput(NotAllowedException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, e.getMessage() == null ? "This input is not allowed." : e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail wrongType(MethodArgumentTypeMismatchException e) {
        // a name in the address that nothing has
        boolean place = e.getParameter().hasParameterAnnotation(PathVariable.class)
                && e.getRequiredType() != null
                && e.getRequiredType().isEnum();
        return ProblemDetail.forStatusAndDetail(
                place ? HttpStatus.NOT_FOUND : HttpStatus.BAD_REQUEST,
                e.getName() + ": given “" + e.getValue() + "”; allowed is " + allowed(e.getRequiredType()) + ".");
    }

    @ExceptionHandler
    ProblemDetail unforeseen(Exception e) {
        StorageTrouble trouble = StorageTrouble.in(e);
        if (trouble != null) return storage(trouble, e);
        LOG.error("Unforeseen error", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Barytone met an error of its own. Nothing that was confirmed is lost; the log says more.");
    }

    private static ProblemDetail storage(StorageTrouble trouble, Exception e) {
        // one line: while a disk is full every window says so every few seconds
        LOG.warn("{} ({})", trouble.told(), e.toString());
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(trouble.status(), trouble.told());
        problem.setProperty("code", "storage");
        return problem;
    }

    @Override
    protected org.springframework.http.ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e,
            org.springframework.http.HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        HttpStatus told = tooLarge(e) == null ? HttpStatus.BAD_REQUEST : HttpStatus.CONTENT_TOO_LARGE;
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(told, readable(e));
        return new org.springframework.http.ResponseEntity<>(problem, headers, told);
    }

    /** What the constraint of a parameter forbids. */
    @Override
    protected org.springframework.http.ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException e,
            org.springframework.http.HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        ParameterValidationResult broken = e.getParameterValidationResults().getFirst();
        OutOfRangeException told = Allowed.broken(
                String.valueOf(broken.getMethodParameter().getParameterName()),
                CompleteBodies.given(broken.getArgument()),
                String.valueOf(broken.getResolvableErrors().getFirst().getDefaultMessage()));
        return new org.springframework.http.ResponseEntity<>(outOfRange(told), headers, HttpStatus.BAD_REQUEST);
    }

    /** An address that is not there: asked for by a page or a script of another version, most likely. */
    @Override
    protected org.springframework.http.@Nullable ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e,
            org.springframework.http.HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                status,
                "There is nothing at /" + e.getResourcePath()
                        + ". A page that was open before Barytone was changed asks for what is not there any more: load it again, and enter once more what was not kept.");
        return new org.springframework.http.ResponseEntity<>(problem, headers, status);
    }

    private static @Nullable String tooLarge(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause())
            if (cause instanceof Limits.TooLargeException) return cause.getMessage();
        return null;
    }

    private static String readable(HttpMessageNotReadableException e) {
        String tooLarge = tooLarge(e);
        if (tooLarge != null) return tooLarge;
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof OutOfRangeException || cause instanceof LengthTextException)
                return String.valueOf(cause.getMessage());
            if (cause instanceof DatabindException bind && !bind.getPath().isEmpty())
                return field(bind) + ": given " + given(bind) + "; allowed is " + allowed(bind) + ".";
        }
        return "The body is not the JSON expected here; the description at /v3/api-docs says what is.";
    }

    private static String field(DatabindException e) {
        StringBuilder field = new StringBuilder();
        for (JacksonException.Reference step : e.getPath())
            field.append(
                    step.getPropertyName() == null
                            ? "[" + step.getIndex() + "]"
                            : (field.isEmpty() ? "" : ".") + step.getPropertyName());
        return field.toString();
    }

    private static String given(DatabindException e) {
        if (e instanceof InvalidFormatException format) return "“" + format.getValue() + "”";
        // what is not taken for another kind of value is only named in the sentence
        Matcher value = NAMED_VALUE.matcher(e.getOriginalMessage());
        if (value.find()) return "“" + value.group(1) + "”";
        return e.getOriginalMessage().contains("null") ? "nothing" : "something of another kind";
    }

    private static String allowed(DatabindException e) {
        return allowed(e instanceof MismatchedInputException mismatch ? mismatch.getTargetType() : null);
    }

    private static String allowed(@Nullable Class<?> wanted) {
        if (wanted == null) return "what the description at /v3/api-docs says";
        if (wanted.isEnum()) return "one of " + Spelling.allowed(wanted);
        if (wanted == double.class || wanted == Double.class) return "a number";
        if (wanted == int.class || wanted == Integer.class || wanted == long.class || wanted == Long.class)
            return "a whole number";
        if (wanted == boolean.class || wanted == Boolean.class) return "true or false";
        if (wanted == String.class) return "text";
        return List.class.isAssignableFrom(wanted) ? "a list" : "an object as the description at /v3/api-docs says";
    }
}
