package app.bittern.server;

import java.util.List;
import org.springframework.http.HttpStatus;

/// A request that cannot be carried out, with a sentence for each reason.
public class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final HttpStatus status;
    private final transient List<String> says;
    private final transient List<?> clashes;
    private final String needs;

    public Refusal(HttpStatus status, List<String> says) {
        this(status, says, List.of(), "");
    }

    private Refusal(HttpStatus status, List<String> says, List<?> clashes, String needs) {
        super(String.join(" ", says));
        this.status = status;
        this.says = List.copyOf(says);
        this.clashes = List.copyOf(clashes);
        this.needs = needs;
    }

    /// Somebody else has changed the same meanwhile.
    ///
    /// @param clashes what has been changed by whom, both values of each
    public static Refusal clash(List<String> says, List<?> clashes) {
        return new Refusal(HttpStatus.CONFLICT, says, clashes, "");
    }

    /// What was given cannot be used.
    public static Refusal unusable(String says) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, List.of(says));
    }

    /// What was asked for is not there.
    public static Refusal missing(String says) {
        return new Refusal(HttpStatus.NOT_FOUND, List.of(says));
    }

    /// Who signs in has to give something besides, such as a `code`.
    public static Refusal needing(String needs, String says) {
        return new Refusal(HttpStatus.UNAUTHORIZED, List.of(says), List.of(), needs);
    }

    /// What is needed besides; empty where that is not it.
    String needs() {
        return needs;
    }

    public HttpStatus status() {
        return status;
    }

    public List<String> says() {
        return says;
    }

    List<?> clashes() {
        return clashes;
    }
}
