package app.bittern.benchmarks;

import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Branch;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.DialExtensions;
import app.bittern.plan.Extension;
import app.bittern.plan.FailedTry;
import app.bittern.plan.Hears;
import app.bittern.plan.Hours;
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
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Sets;
import app.bittern.plan.Site;
import app.bittern.plan.Spoken;
import app.bittern.plan.Trunk;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/// Makes large plans, the same for the same size.
///
/// For 5,000 extensions: 500 inbound numbers, 300 ring groups, 100 queues and 200 menus nested to depth 5; other sizes
/// in proportion. Ten departments of menus form trees; every menu leads back to the one above and to `repeat`, the top
/// ones of the first ten let callers dial any extension; every number has hours of one of twelve calendars before it.
public final class BigPlans {
    private static final int CALENDARS = 12;
    private static final int DEPTH = 5;
    private static final int DIALLING = 10;
    private static final int CHILDREN = 3;
    private static final List<String> KEYS = List.of("1", "2", "3", "4", "5", "6", "7", "8", "9");

    /// The fewest extensions of a plan.
    static final int SMALLEST = 100;

    private final int extensions;
    private final int numbers;
    private final int groups;
    private final int queues;
    private final int menus;
    private final Random random;
    private final List<PlanObject> objects = new ArrayList<>();
    private final List<List<String>> menuLevels = new ArrayList<>();

    private BigPlans(int extensions) {
        this.extensions = extensions;
        this.numbers = extensions / 10;
        this.groups = extensions * 3 / 50;
        this.queues = extensions / 50;
        this.menus = extensions / 25;
        this.random = new Random(extensions);
    }

    /// A plan of about so many extensions, 100 at least.
    public static Plan of(int extensions) {
        return new BigPlans(extensions).make();
    }

    /// The same after one edit: a group that everybody can reach leads elsewhere.
    static Plan edited(Plan plan) {
        RingGroup group =
                plan.find(new Ref(Kind.RING_GROUP, "g4"), RingGroup.class).orElseThrow();
        return plan.with(new RingGroup(
                group.key(),
                group.name(),
                group.note(),
                group.number(),
                group.shownAs(),
                group.ringFor(),
                group.members(),
                group.followForwarding(),
                group.hears(),
                Destination.parse("hang-up"),
                group.busy(),
                group.unreachable()));
    }

    private Plan make() {
        objects.add(new Site(
                "large",
                Optional.of("Large site"),
                none(),
                ZoneId.of("Europe/London"),
                "GB",
                List.of("en-GB", "nb-NO"),
                none(),
                List.of(),
                Optional.empty(),
                List.of()));
        objects.add(new Trunk("line", none(), none(), 120, new Delivers.International()));
        for (int index = 0; index < numbers; index++) {
            E164 number = number(index);
            objects.add(new InboundNumber(
                    number,
                    Optional.of("Number " + index),
                    none(),
                    Optional.of(new Ref(Kind.TRUNK, "line")),
                    InboundNumber.Status.ACTIVE,
                    none(),
                    none()));
            objects.add(route("r" + index, new Route.Called.Exact(number), "branch/s" + index));
        }
        objects.add(route("any", new Route.Called.Any(), "ring-group/g0"));
        for (int index = 0; index < CALENDARS; index++) {
            objects.add(hours(index));
        }
        prompts();
        layOutMenus();
        for (int index = 0; index < numbers; index++) {
            objects.add(branch(index));
        }
        for (int index = 0; index < groups; index++) {
            objects.add(group(index));
        }
        for (int index = 0; index < queues; index++) {
            objects.add(queue(index));
        }
        for (int index = 0; index < extensions; index++) {
            objects.add(extension(index));
            objects.add(mailbox("e" + index));
        }
        objects.add(mailbox("general"));
        objects.add(
                new ClassOfService("staff", none(), none(), List.of("internal", "emergency", "national", "mobile")));
        for (int index = 0; index < numbers / 10; index++) {
            objects.add(new Contact(
                    new E164(String.format(Locale.ROOT, "+4477009%05d", index)),
                    Optional.of("Contact " + index),
                    none(),
                    none(),
                    Optional.of(String.valueOf(10000 + index)),
                    List.of(),
                    none()));
        }
        return Plan.of(objects);
    }

    private static E164 number(int index) {
        return new E164(String.format(Locale.ROOT, "+4416329%05d", index));
    }

