package app.bittern.server.guard;

import java.io.IOException;

/// A request comes too slowly to be waited for.
public final class TooSlow extends IOException {
    private static final long serialVersionUID = 1;

    TooSlow() {
        super("The request came too slowly, and is not waited for any longer.");
    }
}
