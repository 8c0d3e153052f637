package app.bittern.server.group;

import app.bittern.call.Cause;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Traffic;
import app.bittern.score.GroupScore;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.object.Said;
import app.bittern.server.plan.Asked;
import app.bittern.traffic.Advice;
import app.bittern.traffic.ErlangB;
import app.bittern.traffic.ExpectedCalls;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Ring groups and hunt groups, drawn to scale.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class GroupController {
    private static final int MOST = 100;
    private static final String NO_ANSWER = "/noAnswer";
    private static final String BUSY = "/busy";
    private static final String UNREACHABLE = "/unreachable";

    /// A window on the groups.
    ///
    /// @param find a part of name or number
    /// @param from the first, from 0
    /// @param rows how many, 100 at most
    @GetMapping("/groups")
    GroupApi.GroupsView groups(
            Asked asked,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "20") int rows) {
        Plan plan = asked.plan();
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<Group> found = plan.all(Group.class)
                .filter(group -> (group.title() + " " + group.number().orElse(""))
                        .toLowerCase(Locale.ROOT)
                        .contains(wanted))
                .toList();
        Map<Ref, Double> calls = ExpectedCalls.callsPerHour(plan);
        return new GroupApi.GroupsView(
                asked.version(),
                found.size(),
                found.stream()
                        .skip(Math.max(0, from))
                        .limit(Math.clamp(rows, 0, MOST))
                        .map(group -> view(plan, group, Optional.ofNullable(calls.get(group.ref()))))
                        .toList());
    }

    private static GroupApi.GroupView view(Plan plan, Group group, Optional<Double> calls) {
        boolean together = group instanceof RingGroup;
        int length = switch (group) {
            case RingGroup ring -> ring.ringFor().value();
            case HuntGroup hunt -> hunt.ringEach().value();
        };
        int laps = group instanceof HuntGroup hunt ? hunt.laps() : 1;
        GroupScore score = GroupScore.of(plan, group);
        Optional<Traffic> traffic = plan.find(new Ref(Kind.TRAFFIC, Traffic.KEY), Traffic.class);
        int talk = traffic.map(one -> one.talkIn(group.ref()).value()).orElse(Traffic.TALK.value());
        return new GroupApi.GroupView(
                group.ref().toString(),
                group.title(),
                group.number(),
                together,
                group instanceof HuntGroup hunt ? ordered(hunt) : "all ring together",
                group.shownAs(),
                score.lasts(),
                leaves(score.leaves()),
                together ? "/ringFor" : "/ringEach",
                length,
                laps,
                IntStream.range(0, group.members().size())
                        .mapToObj(place ->
                                member(plan, group, place, score.members().get(place)))
                        .toList(),
                ends(plan, group),
                group.followForwarding(),
                calls,
                calls.filter(rate -> !group.members().isEmpty())
                        .map(rate -> advice(rate, talk, group.members().size())));
    }

    private static String leaves(Cause cause) {
        if (cause instanceof Cause.NoAnswer) {
            return NO_ANSWER;
        }
        return cause instanceof Cause.Busy ? BUSY : UNREACHABLE;
    }

    private static String ordered(HuntGroup hunt) {
        return switch (hunt.order()) {
            case FIXED -> "one after another, always from the first";
            case ROTATING -> "one after another, each time from the next";
            case LONGEST_IDLE -> "whoever has been idle longest first";
            case FEWEST_CALLS -> "whoever had the fewest calls first";
            case RANDOM -> "in any order";
            case EVERYONE -> "all together";
            case BY_RANK -> "by rank";
            case BY_SKILL -> "by skill";
        };
    }

    private static GroupApi.AdviceView advice(double calls, int talk, int people) {
        Advice advice = Advice.of(calls, talk, people);
        return new GroupApi.AdviceView(
                advice.queue(), advice.allBusy(), advice.says(), ErlangB.traffic(people, Advice.SELDOM) * 3600 / talk);
    }

    private static GroupApi.RungView member(Plan plan, Group group, int place, GroupScore.Phone phone) {
        Member member = group.members().get(place);
        Optional<Ref> extension = member.party() instanceof Party.Inside(Ref ref) ? Optional.of(ref) : Optional.empty();
        return new GroupApi.RungView(
                place,
                plan.title(member.party()),
                extension.map(Ref::toString),
                group instanceof RingGroup ? member.after().value() : 0,
                member.keyToTake(),
                phone.able(),
                phone.rings(),
                notes(plan, group, member, extension));
    }

    private static List<String> notes(Plan plan, Group group, Member member, Optional<Ref> extension) {
        List<String> notes = new ArrayList<>();
        long times = group.members().stream()
                .filter(one -> one.party().equals(member.party()))
                .count();
        if (times > 1) {
            notes.add("in the group " + (times == 2 ? "twice" : times + " times"));
        }
        if (group instanceof RingGroup ring
                && member.after().value() >= ring.ringFor().value()) {
            notes.add("never rings: it would begin after the end");
        }
        Optional<Extension> known = extension.flatMap(ref -> plan.find(ref, Extension.class));
        if (extension.isPresent() && known.isEmpty()) {
            notes.add("is not there: a hole");
        }
        known.filter(Extension::doNotDisturb).ifPresent(one -> notes.add("does not ring: do not disturb"));
        known.flatMap(one -> one.forward().always())
                .ifPresent(to -> notes.add("forwards all calls to " + Said.destination(plan, to)
                        + (group.followForwarding() ? ", which is followed here" : ", which is not followed here")));
        if (member.party() instanceof Party.Outside && !member.keyToTake()) {
            notes.add("its voicemail may take the call: no key is asked for");
        }
        long groups = extension.stream()
                .flatMap(ref -> plan.uses(ref).stream())
                .map(Plan.Use::object)
                .filter(ref -> ref.kind() == Kind.RING_GROUP || ref.kind() == Kind.HUNT_GROUP)
                .distinct()
                .count();
        if (groups > 1) {
            notes.add("in " + groups + " groups");
        }
        return notes;
    }

    private static List<GroupApi.EndView> ends(Plan plan, Group group) {
        return List.of(
                end(plan, "nobody answers", NO_ANSWER, group.noAnswer(), group.noAnswer()),
                end(plan, "all are busy", BUSY, group.busy(), group.onBusy()),
                end(plan, "none is there", UNREACHABLE, group.unreachable(), group.onUnreachable()));
    }

    private static GroupApi.EndView end(
            Plan plan, String when, String field, Optional<Destination> given, Optional<Destination> counts) {
        return new GroupApi.EndView(
                when, field, counts.map(to -> Said.destination(plan, to)).orElse("nowhere: a hole"), given.isPresent());
    }
}
