package app.bittern.call;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.announcement;
import static app.bittern.Plans.branch;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.leads;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.route;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Sets;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What calls do, by the windows and rules of each kind of object.
class TraceTest {
    private static final Instant TUESDAY = Instant.parse("2026-11-24T10:15:00Z");
    private static final Caller ANYBODY = new Caller.Known(new E164("+447700900123"));

    /// A call with keys such as `1,-,!5` and phones such as `2001=busy`; its ending and second as text.
    private static String ends(Plan plan, String keys, String... phones) {
        Trace trace = trace(plan, keys, phones);
        Ending ending = trace.ending();
        return ending.kind().word() + " " + ending.in()
                + ending.by().map(by -> " by " + by).orElse("")
                + ending.cause().map(cause -> " " + cause.word()).orElse("") + " " + trace.second();
    }

    private static Trace trace(Plan plan, String keys, String... phones) {
        Map<String, List<Reaction>> states = new LinkedHashMap<>();
        Arrays.stream(phones)
                .map(phone -> phone.split("=", 2))
                .forEach(phone ->
                        states.put(phone[0], Reaction.parseAll(phone[1]).orElseThrow()));
        List<KeyPress> pressed = keys.isEmpty()
                ? List.of()
                : Arrays.stream(keys.split(",", -1))
                        .map(key -> KeyPress.parse(key).orElseThrow())
                        .toList();
        return Tracer.trace(plan, new Bench(MAIN, ANYBODY, TUESDAY, pressed, states));
    }

    /// P = 12 s (30 words), W = 5 s, 3 tries, S = 2 s (5 words), B = 4 s (10 words).
    private static Plan menuPlan(boolean bargeIn) {
        return to(
                "menu/front",
                menu("front", bargeIn, true, "hang-up", "1", "mailbox/one", "7", "repeat", "9", "back"),
                mailbox("one"),
                extension("2014", none()),
                prompt("ask", 30),
                prompt("no-key", 5),
                prompt("wrong-key", 10),
                prompt("greeting", 7));
    }

    @Test
    void aKeyIsPressedWhenThePromptHasEndedOrAtOnce() {
        assertThat(ends(menuPlan(true), "1")).isEqualTo("message mailbox/one 12");
        assertThat(ends(menuPlan(true), "!1")).isEqualTo("message mailbox/one 0");
        assertThat(ends(menuPlan(false), "!1")).isEqualTo("message mailbox/one 12");
    }

    @Test
    void silenceAndWrongKeysCostATryEachAndTheLastOneNothingMore() {
        assertThat(ends(menuPlan(true), "-,-,-")).isEqualTo("hung-up menu/front " + (17 + 2 + 17 + 2 + 17));
        assertThat(ends(menuPlan(true), "5,5,5")).isEqualTo("hung-up menu/front " + (12 + 4 + 12 + 4 + 12));
        assertThat(ends(menuPlan(true), "!5,!5,!5")).isEqualTo("hung-up menu/front " + (0 + 4 + 0 + 4 + 0));
        assertThat(ends(menuPlan(true), "-,5,1")).isEqualTo("message mailbox/one " + (17 + 2 + 12 + 4 + 12));
        assertThat(ends(menuPlan(true), "")).isEqualTo(ends(menuPlan(true), "-,-,-"));
    }

    @Test
    void repeatBeginsTheMenuAfreshAndAnExtensionCanBeDialled() {
        assertThat(ends(menuPlan(true), "-,-,7,-,-,1")).isEqualTo("message mailbox/one " + (38 + 12 + 38 + 12));
        assertThat(ends(menuPlan(true), "2014", "2014=answers 6s"))
                .isEqualTo("answered extension/2014 by extension/2014 18");
        assertThat(ends(menuPlan(true), "2099,1")).isEqualTo("message mailbox/one " + (12 + 4 + 12));
    }

    @Test
    void backLeadsToTheMenuBeforeInTheStateItWasEnteredIn() {
        Map<String, Menu.OnKey> keys = new LinkedHashMap<>();
        keys.put("1", Plans.key("menu/second", Sets.language("nb-NO")));
        keys.put("2", Plans.key("mailbox/one", Sets.NOTHING));
        Plan plan = to(
                "menu/first",
                menu("first", true, false, "hang-up", keys),
                menu("second", true, false, "hang-up", "9", "back"),
                mailbox("one"),
                prompt("ask", 5));
        assertThat(trace(plan, "1").language()).isEqualTo("nb-NO");
        assertThat(trace(plan, "1,9,2").language()).isEqualTo("en-GB");
        assertThat(ends(plan, "1,9,2")).isEqualTo("message mailbox/one 6");
        assertThat(ends(to("menu/alone", menu("alone", true, false, "hang-up", "9", "back"), prompt("ask", 5)), "9"))
                .isEqualTo("lost menu/alone hole 2");
    }

