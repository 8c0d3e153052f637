package app.bittern.server.account;

import java.util.Optional;

/// Who is signed in.
///
/// @param name absent where nobody is
public record Session(Optional<String> name) {}
