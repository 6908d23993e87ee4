package olla.server.web;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;
import olla.server.messages.Sentences;
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
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

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
        return told(HttpStatus.NOT_FOUND, missing.why());
    }

    @ExceptionHandler
    ProblemDetail notNow(NotNow conflict) {
        return told(HttpStatus.CONFLICT, conflict.why());
    }

    @ExceptionHandler
    ProblemDetail changedSince(ChangedSince changed) {
        return told(HttpStatus.PRECONDITION_FAILED, changed.why());
    }

    @ExceptionHandler
    ProblemDetail noRoom(NoRoom full) {
        return told(HttpStatus.INSUFFICIENT_STORAGE, full.why());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy busy) {
        return laterPlease(busy.why());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooMany tooMany) {
        return laterPlease(HttpStatus.TOO_MANY_REQUESTS, tooMany.why());
    }

    /** Whoever asked has hung up: nobody hears this. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> givenUp(CancellationException givenUp) {
        return laterPlease(Message.of("busy.nobody-waited"));
    }

    private static ResponseEntity<ProblemDetail> laterPlease(Message why) {
        return laterPlease(HttpStatus.SERVICE_UNAVAILABLE, why);
    }

    private static ResponseEntity<ProblemDetail> laterPlease(HttpStatus status, Message why) {
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, "1")
                .body(told(status, why));
    }

    /** Two at once: the same new row twice. */
    @ExceptionHandler
    ProblemDetail changedMeanwhile(DataIntegrityViolationException twice) {
        return told(HttpStatus.CONFLICT, Message.of("changed.just-now"));
    }

    /** Nobody knows whether it was stored: the connection may have gone before it or after it. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> storeOutOfReach(Exception lost) {
        LOG.warn("The store is out of reach: {}", lost.getMessage());
        return laterPlease(Message.of("busy.store"));
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

    private static ProblemDetail told(HttpStatus status, Message why) {
        return ProblemDetail.forStatusAndDetail(status, Sentences.here().say(why));
    }

    private static ProblemDetail badInput(List<Refusal> refusals) {
        Message all = Message.sentences(refusals.stream().map(Refusal::message).toArray(Message[]::new));
        ProblemDetail problem = told(HttpStatus.BAD_REQUEST, all);
        problem.setTitle(Sentences.here().say(Message.of("refusal.title")));
        problem.setProperty("errors", refusals);
        return problem;
    }

    private static Refusal refusal(Throwable cause) {
        String field = cause instanceof DatabindException at ? path(at) : "";
        if (cause instanceof StreamConstraintsException) {
            return refusal("", "refusal.too-long-or-deep");
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return refusal(field, "refusal.unknown-field", "name", unknown.getPropertyName());
        }
        if (cause instanceof InvalidFormatException wrong
                && wrong.getTargetType().isEnum()) {
            List<String> choices = Arrays.stream(wrong.getTargetType().getEnumConstants())
                    .map(Object::toString)
                    .toList();
            return refusal(field, "refusal.none-of", "value", String.valueOf(wrong.getValue()), "choices", choices);
        }
        if (cause instanceof InvalidFormatException wrong && wrong.getValue() instanceof Double value) {
            return refusal(field, "refusal.no-amount", "value", String.valueOf(value));
        }
        if (cause instanceof MismatchedInputException mismatched) {
            return refusal(field, "refusal.needs", "kind", kind(mismatched.getTargetType()));
        }
        if (cause instanceof JacksonException broken && broken.getLocation() != null) {
            boolean twice = String.valueOf(broken.getOriginalMessage()).startsWith("Duplicate field");
            return refusal(
                    "",
                    twice ? "refusal.field-twice" : "refusal.no-json",
                    "line",
                    broken.getLocation().getLineNr(),
                    "column",
                    broken.getLocation().getColumnNr());
        }
        return refusal("", "refusal.nothing-readable");
    }

    private static Refusal refusal(String field, String key, Object... namesAndValues) {
        return new Refusal(field, Message.of(key, namesAndValues));
    }

    private static Message kind(Class<?> type) {
        if (type == null) {
            return Message.of("kind.other");
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class) {
            return Message.of("kind.number");
        }
        if (type == Boolean.class || type == boolean.class) {
            return Message.of("kind.truth");
        }
        if (type == String.class) {
            return Message.of("kind.text");
        }
        return Message.of(List.class.isAssignableFrom(type) ? "kind.list" : "kind.object");
    }

    private static String path(DatabindException at) {
        StringBuilder path = new StringBuilder();
        for (DatabindException.Reference step : at.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.toString();
    }
}
