package app.bittern.outline;

/// One sentence at each kind of token, with its unit and the usual value.
final class Help {
    static final String RING = "How long it rings, with the unit: 20s is usual, callers seldom wait longer than 60s.";
    static final String KEY_WAIT = "How long a key is waited for after the prompt, with the unit: 5s is usual.";
    static final String TRIES = "How often it asks, 1 to 10: 3 is usual.";
    static final String HOURS = "Days and hours, such as Mon-Fri 08:30-17:00; the end is not part of it.";
    static final String DESTINATION = "Where the call goes: find by number or name, or create it here.";
    static final String SCRIPT = "The words as they are spoken; 2.5 words are counted as one second.";
    static final String WAIT = "How long a caller waits at most before the call overflows, such as 5m.";

    private Help() {}
}
