package app.bittern;

import static app.bittern.Plans.none;

import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Kind;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Recipients;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.TrapTarget;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Random alarms on everything that can set one off, and whom they tell.
final class RandomAlarms {
    private RandomAlarms() {}

    static List<PlanObject> some(Random random) {
        List<PlanObject> objects = new ArrayList<>();
        objects.add(new Recipients(
                "duty", none(), none(), List.of("duty@example.org"), List.of(new E164("+447700900399"))));
        objects.add(new Recipients("nobody", none(), none(), List.of(), List.of()));
        objects.add(new TrapTarget(
                "monitoring",
                none(),
                none(),
                "127.0.0.1",
                1162,
                "v3",
                none(),
                Optional.of("bittern"),
                new TrapTarget.Security(
                        Optional.of("SHA-256"), Optional.of("first"), Optional.of("AES-128"), Optional.of("second")),
                random.nextBoolean(),
                new Seconds(2),
                1,
                List.of("alarms"),
                random.nextInt(4) > 0));
        List<Alarm.On> all = List.of(
                new Alarm.On.Called(new Ref(Kind.ROUTE, "main")),
                new Alarm.On.Dialled(new Ref(Kind.OUTBOUND, "out-national")),
                new Alarm.On.ByCode(new Ref(Kind.CODE, "turn")),
                new Alarm.On.Equipment(List.of("trunk-down")),
                new Alarm.On.OfQueue(new Ref(Kind.QUEUE, "q0"), none(), Optional.of(new Seconds(random.nextInt(40)))),
                new Alarm.On.OfQueue(
                        new Ref(Kind.QUEUE, "q1"), Optional.of(new Seconds(1 + random.nextInt(30))), none()),
                new Alarm.On.OfSwitch(new Ref(Kind.SWITCH, "night"), "day", Optional.of(new Seconds(600))),
                new Alarm.On.Emergency());
        for (int index = 0; index < all.size(); index++) {
            if (random.nextInt(3) == 0) {
                objects.add(alarm("x" + index, all.get(index), random));
            }
        }
        return objects;
    }

    private static Alarm alarm(String key, Alarm.On on, Random random) {
        List<Ref> to = List.of(new Ref(Kind.RECIPIENTS, random.nextBoolean() ? "duty" : "nobody"));
        return new Alarm(
                key,
                none(),
                none(),
                Alarm.Severity.MAJOR,
                Optional.of(on),
                random.nextInt(3) == 0 ? Optional.of(new Route.While(new Ref(Kind.HOURS, "day"), "open")) : none(),
                random.nextBoolean()
                        ? Optional.of(new Alarm.Email(to, Optional.of("From {caller}"), Optional.of("At {time}")))
                        : none(),
                random.nextBoolean() ? Optional.of(new Alarm.Text(to, Optional.of("{dialled}"))) : none(),
                random.nextBoolean()
                        ? Optional.of(new Alarm.PageOut(
                                Optional.of(new Ref(Kind.PROMPT, "greeting")), Optional.of(new Ref(Kind.PAGE, "p")), 2))
                        : none(),
                random.nextBoolean() ? List.of(new Ref(Kind.TRAP_TARGET, "monitoring")) : List.of(),
                random.nextBoolean() ? Optional.of(new Seconds(60)) : none(),
                random.nextBoolean(),
                random.nextBoolean() ? Optional.of(new Seconds(120)) : none(),
                random.nextInt(5) > 0);
    }
}
