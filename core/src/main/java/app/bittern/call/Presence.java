package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Where an agent is during one wait: `in`, `out; in from 20s`, `busy for 40s`.
///
/// @param changes in the order of their seconds; before the first an agent is as usual: one who is always in
///                is in, one
///                who logs in by phone is out
public record Presence(List<Change> changes) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "in, out, paused or busy for 40s, each with from 20s where it begins later: "
            + "\"in; out from 20s\"; several waits in order joined by then: \"out then in\"";

    /// In for the whole wait.
    public static final Presence IN = new Presence(List.of(new Change(0, State.IN, 0)));

    /// Out for the whole wait.
    public static final Presence OUT = new Presence(List.of(new Change(0, State.OUT, 0)));

    private static final Pattern SHAPE =
            Pattern.compile("(in|out|paused|busy for ([0-9]{1,5})s)(?: from ([0-9]{1,5})s)?");

    /// What an agent is.
    public enum State {
        IN,
        OUT,
        PAUSED
    }

    /// @param from  second of the wait
    /// @param state what the agent is from then on
    /// @param busy  how long a call or wrap-up keeps the agent from then on, in seconds
    public record Change(int from, State state, int busy) {
        @Override
        public String toString() {
            String what = busy > 0
                    ? "busy for " + busy + "s"
                    : switch (state) {
                        case IN -> "in";
                        case OUT -> "out";
                        case PAUSED -> "paused";
                    };
            return what + (from > 0 ? " from " + from + "s" : "");
        }
    }

    public Presence {
        changes = List.copyOf(changes);
    }

    private Change at(int second) {
        Change now = new Change(0, State.IN, 0);
        for (Change change : changes) {
            if (change.from() <= second) {
                now = change;
            }
        }
        return now;
    }

    /// The same with what the agent is before anything is said of it.
    Presence before(Presence usual) {
        if (!changes.isEmpty() && changes.getFirst().from() == 0) {
            return this;
        }
        List<Change> all = new ArrayList<>(usual.changes);
        all.addAll(changes);
        return new Presence(all);
    }

    /// Whether the agent is logged in at a second of the wait.
    public boolean in(int second) {
        return at(second).state() != State.OUT;
    }

    /// Whether the agent can be rung at a second of the wait.
    boolean free(int second) {
        Change now = at(second);
        return now.state() == State.IN && second >= now.from() + now.busy();
    }

    /// The seconds at which something changes.
    List<Integer> seconds() {
        List<Integer> all = new ArrayList<>();
        for (Change change : changes) {
            all.add(change.from());
            if (change.busy() > 0) {
                all.add(change.from() + change.busy());
            }
        }
        return all;
    }

    /// Reads what [#toString()] writes.
    public static Optional<Presence> parse(String text) {
        List<Change> changes = new ArrayList<>();
        for (String one : text.split(";", -1)) {
            Matcher read = SHAPE.matcher(one.strip());
            if (!read.matches()) {
                return Optional.empty();
            }
            int from = read.group(3) == null ? 0 : Integer.parseInt(read.group(3));
            int busy = read.group(2) == null ? 0 : Integer.parseInt(read.group(2));
            State state =
                    read.group(1).equals("out") ? State.OUT : read.group(1).equals("paused") ? State.PAUSED : State.IN;
            if (!changes.isEmpty() && changes.getLast().from() >= from) {
                return Optional.empty();
            }
            changes.add(new Change(from, state, busy));
        }
        return Optional.of(new Presence(changes));
    }

    /// Reads several waits in order, as [Reaction#words(List)] writes them.
    public static Optional<List<Presence>> parseAll(String text) {
        List<Presence> all = new ArrayList<>();
        for (String one : text.split(" then ", -1)) {
            Optional<Presence> read = parse(one.strip());
            if (read.isEmpty()) {
                return Optional.empty();
            }
            all.add(read.get());
        }
        return Optional.of(List.copyOf(all));
    }

    @Override
    public String toString() {
        return String.join("; ", changes.stream().map(Change::toString).toList());
    }
}
