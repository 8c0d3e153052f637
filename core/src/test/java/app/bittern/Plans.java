package app.bittern;

import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.DialExtensions;
import app.bittern.plan.Extension;
import app.bittern.plan.FailedTry;
import app.bittern.plan.Hours;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Member;
import app.bittern.plan.Menu;
import app.bittern.plan.Order;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Sets;
import app.bittern.plan.Site;
import app.bittern.plan.Spoken;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Short ways to make plans in tests.
public final class Plans {
    public static final E164 MAIN = new E164("+441632960100");

    private Plans() {}

    /// A plan with a site in London, one inbound number, a route of any call to the destination, and the objects.
    public static Plan to(String destination, PlanObject... objects) {
        List<PlanObject> all = new ArrayList<>(List.of(site(), number(), route("main", destination)));
        all.addAll(Arrays.asList(objects));
        return Plan.of(all);
    }

    public static Site site() {
        return new Site(
                "test",
                none(),
                none(),
                ZoneId.of("Europe/London"),
                "GB",
                List.of("en-GB", "nb-NO"),
                none(),
                List.of(),
                Optional.empty(),
                List.of());
    }

    public static InboundNumber number() {
        return new InboundNumber(
                MAIN, Optional.of("Main line"), none(), none(), InboundNumber.Status.ACTIVE, none(), none());
    }

    public static Route route(String key, String to) {
        return route(key, new Route.Called.Any(), new Route.From.Any(), none(), to);
    }

    public static Route route(
            String key, Route.Called called, Route.From caller, Optional<Route.While> during, String to) {
        return new Route(
                key,
                none(),
                none(),
                called,
                caller,
                during,
                Route.Before.none(),
                true,
                Destination.parse(to),
                none(),
                Sets.NOTHING,
                Route.Dress.PLAIN);
    }

    /// States such as `open: Mon-Fri 08:00-17:00`, `holiday: on 12-25` or `closed`.
    public static Hours hours(String key, String... states) {
        return new Hours(key, none(), none(), none(), calendar(states));
    }

    public static Calendar calendar(String... states) {
        return new Calendar(Arrays.stream(states).map(Plans::state).toList());
    }

    private static HoursState state(String text) {
        String[] parts = text.split(": ", 2);
        List<WeekRange> weekly = new ArrayList<>();
        List<DateRule> on = new ArrayList<>();
        Optional<Season> season = none();
        for (String rule : parts.length < 2 ? new String[0] : parts[1].split("; ", -1)) {
            if (rule.startsWith("on ")) {
                on.add(DateRule.parse(rule.substring(3)).orElseThrow());
            } else if (rule.startsWith("season ")) {
                season = Season.parse(rule.substring(7));
            } else {
                weekly.add(WeekRange.parse(rule).orElseThrow());
            }
        }
        return new HoursState(parts[0], season, weekly, on);
    }

    /// Cases such as `open` and its destination, one after the other.
    public static Branch branch(String key, String hours, String... cases) {
        Map<String, Branch.Case> all = new LinkedHashMap<>();
        for (int index = 0; index < cases.length; index += 2) {
            all.put(cases[index], leads(cases[index + 1]));
        }
        return new Branch(key, none(), none(), none(), new Branch.By.OfHours(new Ref(Kind.HOURS, hours)), all, none());
    }

    /// A case that leads somewhere.
    public static Branch.Case leads(String to) {
        return Branch.Case.to(Destination.parse(to).orElseThrow());
    }

    /// A key that leads somewhere.
    public static Menu.OnKey key(String to, Sets sets) {
        return new Menu.OnKey(none(), Destination.parse(to), sets, none());
    }

    /// A prompt of so many words in English, 2.5 of which are a second.
    public static Prompt prompt(String key, int words) {
        return new Prompt(
                key, none(), none(), Map.of("en-GB", "word ".repeat(words).strip()));
    }

    public static Announcement announcement(String key, String prompt, String to) {
        return new Announcement(
                key,
                none(),
                none(),
                none(),
                List.of(Spoken.of(new Ref(Kind.PROMPT, prompt))),
                Sets.NOTHING,
                Destination.parse(to));
    }

