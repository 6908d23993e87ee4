package olla.server.web;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import olla.core.units.Refusal;
import olla.core.units.RefusedInput;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as problem details (RFC 9457) with a line for each field in {@code errors}. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedInput refused) {
        return badInput(refused.refusals());
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere missing) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notNow(NotNow conflict) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changedSince(ChangedSince changed) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_FAILED, changed.getMessage());
    }

    @ExceptionHandler
    ProblemDetail noRoom(NoRoom full) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INSUFFICIENT_STORAGE, full.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy busy) {
        return laterPlease(busy.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooMany tooMany) {
        return laterPlease(HttpStatus.TOO_MANY_REQUESTS, tooMany.getMessage());
    }

    /** Whoever asked has hung up: nobody hears this. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> givenUp(CancellationException givenUp) {
        return laterPlease("Nobody waited for this any more.");
    }

    private static ResponseEntity<ProblemDetail> laterPlease(String detail) {
        return laterPlease(HttpStatus.SERVICE_UNAVAILABLE, detail);
    }

    private static ResponseEntity<ProblemDetail> laterPlease(HttpStatus status, String detail) {
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, "1")
                .body(ProblemDetail.forStatusAndDetail(status, detail));
    }

    /** Two at once: the same new row twice. */
    @ExceptionHandler
    ProblemDetail changedMeanwhile(DataIntegrityViolationException twice) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "Somebody else changed this just now. Look again, then repeat.");
    }

    /** Nobody knows whether it was stored: the connection may have gone before it or after it. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> storeOutOfReach(Exception lost) {
        LOG.warn("The store is out of reach: {}", lost.getMessage());
        return laterPlease("The log cannot be reached just now. Say it again as it was: it counts once.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        ProblemDetail problem = badInput(List.of(refusal(unreadable.getCause())));
        return ResponseEntity.badRequest().headers(headers).body(problem);
    }

    private static ProblemDetail badInput(List<Refusal> refusals) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, refusals.stream().map(Refusal::message).collect(Collectors.joining(" ")));
        problem.setTitle("That cannot be");
        problem.setProperty("errors", refusals);
        return problem;
    }

    private static Refusal refusal(Throwable cause) {
        if (cause instanceof StreamConstraintsException) {
            return new Refusal("", "This is longer or deeper than any question is.");
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return new Refusal(path(unknown), "There is no field “" + unknown.getPropertyName() + "” here.");
        }
        if (cause instanceof InvalidFormatException wrong
                && wrong.getTargetType().isEnum()) {
            String known = Arrays.stream(wrong.getTargetType().getEnumConstants())
                    .map(Object::toString)
                    .collect(Collectors.joining(", "));
            return new Refusal(path(wrong), "“" + wrong.getValue() + "” is none of " + known + ".");
        }
        if (cause instanceof InvalidFormatException wrong && wrong.getValue() instanceof Double value) {
            return new Refusal(path(wrong), value + " is no amount that a kitchen has.");
        }
        if (cause instanceof MismatchedInputException mismatched) {
            return new Refusal(path(mismatched), "This needs " + kind(mismatched.getTargetType()) + ".");
        }
        if (cause instanceof JsonProcessingException broken && broken.getLocation() != null) {
            boolean twice = String.valueOf(broken.getOriginalMessage()).startsWith("Duplicate field");
            return new Refusal(
                    "",
                    (twice ? "A field stands here twice (line " : "This is not readable JSON (line ")
                            + broken.getLocation().getLineNr() + ", column "
                            + broken.getLocation().getColumnNr() + ").");
        }
        return new Refusal("", "There is nothing readable here.");
    }

    private static String kind(Class<?> type) {
        if (type == null) {
            return "another kind of value";
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class) {
            return "a number";
        }
        if (type == Boolean.class || type == boolean.class) {
            return "true or false";
        }
        if (type == String.class) {
            return "text in quotes";
        }
        return List.class.isAssignableFrom(type) ? "a list" : "an object in braces";
    }

    private static String path(JsonMappingException at) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference step : at.getPath()) {
            if (step.getFieldName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getFieldName());
            }
        }
        return path.toString();
    }
}
