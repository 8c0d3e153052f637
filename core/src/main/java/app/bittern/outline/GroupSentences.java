package app.bittern.outline;

import app.bittern.number.E164;
import app.bittern.outline.Part.Style;
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
import java.util.Optional;

/// Says what rings, asks and holds callers.
final class GroupSentences {
    private final Plan plan;
    private final PromptSentences prompts;

    GroupSentences(Plan plan, PromptSentences prompts) {
        this.plan = plan;
        this.prompts = prompts;
    }

    List<Part> ring(RingGroup group) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings")));
        parts.add(duration(group.ref(), Pointer.of("ringFor"), group.ringFor()));
        parts.add(rings(group.ringFor()));
        parts.add(Part.plain("at"));
        return members(parts, group.members());
    }

    List<Part> hunt(HuntGroup group) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings each for")));
        parts.add(duration(group.ref(), Pointer.of("ringEach"), group.ringEach()));
        parts.add(rings(group.ringEach()));
        parts.add(Part.plain(group.laps() == 1 ? "once, at" : group.laps() + " times over, at"));
        return members(parts, group.members());
    }

    private static List<Part> members(List<Part> parts, List<Member> members) {
        for (Member member : members) {
            parts.add(Part.digits(who(member.party())));
            if (member.after().value() > 0) {
                parts.add(Part.muted("after " + member.after().said()));
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

    List<Part> queue(Queue queue, String before) {
        String language = queue.language().orElse(before);
        List<Part> parts = new ArrayList<>();
        queue.notice()
                .filter(Queue.Notice::on)
                .ifPresent(notice -> parts.addAll(prompts.said(
                        notice.until().map(last -> "notice until " + last).orElse("notice"),
                        queue.ref(),
                        Pointer.of("notice", "say"),
                        Optional.of(notice.say()),
                        language)));
        parts.addAll(prompts.said("on joining", queue.ref(), Pointer.of("onJoining"), queue.onJoining(), language));
        parts.add(Part.plain("waits"));
        parts.add(Part.token(
                Style.DIGITS,
                new Seconds(queue.longestWait()).said(),
                new Part.Edit(
                        queue.ref(),
                        Pointer.of("maxWait"),
                        queue.maxWait().map(Object::toString).orElse(""))));
        parts.add(Part.plain("at most for"));
        for (Queue.Agent agent : queue.agents()) {
            parts.add(Part.digits(who(agent.party())));
            if (agent.joinsAfter().value() > 0) {
                parts.add(Part.muted("after " + agent.joinsAfter().said()));
            }
            if (agent.byPhone()) {
                parts.add(Part.muted("if logged in"));
            }
            if (agent.keyToTake()) {
                parts.add(Part.muted("with a key to take it"));
            }
        }
        if (queue.agents().isEmpty()) {
            parts.add(Part.end(Style.LOST, "no agents"));
        }
        queue.needs().ifPresent(needs -> parts.add(Part.muted(words(needs))));
        parts.add(Part.plain("each rung for"));
        parts.add(duration(queue.ref(), Pointer.of("ringEach"), queue.ringEach()));
        parts.add(rings(queue.ringEach()));
        parts.add(Part.muted("· hears"));
        parts.add(Part.token(
                Style.PLAIN,
                queue.hears().map(hears -> hears.title(plan)).orElse("the route's music, else nothing"),
                new Part.Edit(
                        queue.ref(),
                        Pointer.of("hears"),
                        queue.hears().map(Object::toString).orElse(""))));
        for (int index = 0; index < queue.meanwhile().size(); index++) {
            parts.addAll(meanwhile(queue, index, language));
        }
        if (!queue.tellAgent().isEmpty()) {
            parts.add(Part.muted("· tells the agent"));
            for (Queue.Told told : queue.tellAgent()) {
                if (told instanceof Queue.Told.Saying(Ref prompt)) {
                    parts.addAll(prompts.prompt(prompt, language));
                } else {
                    parts.add(Part.plain("the wait"));
                }
            }
        }
        return parts;
    }

    /// `who speak the language and know freight (sure), others too after 1 min`.
    private static String words(Queue.Needs needs) {
        List<String> asked = new ArrayList<>();
        if (needs.language()) {
            asked.add("speak the language");
        }
        needs.skill().forEach((skill, level) -> asked.add("know " + skill + " (" + level + ")"));
        String after = needs.relaxAfter()
                .map(relaxed -> ", others too after " + relaxed.said())
                .orElse("");
        return "who " + String.join(" and ", asked) + after;
    }

    /// What is said during the wait, and when; a key that is offered has a row of its own.
    private List<Part> meanwhile(Queue queue, int index, String language) {
        Queue.Meanwhile item = queue.meanwhile().get(index);
        if (item.say().isEmpty() || !item.enabled()) {
            return List.of();
        }
        Pointer place = Pointer.of("meanwhile", index);
        List<Part> parts = new ArrayList<>(List.of(Part.muted("·")));
        item.at().ifPresent(at -> {
            parts.add(Part.muted("after"));
            parts.add(duration(queue.ref(), place.to("at"), at));
        });
        item.every().ifPresent(every -> {
            parts.add(Part.muted(item.at().isPresent() ? "and every" : "every"));
            parts.add(duration(queue.ref(), place.to("every"), every));
        });
        item.holdsWhile()
                .ifPresent(
                        hours -> parts.add(Part.muted("while " + plan.title(hours.hours()) + " is " + hours.state())));
        switch (item.say().get()) {
            case Queue.Said.Words(Ref prompt) -> parts.addAll(prompts.prompt(prompt, language));
            case Queue.Said.Position position ->
                parts.add(Part.token(
                        Style.PLAIN,
                        "the place in the line",
                        new Part.Edit(queue.ref(), place.to("say"), position.toString())));
            case Queue.Said.ExpectedWait wait ->
                parts.add(Part.token(
                        Style.PLAIN,
                        "the expected wait",
                        new Part.Edit(queue.ref(), place.to("say"), wait.toString())));
        }
        return parts;
    }

    List<Part> chain(Chain chain) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("rings")));
        for (int index = 0; index < chain.stages().size(); index++) {
            Chain.Stage stage = chain.stages().get(index);
            parts.add(Part.plain(index == 0 ? "" : "then"));
            parts.add(Part.digits(prompts.called(stage.ring().toString())));
            parts.add(Part.plain("for"));
            parts.add(duration(chain.ref(), Pointer.of("stages", index, "for"), stage.time()));
        }
        parts.removeIf(part -> part.text().isEmpty());
        return parts;
    }

    List<Part> ask(Ask ask, String language) {
        List<Part> parts = new ArrayList<>(List.of(Part.plain("asks")));
        ask.prompts().forEach(one -> parts.addAll(prompts.prompt(one.prompt(), one.in(language))));
        parts.add(Part.plain(
                "for " + (ask.fewest() == ask.most() ? "" : ask.fewest() + " to ") + ask.most() + " digits,"));
        parts.add(Part.token(
                Style.DIGITS,
                ask.tries() == 1 ? "1 try" : ask.tries() + " tries",
                new Part.Edit(ask.ref(), Pointer.of("tries"), String.valueOf(ask.tries()))));
        parts.add(duration(ask.ref(), Pointer.of("keyWait"), ask.keyWait()));
        parts.add(Part.plain("for each digit"));
        parts.addAll(prompts.said(
                "· too few digits", ask.ref(), Pointer.of("noKey"), ask.noKey().prompt(), language));
        parts.addAll(prompts.said(
                "· wrong digits",
                ask.ref(),
                Pointer.of("wrongKey"),
                ask.wrongKey().prompt(),
                language));
        return parts;
    }

    List<Part> page(Page page) {
        return List.of(Part.end(
                Style.OUTSIDE,
                "speaks through " + page.phones().size() + (page.phones().size() == 1 ? " phone" : " phones")));
    }

    Part duration(Ref object, Pointer field, Seconds value) {
        return Part.token(Style.DIGITS, value.said(), new Part.Edit(object, field, value.toString()));
    }

    Part rings(Seconds value) {
        return Part.muted("(" + plan.site().rings(value) + ")");
    }
}