    private static Route route(String key, Route.Called called, String to) {
        return new Route(
                key,
                none(),
                none(),
                called,
                new Route.From.Any(),
                none(),
                Route.Before.none(),
                true,
                Destination.parse(to),
                none(),
                Sets.NOTHING,
                Route.Dress.PLAIN);
    }

    private static Hours hours(int index) {
        int opens = 6 + index % 4;
        int closes = 16 + index % 5;
        String weekly = String.format(Locale.ROOT, "Mon-Fri %02d:30-%02d:00", opens, closes);
        List<HoursState> states = new ArrayList<>();
        states.add(new HoursState(
                "holiday",
                none(),
                List.of(),
                List.of(
                        DateRule.parse("12-25").orElseThrow(),
                        DateRule.parse("01-01").orElseThrow())));
        if (index % 3 == 0) {
            states.add(new HoursState(
                    "open",
                    Season.parse("05-01..09-30"),
                    List.of(WeekRange.parse("Mon-Sun 06:00-22:00").orElseThrow()),
                    List.of()));
        }
        states.add(
                new HoursState("open", none(), List.of(WeekRange.parse(weekly).orElseThrow()), List.of()));
        states.add(new HoursState("closed", none(), List.of(), List.of()));
        return new Hours("h" + index, none(), none(), none(), new Calendar(states));
    }

    private void prompts() {
        for (String key : List.of("welcome", "no-key", "wrong-key", "closed", "greeting", "entry", "music", "wait")) {
            Map<String, String> scripts = new LinkedHashMap<>();
            scripts.put("en-GB", "These are the words of " + key + " for everybody who calls");
            scripts.put("nb-NO", "Dette er ordene");
            objects.add(new Prompt(key, none(), none(), scripts));
        }
        objects.add(new app.bittern.plan.Music("hold", none(), none(), List.of(new Ref(Kind.PROMPT, "music"))));
        objects.add(new Announcement(
                "closed",
                none(),
                none(),
                none(),
                List.of(Spoken.of(new Ref(Kind.PROMPT, "closed"))),
                Sets.NOTHING,
                Destination.parse("mailbox/general")));
    }

    /// Trees of menus: level 0 at the top, each menu with up to three below it, to depth 5.
    private void layOutMenus() {
        int perDepartment = 20;
        int departments = Math.max(1, menus / perDepartment);
        for (int department = 0; department < departments; department++) {
            List<String> keys = new ArrayList<>();
            List<Integer> parents = new ArrayList<>();
            List<Integer> depths = new ArrayList<>();
            for (int index = 0; index < perDepartment; index++) {
                int parent = index == 0 ? -1 : parent(index, depths);
                keys.add("d" + department + "-" + index);
                parents.add(parent);
                depths.add(parent < 0 ? 1 : depths.get(parent) + 1);
            }
            for (int index = 0; index < perDepartment; index++) {
                objects.add(menu(index, keys, parents));
            }
            menuLevels.add(keys);
        }
    }

    /// The first menu that has room below it, deep ones first in every other case, so that depth 5 is reached.
    private static int parent(int index, List<Integer> depths) {
        int candidate = index < DEPTH ? index - 1 : (index - 1) / CHILDREN;
        return depths.get(candidate) < DEPTH ? candidate : 0;
    }

    private Menu menu(int index, List<String> keys, List<Integer> parents) {
        Map<String, Menu.OnKey> on = new LinkedHashMap<>();
        int next = 0;
        for (int child = 0; child < keys.size() && next < 5; child++) {
            if (parents.get(child) == index) {
                on.put(KEYS.get(next++), to("menu/" + keys.get(child)));
            }
        }
        on.put(KEYS.get(next++), to("queue/q" + random.nextInt(queues)));
        on.put(KEYS.get(next++), to("ring-group/g" + random.nextInt(groups)));
        on.put(KEYS.get(next++), to("extension/" + extensionNumber(random.nextInt(extensions))));
        on.put("0", to("repeat"));
        if (index > 0) {
            on.put("*", to("back"));
        } else {
            on.put(
                    "#",
                    new Menu.OnKey(
                            none(), Destination.parse("menu/" + keys.getFirst()), Sets.language("nb-NO"), none()));
        }
        return new Menu(
                keys.get(index),
                none(),
                none(),
                none(),
                List.of(Spoken.of(new Ref(Kind.PROMPT, "welcome"))),
                true,
                true,
                new Seconds(5),
                3,
                FailedTry.saying(new Ref(Kind.PROMPT, "no-key")),
                FailedTry.saying(new Ref(Kind.PROMPT, "wrong-key")),
                Destination.parse("ring-group/g" + random.nextInt(groups)),
                index == 0 && menuLevels.size() < DIALLING ? DialExtensions.ANY : DialExtensions.NONE,
                new Seconds(3),
                on);
    }

