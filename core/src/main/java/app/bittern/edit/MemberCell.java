package app.bittern.edit;

import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Member;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// How an extension is in a group, a queue or a page, as one cell of a table says it: `in`, `10s` (after the
/// others), `2` (its place in a hunt group, its rank in a queue), `2 phone 40s` (logs in by phone, joins after
/// 40 s), `key` (must press one to take the call). An empty cell is out.
///
/// @param place     in a hunt group from 1, in a queue the rank; absent where nothing is said
/// @param after     how long after the others it rings, or joins
/// @param byPhone   whether an agent logs in by phone
/// @param keyToTake whether a key must be pressed
public record MemberCell(OptionalInt place, Optional<Seconds> after, boolean byPhone, boolean keyToTake) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "nothing (out), in, a place or rank such as 2, a delay such as 10s, phone (logs in by phone) and key (must"
                    + " press one), such as \"2 phone 40s\"";

    private static final String IN = "in";
    private static final String PHONE = "phone";
    private static final String KEY = "key";
    private static final int MOST = 99;

    /// In, and nothing else said.
    public static final MemberCell PLAIN = new MemberCell(OptionalInt.empty(), Optional.empty(), false, false);

    /// The kinds of object whose members such a cell says.
    public static final List<Kind> KINDS = List.of(Kind.RING_GROUP, Kind.HUNT_GROUP, Kind.QUEUE, Kind.PAGE);

    /// Reads a cell.
    ///
    /// @return nothing where it cannot be read; an empty one where the cell is
    public static Optional<Optional<MemberCell>> parse(String text) {
        String words = text.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("([0-9]) (s|min|h)\\b", "$1$2")
                .replace("min", "m");
        if (words.isEmpty()) {
            return Optional.of(Optional.empty());
        }
        MemberCell cell = PLAIN;
        for (String word : words.split("[ ,·]+", -1)) {
            Optional<Seconds> time = Seconds.parse(word);
            if (word.matches("[1-9][0-9]?")) {
                cell = new MemberCell(OptionalInt.of(Integer.parseInt(word)), cell.after, cell.byPhone, cell.keyToTake);
            } else if (time.isPresent()) {
                cell = new MemberCell(cell.place, time, cell.byPhone, cell.keyToTake);
            } else if (word.equals(PHONE)) {
                cell = new MemberCell(cell.place, cell.after, true, cell.keyToTake);
            } else if (word.equals(KEY)) {
                cell = new MemberCell(cell.place, cell.after, cell.byPhone, true);
            } else if (!word.equals(IN)) {
                return Optional.empty();
            }
        }
        return Optional.of(Optional.of(cell));
    }

    /// How an extension is in an object; nothing where it is not. Twice in is as the first time.
    public static Optional<MemberCell> of(PlanObject object, Ref extension) {
        if (object instanceof HuntGroup group) {
            return in(group, extension).map(member -> of(member, group.members().indexOf(member) + 1));
        }
        if (object instanceof Group group) {
            return in(group, extension).map(MemberCell::of);
        }
        if (object instanceof Queue queue) {
            return queue.agents().stream()
                    .filter(agent -> agent.extension().equals(Optional.of(extension)))
                    .findFirst()
                    .map(MemberCell::of);
        }
        return object instanceof Page page && page.phones().contains(extension) ? Optional.of(PLAIN) : Optional.empty();
    }

    private static Optional<Member> in(Group group, Ref extension) {
        return group.members().stream()
                .filter(member -> member.party().equals(new Party.Inside(extension)))
                .findFirst();
    }

    private static MemberCell of(Member member) {
        return new MemberCell(OptionalInt.empty(), given(member.after()), false, member.keyToTake());
    }

    private static MemberCell of(Member member, int place) {
        return new MemberCell(OptionalInt.of(place), Optional.empty(), false, member.keyToTake());
    }

    private static MemberCell of(Queue.Agent agent) {
        return new MemberCell(
                OptionalInt.of(agent.rank()), given(agent.joinsAfter()), agent.byPhone(), agent.keyToTake());
    }

    private static Optional<Seconds> given(Seconds delay) {
        return Optional.of(delay).filter(one -> one.value() > 0);
    }

    /// An object with an extension in it as a cell says, or without it.
    ///
    /// @return nothing where the object has no such members, or they cannot be so: no delay in a hunt group
    public static Optional<PlanObject> put(PlanObject object, Ref extension, Optional<MemberCell> cell) {
        boolean agents = cell.filter(MemberCell::byPhone).isPresent();
        boolean placed = cell.filter(one -> one.place.isPresent()).isPresent();
        boolean late = cell.filter(one -> one.after.isPresent()).isPresent();
        if (object instanceof HuntGroup group && !agents && !late) {
            OptionalInt place = cell.map(MemberCell::place).orElse(OptionalInt.empty());
            return Optional.of(group.with(members(group, extension, cell, place)));
        }
        if (object instanceof RingGroup group && !agents && !placed) {
            return Optional.of(group.with(members(group, extension, cell, OptionalInt.empty())));
        }
        if (object instanceof Queue queue) {
            return Optional.of(queue.withAgents(agents(queue, extension, cell)));
        }
        return object instanceof Page page
                        && cell.filter(one -> !one.equals(PLAIN)).isEmpty()
                ? Optional.of(page.withPhones(placed(
                        page.phones(),
                        page.phones().indexOf(extension),
                        cell.map(one -> extension),
                        OptionalInt.empty())))
                : Optional.empty();
    }

    private static List<Member> members(Group group, Ref extension, Optional<MemberCell> cell, OptionalInt place) {
        List<Member> members = group.members();
        Optional<Member> known = in(group, extension);
        // Where phones ring one after another a cell says no delay, and what is there stays.
        Seconds unsaid = group instanceof HuntGroup ? known.map(Member::after).orElse(new Seconds(0)) : new Seconds(0);
        return placed(
                members,
                known.map(members::indexOf).orElse(-1),
                cell.map(one -> new Member(new Party.Inside(extension), one.after.orElse(unsaid), one.keyToTake)),
                place);
    }

    private static List<Queue.Agent> agents(Queue queue, Ref extension, Optional<MemberCell> cell) {
        int known = IntStream.range(0, queue.agents().size())
                .filter(index -> queue.agents().get(index).extension().equals(Optional.of(extension)))
                .findFirst()
                .orElse(-1);
        return placed(
                queue.agents(),
                known,
                cell.map(one -> new Queue.Agent(
                        new Party.Inside(extension),
                        one.byPhone,
                        one.place.orElse(1),
                        one.after.orElse(new Seconds(0)),
                        one.keyToTake)),
                OptionalInt.empty());
    }

    /// A list with an entry put where it is, or in another place from 1, or at the end, or taken out.
    private static <T> List<T> placed(List<T> list, int known, Optional<T> entry, OptionalInt place) {
        List<T> all = new ArrayList<>(list);
        if (known >= 0) {
            all.remove(known);
        }
        entry.ifPresent(one -> all.add(
                Math.min(all.size(), place.isPresent() ? place.getAsInt() - 1 : known >= 0 ? known : all.size()), one));
        return List.copyOf(all);
    }

    /// As a cell shows it; [#parse] reads it back.
    ///
    /// @param kind of the object: the usual rank of a queue is not said
    public String words(Kind kind) {
        List<String> words = new ArrayList<>();
        place.ifPresent(one -> {
            if (kind == Kind.HUNT_GROUP || one != 1) {
                words.add(String.valueOf(Math.min(one, MOST)));
            }
        });
        if (byPhone) {
            words.add(PHONE);
        }
        after.ifPresent(time -> words.add(time.toString()));
        if (keyToTake) {
            words.add(KEY);
        }
        return words.isEmpty() ? IN : String.join(" ", words);
    }
}
