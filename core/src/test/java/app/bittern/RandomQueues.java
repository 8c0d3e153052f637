package app.bittern;

import static app.bittern.Plans.none;

import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Hears;
import app.bittern.plan.Kind;
import app.bittern.plan.Order;
import app.bittern.plan.Party;
import app.bittern.plan.Pin;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Skill;
import app.bittern.plan.Spoken;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/// Random queues in which every field is set, felt by calls or not.
final class RandomQueues {
    private static final Ref FEW = new Ref(Kind.CLASS_OF_SERVICE, "few");

    private RandomQueues() {}

    /// @param index the higher, the sooner its callers come
    static Queue queue(String key, int index, Random random) {
        Optional<String> language = index == 1 ? Optional.of("nb-NO") : none();
        Order order = List.of(Order.EVERYONE, Order.BY_RANK, Order.FIXED).get(random.nextInt(3));
        List<Queue.Agent> agents = agents(random);
        Queue.MayLogIn mayLogIn = random.nextBoolean() ? Queue.MayLogIn.onlyListed() : new Queue.MayLogIn.OfClass(FEW);
        Optional<Queue.Needs> needs = random.nextInt(3) == 0 ? Optional.of(needs(random)) : none();
        Seconds ringEach = new Seconds(random.nextInt(20));
        Seconds pause = new Seconds(random.nextInt(5));
        Optional<Integer> attempts = random.nextInt(3) == 0 ? Optional.of(1 + random.nextInt(5)) : none();
        Seconds maxWait = new Seconds(random.nextInt(120));
        Optional<Integer> longestLine = random.nextBoolean() ? Optional.of(1 + random.nextInt(2)) : none();
        int precedence = index * random.nextInt(2);
        Queue.NoAgents noAgents = new Queue.NoAgents(random.nextBoolean(), random.nextBoolean(), to(random));
        Optional<Destination> overflow = random.nextInt(5) > 0 ? to(random) : none();
        Optional<Destination> full = random.nextInt(5) > 0 ? to(random) : none();
        Optional<Queue.Notice> notice = random.nextInt(4) == 0
                ? Optional.of(new Queue.Notice(
                        new Spoken(new Ref(Kind.PROMPT, "wrong-key"), language),
                        random.nextInt(4) > 0,
                        random.nextBoolean() ? Optional.of(LocalDate.of(2027, 3, 14)) : none()))
                : none();
        Optional<Spoken> onJoining =
                random.nextBoolean() ? prompt("ask").map(ask -> new Spoken(ask, language)) : none();
        Optional<Hears> hears = hears(random);
        List<Queue.Meanwhile> meanwhile = meanwhile(random);
        Optional<Queue.Callback> callback = random.nextBoolean() ? Optional.of(callback(random)) : none();
        List<Queue.Told> told = List.of(
                        List.<Queue.Told>of(),
                        List.<Queue.Told>of(new Queue.Told.TheWait()),
                        List.<Queue.Told>of(
                                new Queue.Told.Saying(new Ref(Kind.PROMPT, "greeting")), new Queue.Told.TheWait()))
                .get(random.nextInt(3));
        Optional<String> spoken = random.nextInt(6) == 0 ? Optional.of("nb-NO") : none();
        Optional<Seconds> sameAgentWithin =
                random.nextBoolean() ? Optional.of(new Seconds(600)) : Optional.of(new Seconds(0));
        return new Queue(
                key,
                Optional.of("Queue " + key),
                Optional.of("A note."),
                Optional.of("260" + index),
                order,
                agents,
                mayLogIn,
                Pin.parse("4711", new Ref(Kind.QUEUE, key)),
                needs,
                sameAgentWithin,
                Optional.of(Plans.MAIN),
                ringEach,
                pause,
                new Seconds(30),
                precedence,
                longestLine,
                full,
                noAgents,
                attempts,
                Optional.of(maxWait),
                overflow,
                notice,
                onJoining,
                spoken,
                hears,
                meanwhile,
                callback,
                told,
                Optional.of("Queue"),
                Optional.of(new Queue.ServiceLevel(80, new Seconds(20))),
                Optional.of(new Seconds(5)),
                Optional.of(true));
    }

