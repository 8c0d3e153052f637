package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Queue;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import app.bittern.plan.Trunk;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What was decided on for a call at one object, as facts: the object, and what the bench said there.
///
/// No sentence is made of it here. Whoever wants one asks `app.bittern.telling`.
public sealed interface Account {
    /// No route took the call.
    record Unmatched(Arrival called) implements Account {}

    /// A route took it.
    record Routed(Route route) implements Account {}

    /// A phone of the site dialled.
    ///
    /// @param refused how the call ended at once, where it did
    record Dialled(Extension extension, Dials dials, Optional<Ending.Kind> refused) implements Account {}

    /// A code did what it is for.
    record DidCode(Code code) implements Account {}

    /// The number of a switch was dialled.
    ///
    /// @param from the position that it was in
    record Turned(Switch turned, String from) implements Account {}

    /// An outbound route sent it out, or could not.
    ///
    /// @param digits as dialled
    /// @param tried  the trunks, one after another; none where the phone may not dial so
    /// @param sent   the digits that went out, by the last that was tried
    /// @param shows  the number shown
    record SentOut(Outbound outbound, String digits, List<Tried> tried, Optional<String> sent, Optional<E164> shows)
            implements Account {
        public SentOut {
            tried = List.copyOf(tried);
        }
    }

    /// A trunk, with what was found of it.
    record Tried(Trunk trunk, Found found) {}

    /// A branch sent it by one of its cases.
    ///
    /// @param carrying what the call carried when it came there
    record Branched(Branch branch, Context carrying) implements Account {}

    /// All was said.
    record Announced(Announcement announcement) implements Account {}

    /// It speaks through a page.
    record Paged(Page page) implements Account {}

    /// An extension forwards all its calls.
    record Forwarded(Extension extension) implements Account {}

    /// An extension was called.
    ///
    /// @param phone what its phone did
    record Called(Extension extension, Reaction phone) implements Account {}

    /// A ring group rang.
    record RangTogether(RingGroup group, List<Rung> members) implements Account {
        public RangTogether {
            members = List.copyOf(members);
        }
    }

    /// A hunt group hunted.
    ///
    /// @param rung in the order in which they were
    record Hunted(HuntGroup group, List<Hunt> members, List<RungAt> rung) implements Account {
        public Hunted {
            members = List.copyOf(members);
            rung = List.copyOf(rung);
        }
    }

    /// A stage of a chain rang.
    ///
    /// @param stage  its place in the chain, from 0; as many as there are where the chain has none
    /// @param inside what happened in a hunt group or a queue that it rang
    record AtStage(Chain chain, int stage, List<Rung> phones, Optional<Account> inside) implements Account {
        public AtStage {
            phones = List.copyOf(phones);
        }
    }

    /// It came to a mailbox.
    record InMailbox(Mailbox mailbox, Found found) implements Account {}

    /// A menu asked for a key.
    ///
    /// @param tries  one after another; the last may have been taken
    record InMenu(Menu menu, List<Try> tries) implements Account {
        public InMenu {
            tries = List.copyOf(tries);
        }
    }

    /// An ask asked for digits.
    ///
    /// @param tries one after another; the last may have been taken
    record Asked(Ask ask, List<Try> tries) implements Account {
        public Asked {
            tries = List.copyOf(tries);
        }
    }

    /// It came to a queue.
    ///
    /// @param joining how long is spoken before the wait begins, in seconds
    /// @param told    how long the agent who took the call is told something first, in seconds
    /// @param rung    the agents' phones in the order in which they were rung for this call or those ahead
    /// @param tries   the second of the wait at which the attempts were used up, where that ended it
    /// @param pressed what was pressed, where that ended it
    record InQueue(
            Queue queue,
            Found found,
            List<AtWork> agents,
            int joining,
            int told,
            List<RungAt> rung,
            Optional<Integer> tries,
            Optional<Pressed> pressed)
            implements Account {
        public InQueue {
            agents = List.copyOf(agents);
            rung = List.copyOf(rung);
        }

        /// The first second of the wait at which nobody has been in for so long, as far as this call sees it.
        ///
        /// @param until the second at which the wait ends
        public Optional<Integer> emptyFor(int seconds, int until) {
            List<Integer> changes = Stream.concat(
                            Stream.of(0), agents.stream().flatMap(one -> one.presence().seconds().stream()))
                    .filter(second -> second <= until)
                    .distinct()
                    .sorted()
                    .toList();
            int since = -1;
            for (int second : changes) {
                if (since >= 0 && second - since >= seconds) {
                    break;
                }
                since = somebodyIn(second) ? -1 : since >= 0 ? since : second;
            }
            return since >= 0 && since + seconds <= until ? Optional.of(since + seconds) : Optional.empty();
        }

        private boolean somebodyIn(int second) {
            return agents.stream().anyMatch(one -> one.rings() && one.presence().in(second));
        }
    }

    /// A phone that begins to ring, so many seconds after the call has come to the object.
    record RungAt(Party party, int second) {}

    /// What was pressed in a wait.
    ///
    /// @param keys the key, and where it led to a menu that keeps the place what was keyed there
    /// @param to   where that leads; nothing where the caller will be rung back
    record Pressed(List<String> keys, Optional<Destination> to, boolean callback) {
        public Pressed {
            keys = List.copyOf(keys);
        }
    }

    /// A member of a hunt group, with what was seen of its phone on entering.
    record Hunt(Party party, Reaction seen) {
        /// Whether it is rung at all.
        public boolean takesPart() {
            return Reaction.reachable(seen);
        }
    }

    /// What was keyed in one try.
    ///
    /// @param digits empty for silence
    /// @param second at which the last was keyed, or the try was over; from entering the object
    record Try(String digits, int second) {}

    /// An agent in one wait.
    ///
    /// @param rings whether the agent's phone can ring for this call
    record AtWork(Queue.Agent agent, boolean rings, Presence presence) {}
}
