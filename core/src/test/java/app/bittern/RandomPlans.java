package app.bittern;

import static app.bittern.Plans.none;

import app.bittern.number.DialPattern;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Code;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.DialExtensions;
import app.bittern.plan.Extension;
import app.bittern.plan.FailedTry;
import app.bittern.plan.Hours;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Music;
import app.bittern.plan.Order;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Pin;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Sets;
import app.bittern.plan.Skill;
import app.bittern.plan.Spoken;
import app.bittern.plan.Switch;
import app.bittern.plan.Trunk;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/// Small random plans in which every kind of object occurs and anything may lead anywhere, holes included.
public final class RandomPlans {
    public static final List<String> EXTENSIONS = List.of("2001", "2002", "2003");
    private static final List<String> ENDS =
            List.of("hang-up", "busy", "own-mailbox", "outside/+447700900321", "mailbox/gone");
    private static final int EACH = 2;

    /// Whether laws are held over all plans that are made for them: `./bittern verify --long`.
    private static final boolean ALL = Boolean.getBoolean("bittern.all-plans");

    private RandomPlans() {}

    /// Over how many plans a law is held that takes long over each: a quarter of them every day, all with
    /// `-Dbittern.all-plans=true`.
    public static int many(int all) {
        return ALL ? all : (all + 3) / 4;
    }

    public static Plan plan(Random random) {
        List<PlanObject> objects = new ArrayList<>(List.of(
                Plans.site(),
                new Trunk(
                        "line",
                        none(),
                        none(),
                        4,
                        app.bittern.number.Delivers.parse("last 6").orElseThrow()),
                Plans.number(),
                hours(random)));
        // In whichever order: the first in the plan wins among those of the same rank.
        int before = random.nextInt(4);
        for (int index = 0; index < before; index++) {
            objects.add(particular("r" + index, random));
        }
        objects.add(route(random));
        List.of("ask", "no-key", "wrong-key", "greeting")
                .forEach(key -> objects.add(Plans.prompt(key, random.nextInt(30))));
        for (int index = 0; index < EACH; index++) {
            objects.add(
                    branch("s" + index, new Branch.By.OfHours(new Ref(Kind.HOURS, "day")), random, "open", "closed"));
            objects.add(new Announcement(
                    "a" + index,
                    none(),
                    none(),
                    none(),
                    List.of(spoken("greeting", random)),
                    sets(random),
                    Destination.parse(to(random))));
            objects.add(menu("m" + index, random));
            objects.add(group("g" + index, "250" + index, random));
            Optional<String> operator = random.nextBoolean() ? Optional.of(to(random)) : none();
            objects.add(mailbox("b" + index, operator, index == 0 ? none() : Optional.of(2), random));
            objects.add(hunt("h" + index, random));
            objects.add(RandomQueues.queue("q" + index, index, random));
            objects.add(chain("c" + index, random));
        }
        objects.add(new Switch(
                "night",
                none(),
                none(),
                Optional.of("*71"),
                List.of("day", "night"),
                "day",
                Pin.parse("0815", new Ref(Kind.SWITCH, "night")),
                Optional.of(new Seconds(3600))));
        objects.add(branch("by-switch", new Branch.By.OfSwitch(new Ref(Kind.SWITCH, "night")), random, "day", "night"));
        objects.add(branch(
                "by-caller", new Branch.By.OfCaller(), random, "tag vip", "prefix +4479", "withheld", "unavailable"));
        objects.add(branch("by-language", new Branch.By.OfLanguage(), random, "nb-NO"));
        objects.add(branch("by-ask", new Branch.By.OfAsk(new Ref(Kind.ASK, "account")), random, "tag vip", "found"));
        objects.add(branch(
                "by-lookup",
                new Branch.By.OfLookup(new Ref(Kind.LOOKUP, random.nextInt(8) == 0 ? "gone" : "bank")),
                random,
                "tag vip",
                "found",
                "failed"));
        objects.add(new Lookup(
                "bank",
                none(),
                none(),
                new Seconds(1 + random.nextInt(4)),
                random.nextInt(3) == 0 ? List.of("vip", "late") : List.of()));
        objects.add(ask(random));
        if (random.nextInt(3) == 0) {
            objects.add(extension("100", random));
        }
        objects.add(new Page("p", none(), none(), Optional.of("2800"), false, none(), List.of()));
        dialling(objects, random);
        objects.add(new Music("hold", none(), none(), List.of(new Ref(Kind.PROMPT, "greeting"))));
        objects.add(new Music("none", none(), none(), List.of()));
        objects.add(contact("+447900000001", "40001", List.of("vip"), none()));
        objects.add(contact("+447900000002", "40002", List.of(), Optional.of("nb-NO")));
        EXTENSIONS.forEach(number -> objects.add(extension(number, random)));
        objects.addAll(RandomAlarms.some(random));
        return Plan.of(objects);
    }

