package app.bittern.server.account;

import java.util.Optional;

/// Who is signed in.
///
/// @param name       absent where nobody is
/// @param mustChange whether a password of one's own is to be chosen before anything else
/// @param everySite  whether new sites can be made
public record Session(Optional<String> name, boolean mustChange, boolean everySite) {
    static final Session NOBODY = new Session(Optional.empty(), false, false);

    static Session of(Who who) {
        return new Session(
                Optional.of(who.name()), who.mustChange(), who.rights().atEverySite(Right.CHANGE));
    }
}
