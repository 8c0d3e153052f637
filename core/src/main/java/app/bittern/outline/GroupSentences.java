package app.bittern.outline;

import app.bittern.number.E164;
import app.bittern.outline.Part.Style;
import app.bittern.outline.Part.Value;
import app.bittern.plan.Ask;
import app.bittern.plan.Chain;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Member;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Says what rings, asks and holds callers.
final class GroupSentences {
    private static final Pattern UNIT = Pattern.compile("([hms])");

    private final Plan plan;

    GroupSentences(Plan plan) {
        this.plan = plan;
    }

    List<Part> ring(RingGroup group) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings")));
        parts.add(duration(group.ref(), Pointer.of("ringFor"), group.ringFor(), Help.RING));
        parts.add(rings(group.ringFor()));
        parts.add(Part.plain("at"));
        return members(parts, group.members());
    }

    List<Part> hunt(HuntGroup group) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings each for")));
        parts.add(duration(group.ref(), Pointer.of("ringEach"), group.ringEach(), Help.RING));
        parts.add(rings(group.ringEach()));
        parts.add(Part.plain(group.laps() == 1 ? "once, at" : group.laps() + " times over, at"));
        return members(parts, group.members());
    }

    private static List<Part> members(List<Part> parts, List<Member> members) {
        for (Member member : members) {
            parts.add(Part.digits(who(member.party())));
            if (member.after().value() > 0) {
                parts.add(Part.muted("after " + spoken(member.after())));
            }
            if (member.keyToTake()) {
                parts.add(Part.muted("with a key to take it"));
            }
        }
        if (members.isEmpty()) {
            parts.add(Part.end(Style.LOST, "no members"));
        }
        return parts;
    }

    private static String who(Party party) {
        return switch (party) {
            case Party.Inside(Ref extension) -> extension.key();
            case Party.Outside(E164 number) -> number.international();
        };
    }

    List<Part> queue(Queue queue) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("waits")));
        parts.add(duration(queue.ref(), Pointer.of("maxWait"), new Seconds(queue.longestWait()), Help.WAIT));
        parts.add(Part.plain("at most for"));
        for (Queue.Agent agent : queue.agents()) {
            parts.add(Part.digits(agent.extension().key()));
            if (agent.joinsAfter().value() > 0) {
                parts.add(Part.muted("after " + spoken(agent.joinsAfter())));
            }
            if (agent.byPhone()) {
                parts.add(Part.muted("if logged in"));
            }
        }
        if (queue.agents().isEmpty()) {
            parts.add(Part.end(Style.LOST, "no agents"));
        }
        parts.add(Part.plain("each rung for"));
        parts.add(duration(queue.ref(), Pointer.of("ringEach"), queue.ringEach(), Help.RING));
        parts.add(rings(queue.ringEach()));
        return parts;
    }

    List<Part> chain(Chain chain) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings")));
        for (int index = 0; index < chain.stages().size(); index++) {
            Chain.Stage stage = chain.stages().get(index);
            parts.add(Part.plain(index == 0 ? "" : "then"));
            parts.add(Part.digits(
                    stage.ring().target().map(plan::title).orElse(stage.ring().toString())));
            parts.add(Part.plain("for"));
            parts.add(duration(chain.ref(), Pointer.of("stages", index, "for"), stage.time(), Help.RING));
        }
        parts.removeIf(part -> part.text().isEmpty());
        return parts;
    }

    List<Part> ask(Ask ask, List<Part> prompt) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("asks")));
        parts.addAll(prompt);
        parts.add(Part.plain(
                "for " + (ask.fewest() == ask.most() ? "" : ask.fewest() + " to ") + ask.most() + " digits,"));
        parts.add(Part.token(
                Style.DIGITS,
                ask.tries() == 1 ? "1 try" : ask.tries() + " tries",
                new Part.Edit(ask.ref(), Pointer.of("tries"), Value.COUNT, String.valueOf(ask.tries()), Help.TRIES)));
        parts.add(duration(ask.ref(), Pointer.of("keyWait"), ask.keyWait(), Help.KEY_WAIT));
        parts.add(Part.plain("for each digit"));
        return parts;
    }

    List<Part> page(Page page) {
        return List.of(Part.end(
                Style.OUTSIDE,
                "speaks through " + page.phones().size() + (page.phones().size() == 1 ? " phone" : " phones")));
    }

    Part duration(Ref object, Pointer field, Seconds value, String help) {
        return Part.token(
                Style.DIGITS, spoken(value), new Part.Edit(object, field, Value.DURATION, value.toString(), help));
    }

    /// With a space before each unit, as people read it: `1 m 30 s`.
    static String spoken(Seconds value) {
        return UNIT.matcher(value.toString()).replaceAll(" $1 ").strip();
    }

    Part rings(Seconds value) {
        int rings =
                (value.value() + plan.site().ringSeconds() - 1) / plan.site().ringSeconds();
        return Part.muted("(" + rings + (rings == 1 ? " ring)" : " rings)"));
    }
}