    /// What phones can dial besides: classes of service, codes, outbound routes that may tie, a number that begins
    /// others.
    private static void dialling(List<PlanObject> objects, Random random) {
        objects.add(new Trunk(
                "other",
                none(),
                none(),
                2,
                app.bittern.number.Delivers.parse("e164").orElseThrow()));
        objects.add(new ClassOfService("few", none(), none(), List.of("internal", "emergency")));
        objects.add(new ClassOfService(
                "many", none(), none(), List.of("internal", "emergency", "national", "page", "international")));
        objects.add(new Announcement(
                "dialled",
                none(),
                none(),
                Optional.of(List.of("200", "300", "*7").get(random.nextInt(3))),
                List.of(spoken("greeting", random)),
                Sets.NOTHING,
                Destination.parse(to(random))));
        objects.add(new Code(
                "turn",
                none(),
                none(),
                Optional.of("*70"),
                none(),
                random.nextInt(4) == 0 ? none() : Code.Does.parse("switch/night"),
                random.nextInt(4) > 0));
        objects.add(new Code("gone", none(), none(), Optional.of("*701"), none(), Code.Does.parse("alarm/gone"), true));
        String[] patterns = {"0x.", "020xxxxxxxx", "02[0-5]x.", "99x", "999", "x.", "2xxx"};
        String[] trunks = {"line", "other", "gone"};
        for (String category : List.of("national", "international", "emergency")) {
            List<DialPattern> some = random.ints(random.nextInt(3), 0, patterns.length)
                    .mapToObj(at -> new DialPattern(patterns[at]))
                    .toList();
            objects.add(new Outbound(
                    "out-" + category,
                    none(),
                    none(),
                    some,
                    category,
                    random.nextInt(3),
                    random.nextBoolean() ? Optional.of("0044") : none(),
                    random.ints(random.nextInt(4), 0, trunks.length)
                            .mapToObj(at -> new Ref(Kind.TRUNK, trunks[at]))
                            .distinct()
                            .toList(),
                    random.nextBoolean() ? Optional.of(Plans.MAIN) : none(),
                    random.nextInt(6) > 0));
        }
    }

    /// Hours of the site's time, or of another's.
    private static Hours hours(Random random) {
        List<String> states = new ArrayList<>(List.of("open: Mon-Fri 08:00-17:00", "late: Fri 22:00-02:00", "closed"));
        if (random.nextInt(3) == 0) {
            states.addFirst("closed: on 12-25; on FREQ=WEEKLY;INTERVAL=2;BYDAY=MO from 2026-11-02");
            states.add(1, "late: season 05-01..09-30; Sat 10:00-14:00");
        }
        Hours plain = Plans.hours("day", states.toArray(String[]::new));
        return new Hours(
                "day",
                none(),
                none(),
                random.nextInt(4) == 0 ? Optional.of(ZoneId.of("America/St_Johns")) : none(),
                plain.calendar());
    }

    private static Spoken spoken(String prompt, Random random) {
        return new Spoken(new Ref(Kind.PROMPT, prompt), random.nextInt(4) == 0 ? Optional.of("nb-NO") : none());
    }

    private static Branch branch(String key, Branch.By by, Random random, String... states) {
        Map<String, Branch.Case> cases = new LinkedHashMap<>();
        for (String state : states) {
            if (random.nextInt(4) > 0) {
                cases.put(state, oneCase(random));
            }
        }
        return new Branch(
                key,
                none(),
                none(),
                by instanceof Branch.By.OfLanguage ? Optional.of("2660") : none(),
                by,
                cases,
                random.nextBoolean() ? Optional.of(oneCase(random)) : none());
    }