    @Test
    void aPromptIsSaidInTheCallsLanguageOrElseTheDefault() {
        Plan plan = to("menu/front", menu("front", true, false, "hang-up"), prompt("ask", 13));
        assertThat(trace(plan, "-,-,-").second()).isEqualTo(3 * (6 + 5));
    }

    @Test
    void aRingGroupRingsTogetherEachMemberAfterItsDelay() {
        Plan plan = to(
                "ring-group/desk",
                group(
                        "desk",
                        20,
                        "mailbox/desk",
                        Optional.of("busy"),
                        Optional.of("hang-up"),
                        "2001",
                        "2002+10",
                        "+447700900321"),
                extension("2001", none()),
                extension("2002", none()),
                mailbox("desk"));
        assertThat(ends(plan, "")).isEqualTo("message mailbox/desk 20");
        assertThat(ends(plan, "", "2001=answers 20s")).isEqualTo("answered ring-group/desk by extension/2001 20");
        assertThat(ends(plan, "", "2001=answers 21s")).isEqualTo("message mailbox/desk 20");
        assertThat(ends(plan, "", "2002=answers 6s")).isEqualTo("answered ring-group/desk by extension/2002 16");
        assertThat(ends(plan, "", "2002=answers 6s", "2001=answers 16s"))
                .isEqualTo("answered ring-group/desk by extension/2001 16");
        assertThat(ends(plan, "", "2001=off", "+447700900321=busy", "2002=answers 6s"))
                .isEqualTo("answered ring-group/desk by extension/2002 16");
        assertThat(ends(plan, "", "+447700900321=answers 3s"))
                .isEqualTo("answered ring-group/desk by outside/+447700900321 3");
        assertThat(ends(plan, "", "2001=busy", "2002=off", "+447700900321=off")).isEqualTo("busy ring-group/desk 0");
        assertThat(ends(plan, "", "2001=off", "2002=off", "+447700900321=off")).isEqualTo("hung-up ring-group/desk 0");
    }

    @Test
    void aGroupWithoutWaysOnIsAHoleAndOneWithoutMembersHasNobody() {
        assertThat(ends(
                        to("ring-group/desk", group("desk", 20, "mailbox/gone", "2001"), extension("2001", none())),
                        ""))
                .isEqualTo("lost ring-group/desk hole 20");
        assertThat(ends(to("ring-group/desk", group("desk", 20, "", new String[0])), ""))
                .isEqualTo("lost ring-group/desk nobody 0");
    }

    @Test
    void anExtensionForwardsOrGoesToItsMailboxOrEnds() {
        Extension.Forward busyToDesk =
                new Extension.Forward(none(), Destination.parse("extension/2002"), none(), none());
        Plan plan = to(
                "extension/2001",
                extension("2001", busyToDesk, Optional.of("own")),
                extension(
                        "2002",
                        new Extension.Forward(none(), none(), Destination.parse("own-mailbox"), none()),
                        none()),
                mailbox("own"));
        assertThat(ends(plan, "")).isEqualTo("message mailbox/own 20");
        assertThat(ends(plan, "", "2001=off")).isEqualTo("message mailbox/own 0");
        // The extension called first owns the call, whoever forwards it on.
        assertThat(ends(plan, "", "2001=busy")).isEqualTo("message mailbox/own 20");
        assertThat(ends(plan, "", "2001=busy", "2002=busy")).isEqualTo("busy extension/2002 0");
        assertThat(ends(plan, "", "2001=busy", "2002=off")).isEqualTo("hung-up extension/2002 0");
        assertThat(ends(
                        to(
                                "extension/2002",
                                extension(
                                        "2002",
                                        new Extension.Forward(none(), none(), Destination.parse("own-mailbox"), none()),
                                        none())),
                        ""))
                .isEqualTo("lost extension/2002 nobody 20");
    }

    @Test
    void key0InAMailboxLeadsToTheOperatorWhenTheGreetingHasEnded() {
        Plan plan = to("mailbox/one", mailbox("one", Optional.of("outside/+447700900321")), prompt("greeting", 7));
        assertThat(ends(plan, "")).isEqualTo("message mailbox/one 0");
        assertThat(ends(plan, "0")).isEqualTo("outside outside/+447700900321 3");
        assertThat(ends(plan, "!0")).isEqualTo("outside outside/+447700900321 0");
    }

