package app.bittern.callset;

import static app.bittern.Plans.branch;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.none;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Condition;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What is said of a set of calls is that set.
class CallWordsTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final Ref OFFICE = ref("hours/office");
    private static final Ref TIMETABLE = ref("switch/timetable");

    private static Ref ref(String text) {
        return Ref.parse(text).orElseThrow();
    }

    /// A set made of a plan's own conditions: some of them, joined and taken away from each other.
    private static CallSet random(CallClasses classes, List<Condition> conditions, Random random) {
        CallSet set = random.nextBoolean() ? classes.all() : classes.none();
        for (int times = 0; times < 1 + random.nextInt(5); times++) {
            CallSet one = classes.of(0, conditions.get(random.nextInt(conditions.size())));
            set = switch (random.nextInt(3)) {
                case 0 -> set.and(one);
                case 1 -> set.or(one);
                case 2 -> set.minus(one);
                default -> throw new IllegalStateException();
            };
        }
        return set;
    }

    private static List<Condition> conditions(Plan plan) {
        List<Condition> all = new ArrayList<>(List.of(
                new Condition.CallerIs(List.of(), Optional.of(new Route.From.Withheld())),
                new Condition.CallerIs(List.of(), Optional.of(new Route.From.Unavailable())),
                new Condition.CallerIs(List.of(new Route.From.Tag("vip")), Optional.empty()),
                new Condition.CallerIs(List.of(), Optional.of(new Route.From.Tag("vip")))));
        plan.all(app.bittern.plan.Hours.class)
                .forEach(one ->
                        one.calendar().names().forEach(state -> all.add(new Condition.HoursIn(one.ref(), state))));
        plan.all(Switch.class)
                .forEach(one -> one.positions().forEach(at -> all.add(new Condition.SwitchIn(one.ref(), at))));
        return all;
    }

    /// No call is in two products of a set, every call of the set is in one, and none that is not of it.
    @Test
    void theProductsOfASetShareNoCallAndTogetherAreTheSet() {
        Random random = Seeds.random(71);
        int several = 0;
        for (int plans = 0; plans < 60; plans++) {
            Plan plan = RandomPlans.plan(random);
            CallClasses classes = new CallClasses(List.of(plan), HORIZON);
            CallWords words = new CallWords(classes);
            List<Condition> conditions = conditions(plan);
            for (int sets = 0; sets < 10; sets++) {
                CallSet set = random(classes, conditions, random);
                CallWords.Products products = words.products(set);
                assertThat(products.whole()).isTrue();
                several += products.list().size() > 1 ? 1 : 0;
                for (int calls = 0; calls < 60; calls++) {
                    holds(classes, set, products, random);
                }
            }
        }
        assertThat(several).as("sets of more than one product").isGreaterThan(Seeds.met(60));
    }

    private static void holds(CallClasses classes, CallSet set, CallWords.Products products, Random random) {
        Caller caller = classes.callers().get(random.nextInt(classes.callers().size()));
        LocalDateTime at = LocalDate.of(2026, 11, 23).atStartOfDay().plusMinutes(15L * random.nextInt(370 * 96));
        Map<Ref, String> turned = new LinkedHashMap<>();
        classes.switches()
                .forEach(one -> turned.put(
                        one.ref(),
                        one.positions().get(random.nextInt(one.positions().size()))));
        boolean in = set.holds(classes.like(0, caller, at, turned));
        long said = products.list().stream()
                .filter(product -> product.times().contains(at))
                .filter(product ->
                        product.callers().isEmpty() || product.callers().contains(caller))
                .filter(product -> product.switches().entrySet().stream()
                        .allMatch(one -> one.getValue().contains(turned.get(one.getKey()))))
                .count();
        assertThat(said).isEqualTo(in ? 1 : 0);
    }

    private static Plan ferry() {
        return to("branch/open", branch("open", "office", "open", "branch/which", "closed", "busy"))
                .with(hours("office", "open: Mon-Fri 08:30-17:00", "closed"))
                .with(new Switch(
                        "timetable",
                        Optional.of("Timetable"),
                        none(),
                        none(),
                        List.of("printed", "reduced"),
                        "printed",
                        none(),
                        none()))
                .with(new Branch(
                        "which",
                        none(),
                        none(),
                        none(),
                        new Branch.By.OfSwitch(TIMETABLE),
                        Map.of("printed", Plans.leads("branch/who")),
                        Optional.of(Plans.leads("busy"))))
                .with(new Branch(
                        "who",
                        none(),
                        none(),
                        none(),
                        new Branch.By.OfCaller(),
                        Map.of("tag haulier", Plans.leads("hang-up")),
                        Optional.of(Plans.leads("busy"))))
                .with(new Contact(
                        new E164("+447700900500"), none(), none(), none(), none(), List.of("haulier"), none()));
    }

    @Test
    void aSetIsSaidByItsTimesItsCallersAndItsSwitches() {
        CallClasses classes = new CallClasses(List.of(ferry()), HORIZON);
        CallWords words = new CallWords(classes);
        CallSet open = classes.of(0, new Condition.HoursIn(OFFICE, "open"));
        CallSet reduced = classes.of(0, new Condition.SwitchIn(TIMETABLE, "reduced"));
        CallSet hauliers = classes.of(0, new Condition.CallerIs(List.of(), Optional.of(new Route.From.Tag("haulier"))));
        assertThat(words.words(classes.none())).isEqualTo("never");
        assertThat(words.words(classes.all())).isEqualTo("always");
        assertThat(words.words(open)).isEqualTo("Mon–Fri 08:30–17:00");
        assertThat(words.words(open.and(reduced))).isEqualTo("Mon–Fri 08:30–17:00, Timetable at reduced");
        assertThat(words.words(hauliers)).isEqualTo("always, callers tagged haulier");
    }

    /// Open hours for everybody and always for hauliers are not "always for everybody", as the sums of their
    /// times and of their callers would be.
    @Test
    void whatHangsTogetherIsSaidAsSeveralProducts() {
        CallClasses classes = new CallClasses(List.of(ferry()), HORIZON);
        CallSet open = classes.of(0, new Condition.HoursIn(OFFICE, "open"));
        CallSet hauliers = classes.of(0, new Condition.CallerIs(List.of(), Optional.of(new Route.From.Tag("haulier"))));
        assertThat(new CallWords(classes).words(open.or(hauliers)))
                .isEqualTo("always, callers tagged haulier; or Mon–Fri 08:30–17:00, other callers");
    }

    /// Those without a number are said together unless the plan tells them apart.
    @Test
    void callersWithoutANumberAreSaidTogetherOrApart() {
        Route together = Plans.route("main", new Route.Called.Any(), new Route.From.Any(), Optional.empty(), "busy");
        Plan plan = Plans.to("busy")
                .with(new Route(
                        "main",
                        together.name(),
                        together.note(),
                        together.called(),
                        together.caller(),
                        together.holdsWhile(),
                        Route.Before.none(),
                        true,
                        together.to(),
                        Destination.parse("hang-up"),
                        together.sets(),
                        together.dress()));
        assertThat(who(plan, new Route.From.Without())).contains("callers without a number");
        Plan apart = plan.with(
                Plans.route("w", new Route.Called.Any(), new Route.From.Withheld(), Optional.empty(), "hang-up"));
        assertThat(who(apart, new Route.From.Withheld())).contains("withheld callers");
        assertThat(who(apart, new Route.From.Unavailable())).contains("callers whose number is unavailable");
        assertThat(who(apart, new Route.From.Without())).contains("callers without a number");
    }

    @Test
    void aNumberThatStandsForItsClassIsWrittenAsInTheCountry() {
        Plan plan = Plans.to("busy")
                .with(Plans.route(
                        "w",
                        new Route.Called.Any(),
                        new Route.From.Prefix("+4416329609"),
                        Optional.empty(),
                        "hang-up"));
        assertThat(who(plan, new Route.From.Prefix("+4416329609")))
                .hasValueSatisfying(words -> assertThat(words).matches("callers such as 01632 9609[0-9]{2}"));
    }

    private static Optional<String> who(Plan plan, Route.From from) {
        CallClasses classes = new CallClasses(List.of(plan), HORIZON);
        CallSet set = classes.of(0, new Condition.CallerIs(List.of(), Optional.of(from)));
        return new CallWords(classes).products(set).list().getFirst().who();
    }
}
