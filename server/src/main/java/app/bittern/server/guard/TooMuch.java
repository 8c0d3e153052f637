package app.bittern.server.guard;

import java.io.IOException;

/// A request has brought more than it may.
public final class TooMuch extends IOException {
    private static final long serialVersionUID = 1;

    private final String says;

    TooMuch(String says) {
        super(says);
        this.says = says;
    }

    public String says() {
        return says;
    }
}
