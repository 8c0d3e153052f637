package app.bittern;

import static app.bittern.Plans.none;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Trunk;
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

    private RandomPlans() {}

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
                route(random),
                Plans.hours("day", "open: Mon-Fri 08:00-17:00", "late: Fri 22:00-02:00", "closed")));
        List.of("ask", "no-key", "wrong-key", "greeting")
                .forEach(key -> objects.add(Plans.prompt(key, random.nextInt(30))));
        for (int index = 0; index < EACH; index++) {
            objects.add(Plans.split("s" + index, "day", "open", to(random), "closed", to(random)));
            objects.add(Plans.announcement("a" + index, "greeting", to(random)));
            objects.add(menu("m" + index, random));
            objects.add(Plans.group("g" + index, random.nextInt(40), to(random), members(random)));
            objects.add(Plans.mailbox("b" + index, random.nextBoolean() ? Optional.of(to(random)) : none()));
        }
        EXTENSIONS.forEach(number -> objects.add(extension(number, random)));
        return Plan.of(objects);
    }

    private static Route route(Random random) {
        Route plain = Plans.route("main", to(random));
        Route.WithheldCallers[] withheld = Route.WithheldCallers.values();
        return new Route(
                "main",
                none(),
                none(),
                plain.called(),
                plain.caller(),
                none(),
                plain.to(),
                Route.Dress.PLAIN,
                withheld[random.nextInt(withheld.length)],
                true);
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
                Optional<String> language = random.nextInt(4) == 0 ? Optional.of("nb-NO") : none();
                Optional<Ref> say = random.nextInt(4) == 0 ? Optional.of(new Ref(Kind.PROMPT, "ask")) : none();
                keys.put(pressed, new Menu.OnKey(none(), Destination.parse(to), language, List.of(), say));
            }
        }
        return Plans.menu(key, random.nextBoolean(), random.nextBoolean(), to(random), keys);
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
                none(),
                List.of(),
                none());
    }

    private static String to(Random random) {
        int at = random.nextInt(EACH);
        return switch (random.nextInt(8)) {
            case 0 -> "split/s" + at;
            case 1 -> "announcement/a" + at;
            case 2, 3 -> "menu/m" + at;
            case 4 -> "ring-group/g" + at;
            case 5 -> "mailbox/b" + at;
            case 6 -> "extension/" + EXTENSIONS.get(random.nextInt(EXTENSIONS.size()));
            default -> ENDS.get(random.nextInt(ENDS.size()));
        };
    }
}
