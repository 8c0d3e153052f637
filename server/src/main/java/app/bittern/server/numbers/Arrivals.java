package app.bittern.server.numbers;

import app.bittern.call.Arrival;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Trunk;
import app.bittern.server.Refusal;
import app.bittern.server.plan.Asked;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// Digits that arrived on trunks and match nothing.
@Service
class Arrivals {
    private static final int MOST = 20_000;
    private static final int LONGEST = 200;
    private static final Pattern LINE = Pattern.compile("(\\+?[0-9]{1,20})(?:[\\s;,x×]+([0-9]{1,9}))?");

    private final ArrivalRows rows;
    private final Clock clock;

    Arrivals(ArrivalRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    private static Trunk trunk(Plan plan, String trunk) {
        return Ref.parse(trunk)
                .flatMap(ref -> plan.find(ref, Trunk.class))
                .orElseThrow(() -> Refusal.unusable("trunk: found '" + Problem.shown(trunk)
                        + "'; allowed is a trunk of the plan, such as "
                        + plan.all(Trunk.class)
                                .findFirst()
                                .map(one -> one.ref().toString())
                                .orElse("one that is made first")
                        + "."));
    }

    /// Whether a route takes it, whoever calls: nobody knows who did. Of an unclear arrival that is one for any
    /// number.
    private static boolean matched(Plan plan, Arrival arrival) {
        return plan.routes().called(arrival.meant(plan)).stream()
                .anyMatch(route -> route.enabled() && route.caller() instanceof Route.From.Any);
    }

    /// A list of what arrived.
    ///
    /// @param came   how often each of the digits did, in the order in which they came first
    /// @param unread what is no digits, a sentence a line
    record Listed(Map<String, Came> came, List<String> unread) {}

    /// @param lines in which they stand
    private record Came(int lines, long times) {
        Came and(Came more) {
            return new Came(lines + more.lines, times + more.times);
        }
    }

    static Listed read(String text) {
        String[] lines = text.split("\r?\n", -1);
        if (lines.length > MOST) {
            throw Refusal.unusable("lines: found " + lines.length + "; up to " + MOST + " are allowed at once.");
        }
        Map<String, Came> came = new LinkedHashMap<>();
        List<String> unread = new ArrayList<>();
        for (int index = 0; index < lines.length; index++) {
            String line = lines[index].strip();
            Matcher read = LINE.matcher(line.substring(0, Math.min(LONGEST, line.length())));
            if (line.isEmpty()) {
                continue;
            }
            if (line.length() <= LONGEST && read.matches()) {
                long times = read.group(2) == null ? 1 : Math.max(1, Long.parseLong(read.group(2)));
                came.merge(read.group(1), new Came(1, times), Came::and);
            } else {
                unread.add("line " + (index + 1) + ": found '" + Problem.shown(line)
                        + "'; allowed are digits, and how often they arrived behind them.");
            }
        }
        return new Listed(came, unread);
    }

    /// Notes a list of what arrived; what a route takes is counted and left.
    @Transactional
    NumbersApi.Taken take(Asked asked, NumbersApi.Arrived arrived, Listed listed) {
        Plan plan = asked.plan();
        Trunk trunk = trunk(plan, Optional.ofNullable(arrived.trunk()).orElse(""));
        String on = trunk.ref().toString();
        int kept = 0;
        int matched = 0;
        for (Map.Entry<String, Came> one : listed.came().entrySet()) {
            if (matched(plan, Arrival.of(plan, trunk, one.getKey()))) {
                matched += one.getValue().lines();
            } else {
                rows.save(rows.findBySiteAndTrunkAndDigits(asked.site(), on, one.getKey())
                        .orElseGet(() -> new ArrivalRow(asked.site(), on, one.getKey()))
                        .arrived(one.getValue().times(), clock.instant()));
                kept += one.getValue().lines();
            }
        }
        return new NumbersApi.Taken(kept, matched, listed.unread());
    }

    /// What matches nothing in a plan; what has been given a route since is not in it.
    NumbersApi.ArrivalsView unmatched(Asked asked) {
        Plan plan = asked.plan();
        ZoneId zone = plan.site().timeZone();
        List<NumbersApi.ArrivalView> all = new ArrayList<>();
        for (ArrivalRow row : rows.findBySiteOrderByLastDescIdDesc(asked.site())) {
            Optional<Trunk> trunk = Ref.parse(row.trunk()).flatMap(ref -> plan.find(ref, Trunk.class));
            Optional<Arrival> arrival = trunk.map(one -> Arrival.of(plan, one, row.digits()));
            if (arrival.filter(one -> matched(plan, one)).isPresent()) {
                continue;
            }
            Optional<E164> means = arrival.flatMap(one -> one.meant(plan));
            all.add(new NumbersApi.ArrivalView(
                    row.id(),
                    row.digits(),
                    row.trunk(),
                    trunk.map(PlanObject::title).orElse(row.trunk() + " (not there)"),
                    row.times(),
                    LocalDateTime.ofInstant(row.last(), zone)
                            .truncatedTo(ChronoUnit.MINUTES)
                            .toString(),
                    means.map(E164::text),
                    means.map(E164::international),
                    why(arrival),
                    row.isOurs()));
        }
        return new NumbersApi.ArrivalsView(asked.version(), all);
    }

    private static String why(Optional<Arrival> arrival) {
        if (arrival.isEmpty()) {
            return "its trunk is not in the plan";
        }
        return arrival.get() instanceof Arrival.Unclear unclear ? unclear.because() : "no route is for it";
    }

    /// Says of digits whether they are one of ours, and nothing to do.
    @Transactional
    void tell(String site, NumbersApi.Told told) {
        rows.findById(told.id())
                .filter(row -> row.site().equals(site))
                .orElseThrow(() -> Refusal.missing("There is no such arrival."))
                .ours(told.ours());
    }
}