    @Test
    void aLongWayThroughNewStatesIsNoRound() {
        List<Chain.Stage> stages = Collections.nCopies(
                250, new Chain.Stage(new Destination.To(new Ref(Kind.EXTENSION, "2001")), new Seconds(1), false));
        Plan plan = to(
                "chain/c",
                new Chain("c", none(), none(), none(), stages, Destination.parse("mailbox/m")),
                extension("2001", none()),
                mailbox("m"),
                prompt("greeting", 5));
        assertThat(ends(plan, "")).isEqualTo("message mailbox/m 250");
    }

    @Test
    void aRoundWithoutTimeOrChoiceIsEndlessAtOnceAndOneWithTimeIsFollowed200Times() {
        Plan still = to(
                "branch/a",
                hours("h", "always"),
                branch("a", "h", "always", "branch/b"),
                branch("b", "h", "always", "branch/a"));
        assertThat(ends(still, "")).isEqualTo("lost branch/a endless 0");
        Plan slow = to("announcement/a", announcement("a", "ask", "announcement/a"), prompt("ask", 5));
        assertThat(ends(slow, "")).isEqualTo("stopped announcement/a " + 2 * Tracer.MOST_AGAIN);
    }

    @Test
    void aTagThatNobodyAsksForMakesNoRoundANewOne() {
        Sets heard = new Sets(none(), List.of("heard"));
        Plan still = to(
                "branch/a",
                hours("h", "always"),
                branch("a", "h", "always", "branch/b"),
                giving(branch("b", "h", "always", "branch/c"), heard),
                branch("c", "h", "always", "branch/a"));
        assertThat(ends(still, "")).isEqualTo("lost branch/a endless 0");
        assertThat(trace(still, "").steps()).hasSize(4); // the route, and each branch once
        Announcement around = announcement("a", "ask", "announcement/a");
        Plan slow = to(
                "announcement/a",
                new Announcement("a", none(), none(), none(), around.prompts(), heard, around.to()),
                prompt("ask", 5));
        assertThat(ends(slow, "")).isEqualTo("stopped announcement/a " + 2 * Tracer.MOST_AGAIN);
    }

    @Test
    void aTagThatIsAskedForLeadsOutOfTheSecondRound() {
        Map<String, Branch.Case> cases = Map.of("tag heard", leads("mailbox/m"));
        Plan plan = to(
                "branch/a",
                hours("h", "always"),
                new Branch(
                        "a", none(), none(), none(), new Branch.By.OfCaller(), cases, Optional.of(leads("branch/b"))),
                giving(branch("b", "h", "always", "branch/a"), new Sets(none(), List.of("heard"))),
                mailbox("m"),
                prompt("greeting", 5));
        assertThat(ends(plan, "")).isEqualTo("message mailbox/m 0");
    }

    /// The same, with something given by its only case.
    private static Branch giving(Branch branch, Sets sets) {
        Map<String, Branch.Case> cases = new LinkedHashMap<>();
        branch.cases().forEach((state, one) -> cases.put(state, new Branch.Case(one.to(), sets, one.greetAs())));
        return new Branch(branch.key(), none(), none(), none(), branch.by(), cases, none());
    }

    @Test
    void amongEqualsTheOneWithHoursComesFirstAndNoRouteIsUnmatched() {
        Plan plan = to("mailbox/any", mailbox("any"), mailbox("day"), hours("h", "day: Mon-Fri 08:00-18:00", "night"));
        Route.While day = new Route.While(app.bittern.plan.Ref.parse("hours/h").orElseThrow(), "day");
        Plan both =
                plan.with(route("day", new Route.Called.Any(), new Route.From.Any(), Optional.of(day), "mailbox/day"));
        assertThat(ends(both, "")).isEqualTo("message mailbox/day 0");
        Plan none =
                plan.with(route("main", new Route.Called.Prefix("+4420"), new Route.From.Any(), none(), "mailbox/any"));
        assertThat(ends(none, "")).isEqualTo("unmatched number/+441632960100 0");
        assertThat(trace(none, "").route()).isEmpty();
    }

    @Test
    void theSameBenchGivesTheSameTrace() {
        assertThat(trace(menuPlan(true), "-,5,2014", "2014=busy"))
                .isEqualTo(trace(menuPlan(true), "-,5,2014", "2014=busy"));
    }
}
