package app.bittern.server;

import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/// Turns refusals into problem details (RFC 9457).
@RestControllerAdvice
class Refusals extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(refusal.status(), String.join(" ", refusal.says()));
        detail.setProperty("says", refusal.says());
        return ResponseEntity.of(detail).build();
    }
}
