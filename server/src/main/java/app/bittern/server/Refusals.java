package app.bittern.server;

import app.bittern.plan.Problem;
import app.bittern.server.guard.TooMuch;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/// Turns refusals into problem details (RFC 9457).
@RestControllerAdvice
class Refusals extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        return ResponseEntity.of(detail(refusal)).build();
    }

    /// What was being computed of a draft has ended, as the draft was changed.
    @ExceptionHandler
    ResponseEntity<ProblemDetail> overtaken(CancellationException overtaken) {
        return refused(
                new Refusal(
                        HttpStatus.CONFLICT,
                        List.of(
                                "The draft was changed, or something newer asked, while this was being computed: ask again for what holds now.")));
    }

    /// The database is away, or does not answer.
    @ExceptionHandler({
        CannotCreateTransactionException.class,
        DataAccessResourceFailureException.class,
        TransactionSystemException.class,
        QueryTimeoutException.class
    })
    ResponseEntity<ProblemDetail> away(RuntimeException away) {
        logger.warn("the database cannot be reached: " + away);
        return refused(new Refusal(
                HttpStatus.SERVICE_UNAVAILABLE,
                List.of("The database cannot be reached just now: try again in some seconds.")));
    }

    private static ProblemDetail detail(Refusal refusal) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(refusal.status(), String.join(" ", refusal.says()));
        detail.setProperty("says", refusal.says());
        if (!refusal.clashes().isEmpty()) {
            detail.setProperty("clashes", refusal.clashes());
        }
        return detail;
    }

    /// A body that is no JSON, or not of the shape that is asked for.
    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Refusal refusal = causes(unreadable)
                .flatMap(cause -> switch (cause) {
                    case Refusal ours -> Stream.of(ours);
                    case TooMuch more -> Stream.of(new Refusal(HttpStatus.CONTENT_TOO_LARGE, List.of(more.says())));
                    default -> Stream.<Refusal>empty();
                })
                .findFirst()
                .orElseGet(() -> new Refusal(HttpStatus.BAD_REQUEST, List.of(says(unreadable))));
        return handleExceptionInternal(unreadable, detail(refusal), headers, refusal.status(), request);
    }

    private static String says(HttpMessageNotReadableException unreadable) {
        Optional<DatabindException> misfit = causes(unreadable)
                .flatMap(cause -> cause instanceof DatabindException one ? Stream.of(one) : Stream.empty())
                .findFirst();
        return misfit.map(one -> one instanceof UnrecognizedPropertyException unknown
                        ? "found the unknown field '" + Problem.shown(unknown.getPropertyName())
                                + "'; allowed is one of "
                                + unknown.getKnownPropertyIds().stream()
                                        .map(Object::toString)
                                        .sorted()
                                        .collect(Collectors.joining(", "))
                                + "."
                        : where(one) + ": found something else than what belongs there.")
                .orElse("The body of the request is not JSON that can be read.");
    }

    private static String where(DatabindException misfit) {
        String path = misfit.getPath().stream()
                .map(step -> step.getPropertyName() == null
                        ? Integer.toString(step.getIndex())
                        : Problem.shown(step.getPropertyName()))
                .collect(Collectors.joining("/"));
        return path.isEmpty() ? "The body" : path;
    }

    private static Stream<Throwable> causes(Throwable outermost) {
        return Stream.iterate(outermost, cause -> cause != null, Throwable::getCause);
    }
}
