package app.bittern.graph;

/// How long a caller hears neither words nor music nor ringing on a way out of a state, in seconds.
///
/// @param heard   whether anything is heard at all
/// @param lead    from entering to what is heard first
/// @param longest within
/// @param trail   from what is heard last to leaving; where nothing is heard, all of it
public record Hush(boolean heard, long lead, long longest, long trail) {
    /// Nothing heard for so long.
    public static Hush silent(long seconds) {
        return new Hush(false, seconds, seconds, seconds);
    }

    /// Something heard all the time.
    public static final Hush SOUND = new Hush(true, 0, 0, 0);

    /// The longest silence, where it has been silent for so long before.
    public long stretch(long before) {
        return heard ? Math.max(before + lead, longest) : before + longest;
    }

    /// How long it has been silent afterwards.
    public long after(long before) {
        return heard ? trail : before + trail;
    }
}