    private static Branch.Case oneCase(Random random) {
        return new Branch.Case(
                Destination.parse(to(random)).orElseThrow(),
                sets(random),
                random.nextInt(10) == 0
                        ? Optional.of(List.of(Mailbox.Reason.BUSY, Mailbox.Reason.NO_ANSWER, Mailbox.Reason.CLOSED)
                                .get(random.nextInt(3)))
                        : none());
    }

    /// Mostly nothing.
    private static Sets sets(Random random) {
        return random.nextInt(10) > 0
                ? Sets.NOTHING
                : new Sets(
                        random.nextBoolean() ? Optional.of("nb-NO") : none(),
                        random.nextBoolean() ? List.of("vip") : List.of());
    }

    private static Mailbox mailbox(String key, Optional<String> operator, Optional<Integer> keep, Random random) {
        Mailbox plain = Plans.mailbox(key, operator, keep);
        Map<Mailbox.Reason, Spoken> byReason = new LinkedHashMap<>();
        boolean several = random.nextInt(5) == 0;
        for (Mailbox.Reason reason : Mailbox.Reason.values()) {
            if (several && random.nextBoolean()) {
                byReason.put(
                        reason,
                        new Spoken(
                                new Ref(Kind.PROMPT, random.nextBoolean() ? "ask" : "no-key"),
                                reason == Mailbox.Reason.BUSY ? Optional.of("nb-NO") : none()));
            }
        }
        return new Mailbox(
                key,
                none(),
                none(),
                Optional.of("264" + key.charAt(1)),
                key.endsWith("1")
                        ? plain.greeting().map(one -> new Spoken(one.prompt(), Optional.of("nb-NO")))
                        : plain.greeting(),
                byReason,
                plain.keyZero(),
                random.nextInt(3) == 0 ? List.of("box@site.example") : List.of(),
                plain.longestMessage(),
                plain.mostMessages(),
                plain.pin());
    }

    private static Ask ask(Random random) {
        return new Ask(
                "account",
                none(),
                none(),
                Optional.of("2610"),
                List.of(spoken("ask", random)),
                4 + random.nextInt(2),
                5 + random.nextInt(2),
                new Seconds(random.nextInt(8)),
                1 + random.nextInt(3),
                failed("no-key", random),
                failed("wrong-key", random),
                List.of(
                                Optional.<Ask.LookIn>empty(),
                                Ask.LookIn.parse("contacts.account"),
                                Ask.LookIn.parse("contacts.account"),
                                Ask.LookIn.parse("contacts.account"),
                                Ask.LookIn.parse("lookup/bank"))
                        .get(random.nextInt(5)),
                random.nextInt(5) == 0,
                sets(random),
                Destination.parse(random.nextBoolean() ? "branch/by-ask" : to(random)),
                Destination.parse(random.nextInt(4) == 0 ? "route" : to(random)));
    }

    /// After a failed try something is said; the last may lead elsewhere than giving up does.
    private static FailedTry failed(String prompt, Random random) {
        return new FailedTry(
                Optional.of(new Spoken(
                        new Ref(Kind.PROMPT, prompt), prompt.equals("wrong-key") ? Optional.of("nb-NO") : none())),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none());
    }

    private static Contact contact(String number, String account, List<String> tags, Optional<String> language) {
        return new Contact(new E164(number), none(), none(), none(), Optional.of(account), tags, language);
    }

