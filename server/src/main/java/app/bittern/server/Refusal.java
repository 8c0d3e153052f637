package app.bittern.server;

import java.util.List;
import org.springframework.http.HttpStatus;

/// A request that cannot be carried out, with a sentence for each reason.
public class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final HttpStatus status;
    private final transient List<String> says;

    public Refusal(HttpStatus status, List<String> says) {
        super(String.join(" ", says));
        this.status = status;
        this.says = List.copyOf(says);
    }

    /// What was given cannot be used.
    public static Refusal unusable(String says) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, List.of(says));
    }

    /// What was asked for is not there.
    public static Refusal missing(String says) {
        return new Refusal(HttpStatus.NOT_FOUND, List.of(says));
    }

    HttpStatus status() {
        return status;
    }

    List<String> says() {
        return says;
    }
}
