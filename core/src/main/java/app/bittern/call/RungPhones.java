package app.bittern.call;

import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The phones that an object rings, and the visits that tell what one of them does there.
public final class RungPhones {
    private static final Reaction TAKES = new Reaction.Answers(0);
    private static final Reaction SILENT = new Reaction.Silent();
    private static final Reaction BUSY = new Reaction.Busy();
    private static final Reaction OFF = new Reaction.Off();

    private RungPhones() {}

    /// The phones that an object rings, each with all that makes its place there: its turn, its delay, its
    /// key, and as an agent its rank and its login.
    public static Map<String, Object> of(Plan plan, State state) {
        Map<String, Object> phones = new LinkedHashMap<>();
        switch (plan.find(state.at()).orElseThrow()) {
            case RingGroup group -> together(Ringing.of(group, plan), phones);
            case HuntGroup group -> hunted(group, plan, phones);
            case Chain chain
            when state.stage() < chain.stages().size() ->
                stage(plan, state, chain.stages().get(state.stage()), phones);
            case Queue queue -> agents(queue, new Scene(plan, state), phones);
            case Extension extension -> {}
            case Chain chain -> {}
            case Route route -> {}
            case Branch branch -> {}
            case Announcement announcement -> {}
            case Menu menu -> {}
            case Ask ask -> {}
            case Mailbox mailbox -> {}
            case Page page -> {}
            case Code code -> {}
            case Switch turned -> {}
            case Outbound outbound -> {}
            case Aside aside -> {}
        }
        return phones;
    }

    private static void stage(Plan plan, State state, Chain.Stage stage, Map<String, Object> phones) {
        Optional<Queue> queue = QueueStage.in(plan, state);
        Optional<HuntGroup> hunts = stage.rung(plan, HuntGroup.class);
        if (queue.isPresent()) {
            agents(queue.get(), new Scene(plan, state), phones);
        } else if (hunts.isPresent()) {
            hunted(hunts.get(), plan, phones);
        } else {
            together(Ringing.of(stage, plan), phones);
        }
    }

    private static void hunted(HuntGroup group, Plan plan, Map<String, Object> phones) {
        List<Ringing.Phone> able = Ringing.of(group, plan).able();
        able.forEach(phone -> phones.putIfAbsent(phone.party().phone(), List.of(able.indexOf(phone), phone)));
    }

    private static void agents(Queue queue, Scene before, Map<String, Object> phones) {
        Scene scene = before.speaking(queue.language());
        queue.agents()
                .forEach(agent -> phones.putIfAbsent(
                        agent.party().phone(),
                        List.of(
                                agent,
                                Wait.phone(agent, scene),
                                Wait.joins(queue, agent, scene),
                                AgentRounds.known(queue, scene.plan(), agent))));
    }

    private static void together(Ringing ringing, Map<String, Object> phones) {
        ringing.able().forEach(phone -> phones.putIfAbsent(phone.party().phone(), phone));
    }

    /// Where it takes the call as soon as it rings, the first, the second or the third time that it is asked,
    /// and all others are silent; as an agent's it is in, and the others where they always are, or out.
    public static List<Visit> alone(Plan plan, State state, String phone) {
        List<Visit> visits = new ArrayList<>();
        for (List<Reaction> reactions :
                List.of(List.of(TAKES), List.of(BUSY, TAKES), List.of(SILENT, TAKES), List.of(SILENT, SILENT, TAKES))) {
            Map<String, List<Reaction>> rung = Map.of(phone, reactions);
            if (agents(plan, state)) {
                Map<String, List<Presence>> others = new LinkedHashMap<>();
                of(plan, state).keySet().forEach(one -> others.put(one, List.of(Presence.OUT)));
                others.put(phone, List.of(Presence.IN));
                visits.add(new Visit(List.of(), rung, Map.of(phone, List.of(Presence.IN)), Map.of()));
                visits.add(new Visit(List.of(), rung, others, Map.of()));
            } else {
                visits.add(Visit.rung(rung));
            }
        }
        return visits;
    }

    /// Where it is busy, off, silent or declines, and all others take the call the first or the second time
    /// that they are asked, or are busy or off; as agents all are in.
    public static List<Visit> amongOthers(Plan plan, State state, String phone) {
        List<Visit> visits = new ArrayList<>();
        for (Reaction reaction : List.of(BUSY, OFF, SILENT, new Reaction.Declines(0))) {
            for (List<Reaction> others : List.of(
                    List.of(TAKES), List.of(BUSY, TAKES), List.of(SILENT, TAKES), List.of(BUSY), List.of(OFF))) {
                Map<String, List<Reaction>> rung = new LinkedHashMap<>();
                Map<String, List<Presence>> in = new LinkedHashMap<>();
                for (String one : of(plan, state).keySet()) {
                    rung.put(one, one.equals(phone) ? List.of(reaction) : others);
                    if (agents(plan, state)) {
                        in.put(one, List.of(Presence.IN));
                    }
                }
                visits.add(new Visit(List.of(), rung, in, Map.of()));
            }
        }
        return visits;
    }

    private static boolean agents(Plan plan, State state) {
        return plan.find(state.at()).orElseThrow() instanceof Queue
                || QueueStage.in(plan, state).isPresent();
    }
}
