package app.bittern.plan;

/// How many of something, as people say it.
public final class Count {
    private Count() {}

    /// `1 phone`, `3 phones`.
    public static String of(long many, String what) {
        return many + " " + what + (many == 1 ? "" : "s");
    }
}
