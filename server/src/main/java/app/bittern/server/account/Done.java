package app.bittern.server.account;

import java.time.Instant;

/// Something that an account did, or that was done to it: an edit, a sign-in.
public interface Done {
    Instant getAt();

    String getKind();

    String getAccount();

    String getAddress();

    String getSays();
}
