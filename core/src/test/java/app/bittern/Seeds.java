package app.bittern;

import java.util.Random;

/// Where the random plans, benches and texts of tests come from: the same every day, others at each
/// `./bittern verify --long`, which says which.
public final class Seeds {
    /// Set to what a `verify --long` said, the laws are held over the same again.
    private static final long OTHERS = Long.getLong("bittern.seeds", 0);

    /// Further than any seed that stands in a test.
    private static final long APART = 1_000_003;

    private Seeds() {}

    /// Whether a test has the plans that it has every day: what is known of them is known of no others.
    public static final boolean EVERY_DAY = OTHERS == 0;

    /// Those of one test.
    ///
    /// @param seed what this test has for its own
    public static Random random(long seed) {
        return new Random(seed + OTHERS * APART);
    }

    /// How often a law must have met what it is about, so that it says something: with the seeds of every day as often
    /// as was seen, with others half as often.
    public static int met(int everyDay) {
        return EVERY_DAY ? everyDay : everyDay / 2;
    }
}