    private static Menu.OnKey to(String destination) {
        return new Menu.OnKey(none(), Destination.parse(destination), Sets.NOTHING, none());
    }

    private static Branch.Case leads(String to) {
        return Branch.Case.to(Destination.parse(to).orElseThrow());
    }

    private Branch branch(int index) {
        Map<String, Branch.Case> cases = new LinkedHashMap<>();
        String top = menuLevels.get(index % menuLevels.size()).getFirst();
        cases.put("open", leads("menu/" + top));
        cases.put("closed", leads("announcement/closed"));
        cases.put("holiday", leads("mailbox/general"));
        return new Branch(
                "s" + index,
                none(),
                none(),
                none(),
                new Branch.By.OfHours(new Ref(Kind.HOURS, "h" + index % CALENDARS)),
                cases,
                none());
    }

    private RingGroup group(int index) {
        List<Member> members = new ArrayList<>();
        for (int member = 0; member < 4; member++) {
            members.add(new Member(
                    new Party.Inside(new Ref(Kind.EXTENSION, extensionNumber((index * 7 + member) % extensions))),
                    new Seconds(member * 4),
                    false));
        }
        return new RingGroup(
                "g" + index,
                none(),
                none(),
                none(),
                none(),
                new Seconds(20),
                members,
                false,
                none(),
                Destination.parse(index % 2 == 0 ? "mailbox/general" : "queue/q" + index % queues),
                none(),
                none());
    }

    private Queue queue(int index) {
        List<Queue.Agent> agents = new ArrayList<>();
        for (int agent = 0; agent < 8; agent++) {
            agents.add(new Queue.Agent(
                    new Party.Inside(new Ref(Kind.EXTENSION, extensionNumber((index * 11 + agent) % extensions))),
                    agent > 3,
                    1,
                    new Seconds(0),
                    false));
        }
        return new Queue(
                "q" + index,
                none(),
                none(),
                none(),
                Order.LONGEST_IDLE,
                agents,
                Queue.MayLogIn.onlyListed(),
                none(),
                none(),
                none(),
                none(),
                new Seconds(15),
                new Seconds(5),
                new Seconds(30),
                index % 100,
                Optional.of(20),
                Destination.parse("mailbox/general"),
                new Queue.NoAgents(true, true, Destination.parse("mailbox/general")),
                none(),
                Optional.of(new Seconds(300)),
                Destination.parse("mailbox/general"),
                none(),
                Optional.of(Spoken.of(new Ref(Kind.PROMPT, "entry"))),
                none(),
                Optional.of(new Hears.OfMusic(new Ref(Kind.MUSIC, "hold"))),
                List.of(new Queue.Meanwhile(
                        Optional.of(new Seconds(60)),
                        Optional.of(new Seconds(60)),
                        none(),
                        Optional.of(new Queue.Said.Words(new Ref(Kind.PROMPT, "wait"))),
                        Map.of("1", new Queue.Offer.Leads(Destination.parse("mailbox/general"), false)),
                        true)),
                none(),
                List.of(),
                none(),
                none(),
                none(),
                none());
    }

    private String extensionNumber(int index) {
        return String.valueOf(200_000 + index);
    }

    private Extension extension(int index) {
        return new Extension(
                extensionNumber(index),
                Optional.of("Person " + index),
                none(),
                List.of("desk"),
                new Seconds(18),
                false,
                false,
                index % 5 == 0
                        ? new Extension.Forward(
                                none(),
                                none(),
                                Destination.parse("extension/" + extensionNumber((index + 1) % extensions)),
                                none())
                        : Extension.Forward.NONE,
                Optional.of(new Ref(Kind.MAILBOX, "e" + index)),
                Optional.of(new Ref(Kind.CLASS_OF_SERVICE, "staff")),
                List.of(),
                none(),
                Extension.Person.UNKNOWN);
    }

    private static Mailbox mailbox(String key) {
        return new Mailbox(
                key,
                none(),
                none(),
                none(),
                Optional.of(Spoken.of(new Ref(Kind.PROMPT, "greeting"))),
                Map.of(),
                none(),
                List.of(key + "@large.example"),
                none(),
                none(),
                none());
    }

    private static <T> Optional<T> none() {
        return Optional.empty();
    }
}
