package app.bittern.server.plan;

import app.bittern.plan.Plan;

/// A site's plan as it is being worked on.
///
/// @param made    the number of the site among all that have been made
/// @param version the number of its last edit
public record Draft(String site, int made, long version, Plan plan) {
    Stamp stamp() {
        return new Stamp(made, version);
    }

    /// The one that is newer: of the later version, or of the site that was made later under the same key.
    static Draft newer(Draft one, Draft other) {
        return one.stamp().laterThan(other.stamp()) ? one : other;
    }
}