    /// A menu that says `prompt/ask`, waits 5 s, has three tries, says `prompt/no-key` and `prompt/wrong-key`.
    public static Menu menu(String key, boolean bargeIn, boolean dial, String giveUp, String... keys) {
        Map<String, Menu.OnKey> all = new LinkedHashMap<>();
        for (int index = 0; index < keys.length; index += 2) {
            all.put(keys[index], key(keys[index + 1], Sets.NOTHING));
        }
        return menu(key, bargeIn, dial, giveUp, all);
    }

    public static Menu menu(String key, boolean bargeIn, boolean dial, String giveUp, Map<String, Menu.OnKey> keys) {
        return new Menu(
                key,
                none(),
                none(),
                none(),
                List.of(Spoken.of(new Ref(Kind.PROMPT, "ask"))),
                bargeIn,
                true,
                new Seconds(5),
                3,
                FailedTry.saying(new Ref(Kind.PROMPT, "no-key")),
                FailedTry.saying(new Ref(Kind.PROMPT, "wrong-key")),
                Destination.parse(giveUp),
                dial ? DialExtensions.ANY : DialExtensions.NONE,
                new Seconds(3),
                keys);
    }

    /// Members such as `2001`, `2002+10` (after 10 s) and `+447700900321`.
    public static RingGroup group(String key, int ringFor, String noAnswer, String... members) {
        return group(key, ringFor, noAnswer, none(), none(), members);
    }

    public static RingGroup group(
            String key,
            int ringFor,
            String noAnswer,
            Optional<String> busy,
            Optional<String> unreachable,
            String... members) {
        return new RingGroup(
                key,
                none(),
                none(),
                none(),
                none(),
                new Seconds(ringFor),
                Arrays.stream(members).map(Plans::member).toList(),
                false,
                none(),
                Destination.parse(noAnswer),
                busy.flatMap(Destination::parse),
                unreachable.flatMap(Destination::parse));
    }

    public static HuntGroup hunt(String key, int ringEach, int laps, String noAnswer, String... members) {
        return new HuntGroup(
                key,
                none(),
                none(),
                none(),
                none(),
                Order.FIXED,
                new Seconds(ringEach),
                laps,
                Arrays.stream(members).map(Plans::member).toList(),
                false,
                none(),
                Destination.parse(noAnswer),
                none(),
                none());
    }

    private static Member member(String text) {
        if (text.startsWith("+")) {
            return new Member(new Party.Outside(new E164(text)), new Seconds(0), true);
        }
        String[] parts = text.split("\\+", 2);
        Seconds after = new Seconds(parts.length < 2 ? 0 : Integer.parseInt(parts[1]));
        return new Member(new Party.Inside(new Ref(Kind.EXTENSION, parts[0])), after, false);
    }

    public static Extension extension(String number, Optional<String> mailbox) {
        return extension(number, Extension.Forward.NONE, mailbox);
    }

    public static Extension extension(String number, Extension.Forward forward, Optional<String> mailbox) {
        return extension(number, false, forward, mailbox);
    }

    /// One that does not ring: it is on do not disturb.
    public static Extension disturbed(String number) {
        return extension(number, true, Extension.Forward.NONE, none());
    }

    private static Extension extension(
            String number, boolean disturbed, Extension.Forward forward, Optional<String> mailbox) {
        return new Extension(
                number,
                none(),
                none(),
                List.of("desk"),
                Extension.RING_FOR,
                false,
                disturbed,
                forward,
                mailbox.map(key -> new Ref(Kind.MAILBOX, key)),
                none(),
                List.of(),
                none(),
                Extension.Person.UNKNOWN);
    }

    public static Mailbox mailbox(String key) {
        return mailbox(key, none());
    }

    public static Mailbox mailbox(String key, Optional<String> operator) {
        return mailbox(key, operator, none());
    }

    public static Mailbox mailbox(String key, Optional<String> operator, Optional<Integer> keep) {
        return new Mailbox(
                key,
                none(),
                none(),
                none(),
                Optional.of(Spoken.of(new Ref(Kind.PROMPT, "greeting"))),
                Map.of(),
                operator.flatMap(Destination::parse),
                List.of(),
                none(),
                keep,
                none());
    }

    public static <T> Optional<T> none() {
        return Optional.empty();
    }
}