    private static RingGroup group(String key, String number, Random random) {
        RingGroup plain = Plans.group(key, random.nextInt(40), to(random), members(random));
        return new RingGroup(
                key,
                none(),
                none(),
                Optional.of(number),
                random.nextInt(3) == 0 ? Optional.of("Group {wait}") : none(),
                plain.ringFor(),
                plain.members(),
                random.nextInt(3) == 0,
                RandomQueues.hears(random),
                plain.noAnswer(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none());
    }

    private static HuntGroup hunt(String key, Random random) {
        RingGroup like = Plans.group(key, 20, "hang-up", members(random));
        return new HuntGroup(
                key,
                none(),
                none(),
                Optional.of("262" + key.charAt(1)),
                Optional.of("Hunt"),
                Order.FIXED,
                new Seconds(random.nextInt(15)),
                1 + random.nextInt(3),
                like.members(),
                random.nextInt(3) == 0,
                RandomQueues.hears(random),
                Destination.parse(to(random)),
                random.nextBoolean() ? Destination.parse(to(random)) : none(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none());
    }

    private static Chain chain(String key, Random random) {
        List<Chain.Stage> stages = new ArrayList<>();
        String[] targets = {
            "extension/2001", "ring-group/g0", "outside/+447700900321", "extension/2003", "hunt-group/h1", "queue/q0"
        };
        for (int count = random.nextInt(3); count > 0; count--) {
            Destination target =
                    Destination.parse(targets[random.nextInt(targets.length)]).orElseThrow();
            stages.add(new Chain.Stage(target, new Seconds(random.nextInt(20)), random.nextInt(3) == 0));
        }
        return new Chain(
                key, none(), none(), Optional.of("263" + key.charAt(1)), stages, Destination.parse(to(random)));
    }

    /// A route limited by number, caller and hours in any way, which may tie with others, or never take a call.
    private static Route particular(String key, Random random) {
        List<Route.Called> called = List.of(
                new Route.Called.Any(),
                new Route.Called.Exact(Plans.MAIN),
                new Route.Called.Prefix("+4416"),
                new Route.Called.Prefix("+47"),
                new Route.Called.Range(new E164("+441632960000"), new E164("+441632960999")));
        List<Route.From> callers = List.of(
                new Route.From.Any(),
                new Route.From.Tag("vip"),
                new Route.From.Tag("nobody"),
                new Route.From.Prefix("+4479"),
                new Route.From.Prefix("+447900000001"),
                new Route.From.Exact(new E164("+447900000002")),
                new Route.From.Withheld(),
                new Route.From.Unavailable());
        List<Optional<Ref>> music =
                List.of(none(), Optional.of(new Ref(Kind.MUSIC, "hold")), Optional.of(new Ref(Kind.MUSIC, "none")));
        Route.Called number = called.get(random.nextInt(called.size()));
        Route.From caller = callers.get(random.nextInt(callers.size()));
        Optional<Route.While> during = random.nextBoolean()
                ? Optional.of(new Route.While(
                        new Ref(Kind.HOURS, "day"),
                        List.of("open", "late", "closed", "gone").get(random.nextInt(4))))
                : none();
        Optional<Destination> to = Destination.parse(random.nextInt(5) == 0 ? "extension-by-last 3" : to(random));
        Sets sets = sets(random);
        Optional<String> shownAs = random.nextInt(3) == 0 ? Optional.of("Ferry {caller}") : none();
        Optional<Ref> hears = music.get(random.nextInt(music.size()));
        Optional<Boolean> record = random.nextInt(3) == 0 ? Optional.of(random.nextBoolean()) : none();
        Optional<Destination> withheld = random.nextInt(4) == 0 ? Destination.parse(to(random)) : none();
        Route.Before before = before(key, random);
        boolean enabled = random.nextInt(8) > 0;
        return new Route(
                key,
                none(),
                none(),
                number,
                caller,
                during,
                before,
                enabled,
                to,
                withheld,
                sets,
                new Route.Dress(hears, record, shownAs, none()));
    }

    /// Before all, before some other of its sort, or before none.
    private static Route.Before before(String key, Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Route.Before.All();
            case 1 -> new Route.Before.These(List.of(new Ref(Kind.ROUTE, key.equals("r0") ? "main" : "r0")));
            default -> Route.Before.none();
        };
    }

    private static Route route(Random random) {
        Route plain = Plans.route("main", to(random));
        Sets sets = sets(random);
        Optional<Destination> withheld =
                random.nextInt(3) == 0 ? Destination.parse(random.nextBoolean() ? "ask/account" : to(random)) : none();
        return new Route(
                "main",
                none(),
                none(),
                plain.called(),
                plain.caller(),
                none(),
                Route.Before.none(),
                true,
                plain.to(),
                withheld,
                sets,
                Route.Dress.PLAIN);
    }

    private static String[] members(Random random) {
        String[] all = {"2001", "2002+10", "2003+5", "+447700900321"};
        String[] some = new String[random.nextInt(all.length + 1)];
        System.arraycopy(all, 0, some, 0, some.length);
        return some;
    }

    private static Menu menu(String key, Random random) {
        Map<String, Menu.OnKey> keys = new LinkedHashMap<>();
        for (String pressed : List.of("1", "2", "0", "*")) {
            if (random.nextInt(3) > 0) {
                String to = random.nextInt(4) > 0 ? to(random) : random.nextBoolean() ? "repeat" : "back";
                Optional<String> language = pressed.equals("0") ? Optional.of("nb-NO") : none();
                Optional<Spoken> say = random.nextInt(4) == 0
                        ? Optional.of(new Spoken(new Ref(Kind.PROMPT, "ask"), language))
                        : none();
                keys.put(pressed, new Menu.OnKey(none(), Destination.parse(to), sets(random), say));
            }
        }
        Menu plain = Plans.menu(key, random.nextBoolean(), random.nextBoolean(), to(random), keys);
        return new Menu(
                key,
                none(),
                none(),
                Optional.of("265" + key.charAt(1)),
                random.nextInt(4) == 0 ? List.of(spoken("ask", random), spoken("greeting", random)) : plain.prompts(),
                plain.bargeIn(),
                random.nextInt(4) > 0,
                plain.keyWait(),
                plain.tries(),
                failed("no-key", random),
                failed("wrong-key", random),
                plain.giveUp(),
                random.nextInt(3) == 0
                        ? new DialExtensions(
                                false,
                                List.of(new DialExtensions.Span("2002", "2009"), new DialExtensions.Span("100", "100")))
                        : plain.dialExtensions(),
                plain.interDigit(),
                keys);
    }

    private static Extension extension(String number, Random random) {
        Extension.Forward forward = new Extension.Forward(
                random.nextInt(6) == 0 ? Destination.parse(to(random)) : none(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none(),
                random.nextInt(3) == 0 ? Destination.parse(to(random)) : none());
        return new Extension(
                number,
                none(),
                none(),
                random.nextInt(8) == 0 ? List.of() : List.of("desk"),
                new Seconds(random.nextInt(40)),
                random.nextBoolean(),
                random.nextInt(6) == 0,
                forward,
                random.nextBoolean() ? Optional.of(new Ref(Kind.MAILBOX, "b0")) : none(),
                List.of(
                                Optional.<Ref>empty(),
                                Optional.of(new Ref(Kind.CLASS_OF_SERVICE, "few")),
                                Optional.of(new Ref(Kind.CLASS_OF_SERVICE, "many")))
                        .get(random.nextInt(3)),
                random.nextBoolean() ? List.of("nb-NO") : List.of("en-GB", "nb-NO"),
                random.nextInt(3) == 0
                        ? Optional.of(new E164(random.nextBoolean() ? "+447900000001" : "+447900000002"))
                        : none(),
                new Extension.Person(
                        none(),
                        none(),
                        none(),
                        random.nextBoolean()
                                ? Map.of("freight", random.nextBoolean() ? Skill.BASIC : Skill.EXPERT)
                                : Map.of()));
    }

    static String to(Random random) {
        int at = random.nextInt(EACH);
        return switch (random.nextInt(14)) {
            case 8 -> "hunt-group/h" + at;
            case 9 -> "queue/q" + at;
            case 10 -> "chain/c" + at;
            case 11 -> "ask/account";
            case 12 ->
                List.of(
                                "branch/by-switch",
                                "branch/by-caller",
                                "branch/by-language",
                                "branch/by-ask",
                                "branch/by-lookup")
                        .get((1 + random.nextInt(9)) / 2);
            case 13 -> "page/p";
            case 0 -> "branch/s" + at;
            case 1 -> "announcement/a" + at;
            case 2, 3 -> "menu/m" + at;
            case 4 -> "ring-group/g" + at;
            case 5 -> "mailbox/b" + at;
            case 6 -> "extension/" + EXTENSIONS.get(random.nextInt(EXTENSIONS.size()));
            default -> ENDS.get(random.nextInt(ENDS.size()));
        };
    }
}
