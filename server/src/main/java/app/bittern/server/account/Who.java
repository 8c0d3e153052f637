package app.bittern.server.account;

import java.util.Set;

/// Who asks: somebody who has signed in, or a machine with its token.
///
/// @param name       of the account; of a machine with `machine ` before it
/// @param rights     what may be done at which sites
/// @param mustChange whether the password is to be changed before anything else
/// @param factor     whether a second factor was asked for
/// @param closed     sites that ask for a second factor, where it has none
/// @param session    what tells this browser from others, and does not let anybody take it over
public record Who(
        String name,
        boolean machine,
        Rights rights,
        boolean mustChange,
        boolean factor,
        Set<String> closed,
        String session) {
    public Who {
        closed = Set.copyOf(closed);
    }
}
