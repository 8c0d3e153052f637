package app.bittern.server.plan;

/// Which site it is and which version its draft has: one removed and made anew under the same key is another.
///
/// @param made the number of the site among all that have been made
record Stamp(int made, long version) {
    /// Whether this is of a later version, or of a site that was made later under the same key.
    boolean laterThan(Stamp other) {
        return made == other.made ? version > other.version : made > other.made;
    }

    /// Whether a draft with this stamp is as new as one with another, and of the same site.
    boolean holds(Stamp other) {
        return made == other.made && version >= other.version;
    }
}
