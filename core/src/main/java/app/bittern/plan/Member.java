package app.bittern.plan;

import java.util.List;

/// Somebody whom a group rings.
///
/// @param after   how long after the others this one begins to ring; 0 s where they ring one after another
/// @param confirm whether the person must press a key to take the call
public record Member(Party party, Seconds after, boolean confirm) {
    /// Adds a reference to each member that is an extension.
    static Link.Collector links(Link.Collector links, List<Member> members) {
        for (int index = 0; index < members.size(); index++) {
            if (members.get(index).party() instanceof Party.Inside(Ref extension)) {
                links.ref("members/" + index + "/extension", extension);
            }
        }
        return links;
    }
}
