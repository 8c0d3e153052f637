package app.bittern.server;

import app.bittern.plan.Problem;
import app.bittern.server.guard.TooMuch;
import app.bittern.server.guard.TooSlow;
import io.github.bucket4j.BucketExceptions;
import java.net.SocketTimeoutException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/// Turns refusals into problem details (RFC 9457).
@RestControllerAdvice
class Refusals extends ResponseEntityExceptionHandler {
    private final Reach reach;

    Refusals(Reach reach) {
        this.reach = reach;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        // Said whatever was asked for: who listens for events reads it too.
        return ResponseEntity.status(refusal.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail(refusal));
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

    /// What the database could not be asked, or cannot hold; any other fault of what is kept stays one.
    @ExceptionHandler({
        DataAccessException.class,
        TransactionException.class,
        InternalAuthenticationServiceException.class,
        BucketExceptions.BucketExecutionException.class
    })
    ResponseEntity<ProblemDetail> away(RuntimeException failed) {
        if (DatabaseAway.isUnwritable(failed)) {
            return refused(Refusal.unusable("Found the character U+0000, which no text can hold."));
        }
        if (DatabaseAway.isFull(failed)) {
            logger.error("the database has no room left: " + failed);
            return refused(
                    new Refusal(
                            HttpStatus.INSUFFICIENT_STORAGE,
                            List.of(
                                    "The database has no room left: nothing was changed. Tell whoever looks after the server.")));
        }
        if (!DatabaseAway.is(failed)) {
            throw failed;
        }
        if (DatabaseAway.isBusy(failed)) {
            return refused(new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    List.of("The server has more to do just now than it can: try again in a second.")));
        }
        logger.warn("the database cannot be reached: " + failed);
        reach.lost();
        return refused(Reach.refusal());
    }

    private static ProblemDetail detail(Refusal refusal) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(refusal.status(), String.join(" ", refusal.says()));
        detail.setProperty("says", refusal.says());
        if (!refusal.clashes().isEmpty()) {
            detail.setProperty("clashes", refusal.clashes());
        }
        if (!refusal.needs().isEmpty()) {
            detail.setProperty("needs", refusal.needs());
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
                    case TooSlow slow ->
                        Stream.of(new Refusal(HttpStatus.REQUEST_TIMEOUT, List.of(String.valueOf(slow.getMessage()))));
                    // The container takes our sentence away, and answers with the status alone.
                    case SocketTimeoutException silent ->
                        Stream.of(new Refusal(
                                HttpStatus.REQUEST_TIMEOUT,
                                List.of("The rest of the request did not come, and is not waited for any longer.")));
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
