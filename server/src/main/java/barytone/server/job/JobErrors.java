package barytone.server.job;

import barytone.server.web.ChangedMeanwhileException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What can go wrong with a job, told to the page with a {@code code} it can act on. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class JobErrors {
    private static final Logger LOG = LoggerFactory.getLogger(JobErrors.class);

    @ExceptionHandler
    ProblemDetail none(NoSuchJobException e) {
        return problem(HttpStatus.NOT_FOUND, "no-such-job", e);
    }

    @ExceptionHandler
    ProblemDetail changed(ChangedMeanwhileException e) {
        return problem(HttpStatus.CONFLICT, "changed-meanwhile", e);
    }

    @ExceptionHandler
    ProblemDetail moveChanged(MoveChangedException e) {
        return problem(HttpStatus.CONFLICT, "move-changed", e);
    }

    @ExceptionHandler
    ProblemDetail closed(JobClosedException e) {
        return problem(HttpStatus.CONFLICT, "closed", e);
    }

    @ExceptionHandler
    ProblemDetail stopped(DamageStopsException e) {
        return problem(HttpStatus.CONFLICT, "damage", e);
    }

    @ExceptionHandler
    ProblemDetail outside(OutsideAgreementException e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "outside", e);
        problem.setProperty("station", e.station());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail odd(OddValueException e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "sure", e);
        if (e.suggestion() != null) {
            problem.setProperty("suggestion", e.suggestion());
            problem.setProperty("suggested", e.suggested());
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail keyUsed(KeyUsedException e) {
        return problem(HttpStatus.CONFLICT, "key-used", e);
    }

    /** An own shortcoming, not bad input, but where it was refused nothing happened. */
    @ExceptionHandler
    ProblemDetail cannotBeShown(CannotBeShownException e) {
        LOG.error("A job cannot be shown", e);
        return problem(
                e.refused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.INTERNAL_SERVER_ERROR,
                e.refused() ? "would-not-be-shown" : "cannot-be-shown",
                e);
    }

    private static ProblemDetail problem(HttpStatus status, String code, Exception e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, String.valueOf(e.getMessage()));
        problem.setProperty("code", code);
        return problem;
    }
}
