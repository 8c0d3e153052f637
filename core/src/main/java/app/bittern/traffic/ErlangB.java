package app.bittern.traffic;

/// Calls that find every channel taken and go away.
///
/// Source: A. K. Erlang, "Solution of some problems in the theory of probabilities of significance in automatic
/// telephone exchanges", 1917. Computed by the recursion of the inverse, 1/B(n) = 1 + n/A · 1/B(n−1), in which nothing
/// overflows but what is next to nothing anyway. Cost: n steps.
public final class ErlangB {
    /// The most channels that are looked at.
    public static final int MOST = 10_000_000;

    private ErlangB() {}

    /// The share of calls that are lost, 0 to 1.
    ///
    /// @param traffic  offered traffic in erlangs, 0 or more
    /// @param channels 0 or more
    public static double blocking(double traffic, int channels) {
        check(traffic, channels);
        if (traffic == 0) {
            return channels == 0 ? 1 : 0;
        }
        double inverse = 1;
        for (int n = 1; n <= channels; n++) {
            inverse = 1 + n / traffic * inverse;
            if (Double.isInfinite(inverse)) {
                return 0;
            }
        }
        return 1 / inverse;
    }

    /// The fewest channels with which at most so large a share of calls is lost.
    ///
    /// @param traffic offered traffic in erlangs
    /// @param target  more than 0, at most 1
    public static int channels(double traffic, double target) {
        check(traffic, 0);
        if (!(target > 0 && target <= 1)) {
            throw new IllegalArgumentException("a blocking of " + target + ": more than 0 and at most 1 is allowed");
        }
        double inverse = 1;
        int channels = 0;
        while (1 / inverse > target && traffic > 0) {
            channels++;
            inverse = 1 + channels / traffic * inverse;
        }
        return traffic == 0 && target < 1 ? 1 : channels;
    }

    /// The traffic that so many channels carry with a share of calls lost: found by halving, to nine digits.
    ///
    /// @param channels 1 or more
    /// @param target   more than 0, less than 1
    public static double traffic(int channels, double target) {
        if (channels < 1 || !(target > 0 && target < 1)) {
            throw new IllegalArgumentException(channels + " channels, a blocking of " + target
                    + ": 1 channel or more, and a blocking between 0 and 1 are allowed");
        }
        double low = 0;
        double high = 1;
        while (blocking(high, channels) < target) {
            high *= 2;
        }
        while (high - low > 1e-9 * high) {
            double middle = (low + high) / 2;
            if (blocking(middle, channels) < target) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    static void check(double traffic, int servers) {
        if (!(traffic >= 0 && traffic <= MOST) || servers < 0 || servers > MOST) {
            throw new IllegalArgumentException(
                    traffic + " erlangs, " + servers + " channels or agents: 0 to " + MOST + " of each are allowed");
        }
    }
}
