package app.bittern.hours;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.IntStream;

/// Weeks that take turns: in a rota of three, every third week has the same hours.
///
/// The hours of a turn are those that its weeks have most often. As many weeks take turns as leave the fewest
/// days to be told one by one, if each turn that is told saves a few. Cost: days × the most weeks.
final class Turns {
    /// A turn comes at least four times within the 53 weeks.
    private static final int MOST_WEEKS = 12;

    /// So many days must be told better for each turn that is told.
    private static final int WORTH = 4;

    private final String[][] manners;

    /// @param manners the hours of each day of the week, turn by turn
    private Turns(String[][] manners) {
        this.manners = manners;
    }

    /// @param hours of each day, in words
    static Turns of(String[] hours) {
        Turns best = of(hours, 1);
        for (int weeks = 2; weeks <= MOST_WEEKS && best.others(hours) > WORTH; weeks++) {
            Turns turns = of(hours, weeks);
            if (turns.cost(hours) < best.cost(hours)) {
                best = turns;
            }
        }
        return best;
    }

    /// The days that must be told one by one, and what the turns cost to tell.
    private int cost(String[] hours) {
        int told = (int) IntStream.range(0, weeks())
                .filter(turn -> !Arrays.stream(own(turn)).allMatch(String::isEmpty))
                .count();
        return others(hours) + WORTH * told;
    }

    private static Turns of(String[] hours, int weeks) {
        String[][] manners = new String[weeks][7];
        for (int turn = 0; turn < weeks; turn++) {
            for (int weekday = 0; weekday < 7; weekday++) {
                manners[turn][weekday] = commonest(hours, turn * 7 + weekday, weeks * 7);
            }
        }
        return new Turns(manners);
    }

    /// The commonest hours of some days, the first of equals.
    private static String commonest(String[] hours, int from, int step) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (int day = from; day < hours.length; day += step) {
            counts.merge(hours[day], 1, Integer::sum);
        }
        int most = counts.values().stream().max(Integer::compare).orElseThrow();
        return counts.entrySet().stream()
                .filter(one -> one.getValue() == most)
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    /// How many days have other hours.
    private int others(String[] hours) {
        return (int) IntStream.range(0, hours.length)
                .filter(day -> !hours[day].equals(hours(day)))
                .count();
    }

    int weeks() {
        return manners.length;
    }

    String hours(int day) {
        return manners[day / 7 % weeks()][day % 7];
    }

    /// The hours of each day of the week that all turns share; nothing where they differ.
    String[] shared() {
        return IntStream.range(0, 7)
                .mapToObj(weekday -> Arrays.stream(manners).allMatch(one -> one[weekday].equals(manners[0][weekday]))
                        ? manners[0][weekday]
                        : "")
                .toArray(String[]::new);
    }

    /// The hours of a turn on those days of the week on which turns differ.
    String[] own(int turn) {
        String[] shared = shared();
        return IntStream.range(0, 7)
                .mapToObj(weekday -> shared[weekday].isEmpty() ? manners[turn][weekday] : "")
                .toArray(String[]::new);
    }
}
