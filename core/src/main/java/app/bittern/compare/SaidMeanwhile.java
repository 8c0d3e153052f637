package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Carried;
import app.bittern.call.Heard;
import app.bittern.call.Staging;
import app.bittern.call.State;
import app.bittern.call.Visit;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// What objects that only pass a call on have said to it one after another, as a number for each such row: 0
/// for nothing.
///
/// The same row has the same number, so that places on the way are told apart by it in no time.
final class SaidMeanwhile {
    static final int NOTHING = 0;

    /// What an announcement says depends on the state alone.
    private static final Bench ANY =
            Bench.of(E164.parse("+447700900000").orElseThrow(), new Caller.Withheld(), Instant.EPOCH);

    private final List<Row> rows = new ArrayList<>();
    private final Map<Row, Integer> known = new HashMap<>();

    /// A row with one more announcement.
    private record Row(int earlier, Ref at, int seconds, List<Heard> hears) {}

    /// A row as a whole.
    record Passed(List<Ref> at, int seconds, List<String> words) {
        boolean alike(Passed other) {
            return seconds == other.seconds && words.equals(other.words);
        }
    }

    /// What has been said behind an object that passes a call on.
    int and(int earlier, Plan plan, State state) {
        if (state.at().kind() != Kind.ANNOUNCEMENT) {
            return earlier;
        }
        Staging.Staged said = Staging.decided(plan, state, Visit.NONE, ANY, Carried.NOTHING);
        return known.computeIfAbsent(new Row(earlier, state.at(), said.after(), said.hears()), row -> {
            rows.add(row);
            return rows.size();
        });
    }

    Passed passed(int row) {
        List<Ref> at = new ArrayList<>();
        List<Heard> hears = new ArrayList<>();
        int seconds = 0;
        for (int here = row; here != NOTHING; here = rows.get(here - 1).earlier()) {
            Row one = rows.get(here - 1);
            at.add(one.at());
            hears.addAll(one.hears().reversed());
            seconds += one.seconds();
        }
        return new Passed(at.reversed(), seconds, TreatedOtherwise.words(hears.reversed()));
    }
}