    /// Nothing, the ringing tone, music, or music that is silent.
    static Optional<Hears> hears(Random random) {
        return switch (random.nextInt(5)) {
            case 0 -> Optional.of(new Hears.Ringing());
            case 1 -> Optional.of(new Hears.OfMusic(new Ref(Kind.MUSIC, "hold")));
            case 2 -> Optional.of(new Hears.OfMusic(new Ref(Kind.MUSIC, "none")));
            default -> none();
        };
    }

    private static Optional<Destination> to(Random random) {
        return Destination.parse(RandomPlans.to(random));
    }

    private static Optional<Ref> prompt(String key) {
        return Optional.of(new Ref(Kind.PROMPT, key));
    }

    private static List<Queue.Agent> agents(Random random) {
        List<Queue.Agent> agents = new ArrayList<>();
        for (String extension : RandomPlans.EXTENSIONS) {
            if (random.nextInt(3) > 0) {
                agents.add(agent(new Party.Inside(new Ref(Kind.EXTENSION, extension)), random));
            }
        }
        if (random.nextInt(4) == 0) {
            agents.add(agent(new Party.Outside(new E164("+447700900321")), random));
        }
        return agents;
    }

    private static Queue.Agent agent(Party party, Random random) {
        return new Queue.Agent(
                party,
                random.nextBoolean(),
                1 + random.nextInt(2),
                new Seconds(random.nextInt(3) * 10),
                random.nextInt(3) == 0);
    }

    private static Queue.Needs needs(Random random) {
        boolean language = random.nextBoolean();
        return new Queue.Needs(
                language,
                !language || random.nextBoolean() ? Map.of("freight", Skill.SURE) : Map.of(),
                random.nextBoolean() ? Optional.of(new Seconds(random.nextInt(40))) : none());
    }

    private static List<Queue.Meanwhile> meanwhile(Random random) {
        List<Queue.Meanwhile> items = new ArrayList<>();
        if (random.nextBoolean()) {
            items.add(item(
                    random,
                    random.nextBoolean() ? Optional.of(new Seconds(10 + random.nextInt(20))) : none(),
                    Optional.of(new Queue.Said.Words(new Ref(Kind.PROMPT, "no-key"))),
                    "1"));
        }
        if (random.nextBoolean()) {
            items.add(
                    item(random, none(), random.nextBoolean() ? Optional.of(new Queue.Said.Position()) : none(), "2"));
        }
        return items;
    }

    private static Queue.Meanwhile item(Random random, Optional<Seconds> every, Optional<Queue.Said> say, String key) {
        Map<String, Queue.Offer> keys = new LinkedHashMap<>();
        if (random.nextInt(5) > 0) {
            keys.put(key, offer(random));
        }
        if (random.nextInt(4) == 0) {
            keys.put("0", offer(random));
        }
        return new Queue.Meanwhile(
                Optional.of(new Seconds(random.nextInt(50))),
                every,
                random.nextInt(4) == 0
                        ? Optional.of(new Route.While(
                                new Ref(Kind.HOURS, "day"),
                                List.of("open", "closed", "gone").get(random.nextInt(3))))
                        : none(),
                say,
                keys,
                random.nextInt(8) > 0);
    }

    private static Queue.Offer offer(Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> new Queue.Offer.CallsBack();
            case 1 -> new Queue.Offer.Leads(Destination.parse("menu/m" + random.nextInt(2)), true);
            default -> new Queue.Offer.Leads(to(random), false);
        };
    }

    private static Queue.Callback callback(Random random) {
        return new Queue.Callback(
                List.of(Queue.Callback.Numbers.values()).get(random.nextInt(3)),
                random.nextInt(4) > 0 ? Optional.of(new Ref(Kind.ASK, "account")) : none(),
                2,
                new Seconds(300),
                new Seconds(3600),
                random.nextInt(4) == 0 ? Optional.of(new Route.While(new Ref(Kind.HOURS, "day"), "open")) : none());
    }
}
