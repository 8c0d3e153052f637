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
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// Digits that arrived on trunks and match nothing.
@Service
class Arrivals {
    private static final int MOST = 100_000;
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

    /// Whether a route takes it, whoever calls: nobody knows who did. Of an unclear arrival that is one for any number.
    private static boolean matched(Plan plan, Arrival arrival) {
        return plan.routes().called(arrival.meant(plan)).stream()
                .anyMatch(route -> route.enabled() && route.caller() instanceof Route.From.Any);
    }

    /// Notes a list of what arrived; what a route takes is counted and left.
    @Transactional
    NumbersApi.Taken take(Asked asked, NumbersApi.Arrived arrived) {
        Plan plan = asked.plan();
        Trunk trunk = trunk(plan, Optional.ofNullable(arrived.trunk()).orElse(""));
        String[] lines = Optional.ofNullable(arrived.lines()).orElse("").split("\r?\n", -1);
        if (lines.length > MOST) {
            throw Refusal.unusable("lines: found " + lines.length + "; up to " + MOST + " are allowed at once.");
        }
        int kept = 0;
        int matched = 0;
        List<String> unread = new ArrayList<>();
        for (int index = 0; index < lines.length; index++) {
            String line = lines[index].strip();
            Matcher read = LINE.matcher(line);
            if (line.isEmpty()) {
                continue;
            }
            if (!read.matches()) {
                unread.add("line " + (index + 1) + ": found '" + Problem.shown(line)
                        + "'; allowed are digits, and how often they arrived behind them.");
            } else if (matched(plan, Arrival.of(plan, trunk, read.group(1)))) {
                matched++;
            } else {
                long times = read.group(2) == null ? 1 : Math.max(1, Long.parseLong(read.group(2)));
                String digits = read.group(1);
                String on = trunk.ref().toString();
                rows.save(rows.findBySiteAndTrunkAndDigits(asked.site(), on, digits)
                        .orElseGet(() -> new ArrivalRow(asked.site(), on, digits))
                        .arrived(times, clock.instant()));
                kept++;
            }
        }
        return new NumbersApi.Taken(kept, matched, unread);
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
