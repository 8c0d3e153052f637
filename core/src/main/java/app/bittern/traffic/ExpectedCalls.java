package app.bittern.traffic;

import app.bittern.call.RouteChoice;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Hours;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import app.bittern.plan.Traffic;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The calls an hour that are expected in an object, at the busiest or at an instant, as far as the plan's traffic
/// tells.
///
/// Calls of a number count in an object where its route leads there at once or by branches and announcements;
/// of the calls that come to a menu, the share that presses a key goes on with it. What forks otherwise is
/// not followed.
public final class ExpectedCalls {
    private final Plan plan;
    /// The hour that is asked about; the busiest of each number where absent.
    private final Optional<LocalDateTime> at;
    private final Map<Ref, Double> calls = new LinkedHashMap<>();
    private final Map<E164, Double> outside = new LinkedHashMap<>();

    private ExpectedCalls(Plan plan, Optional<LocalDateTime> at) {
        this.at = at;
        this.plan = plan;
    }

    /// How long a call takes an agent of a queue, with the wrap-up, in seconds.
    public static int handling(Traffic traffic, Queue queue) {
        return Math.max(1, traffic.talkIn(queue.ref()).value() + queue.wrapUp().value());
    }

    /// The calls to each object at the busiest.
    public static Map<Ref, Double> callsPerHour(Plan plan) {
        return of(plan, Optional.empty()).calls;
    }

    /// The calls that go out again to each outside number.
    public static Map<E164, Double> outside(Plan plan) {
        return of(plan, Optional.empty()).outside;
    }

    /// The calls to each object in the hour of an instant, by the case of each branch that holds then.
    ///
    /// @param at by the site's clock
    public static Map<Ref, Double> callsPerHour(Plan plan, LocalDateTime at) {
        return of(plan, Optional.of(at)).calls;
    }

    /// The calls an hour to a number at an instant, or at the busiest.
    private double rate(Traffic.Rates rates) {
        return at.map(rates::at).orElseGet(rates::busiest).doubleValue();
    }

    private static ExpectedCalls of(Plan plan, Optional<LocalDateTime> at) {
        ExpectedCalls expected = new ExpectedCalls(plan, at);
        plan.all(Traffic.class)
                .findFirst()
                .ifPresent(traffic -> traffic.numbers().forEach((number, rates) -> {
                    Map<Ref, Double> here = new LinkedHashMap<>();
                    RouteChoice.reached(plan, new E164(number.key())).stream()
                            .filter(route -> route.caller() instanceof Route.From.Any)
                            .flatMap(route -> route.to().stream())
                            .limit(1)
                            .forEach(to -> expected.follow(traffic, to, expected.rate(rates), here, new HashSet<>()));
                    here.forEach((ref, rate) -> expected.calls.merge(ref, rate, Double::sum));
                }));
        return expected;
    }

    /// The state that a branch finds at an instant, where that does not depend on the caller.
    private Optional<String> state(Branch branch, LocalDateTime instant) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                plan.find(ref, Hours.class).map(hours -> hours.at(plan.site()).stateAt(instant));
            case Branch.By.OfSwitch(Ref ref) -> plan.find(ref, Switch.class).map(Switch::now);
            case Branch.By.OfCaller caller -> Optional.empty();
            case Branch.By.OfLanguage language -> Optional.empty();
            case Branch.By.OfAsk ask -> Optional.empty();
            case Branch.By.OfLookup lookup -> Optional.empty();
        };
    }

    /// Goes on to where calls may be at the busiest: of several cases each counts in full, as any may hold
    /// then.
    private void follow(Traffic traffic, Destination to, double rate, Map<Ref, Double> here, Set<Ref> passed) {
        if (to instanceof Destination.Outside(E164 number)) {
            outside.merge(number, rate, Double::sum);
        }
        Optional<PlanObject> object = to.target().filter(passed::add).flatMap(plan::find);
        if (object.isEmpty()) {
            return;
        }
        switch (object.get()) {
            case Branch branch -> {
                Optional<String> holds = at.flatMap(instant -> state(branch, instant));
                holds.flatMap(state ->
                                Optional.ofNullable(branch.cases().get(state)).or(branch::otherwise))
                        .ifPresentOrElse(one -> follow(traffic, one.to(), rate, here, passed), () -> {
                            branch.cases().values().forEach(one -> follow(traffic, one.to(), rate, here, passed));
                            branch.otherwise().ifPresent(one -> follow(traffic, one.to(), rate, here, passed));
                        });
            }
            case Announcement announcement -> {
                here.merge(announcement.ref(), rate, Math::max);
                announcement.to().ifPresent(one -> follow(traffic, one, rate, here, passed));
            }
            case Menu menu -> {
                here.merge(menu.ref(), rate, Math::max);
                traffic.choices()
                        .getOrDefault(menu.ref(), Map.of())
                        .forEach((key, share) -> Optional.ofNullable(menu.keys().get(key))
                                .flatMap(Menu.OnKey::to)
                                .ifPresent(one -> follow(
                                        traffic,
                                        one,
                                        rate * share.percent().doubleValue() / 100,
                                        here,
                                        new HashSet<>(passed))));
            }
            case Ask ask -> here.merge(ask.ref(), rate, Math::max);
            case Group group -> here.merge(group.ref(), rate, Math::max);
            case Queue queue -> here.merge(queue.ref(), rate, Math::max);
            case Extension extension -> {
                here.merge(extension.ref(), rate, Math::max);
                extension.forward().always().ifPresent(always -> follow(traffic, always, rate, here, passed));
            }
            case Chain chain -> here.merge(chain.ref(), rate, Math::max);
            case Mailbox mailbox -> here.merge(mailbox.ref(), rate, Math::max);
            case Page page -> here.merge(page.ref(), rate, Math::max);
            case Route route -> {}
            case Code code -> {}
            case Switch turned -> {}
            case Outbound outbound -> {}
            case Aside aside -> {}
        }
    }
}
