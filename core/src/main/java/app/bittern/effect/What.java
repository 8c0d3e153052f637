package app.bittern.effect;

import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Party;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/// Something that a call sets off, such as `alarm/medical`, or a text to +447700900399.
public sealed interface What {
    /// How promises, test calls and JSON name it: `alarm/medical`, `text alarm/medical`, `switch/timetable reduced`.
    String id();

    /// Whether it is named so; a switch without a position is any position of it.
    default boolean is(String named) {
        return id().equals(named) || (this instanceof Turned(Ref turned, String to) && named.equals(turned.toString()));
    }

    /// An alarm is set off.
    ///
    /// @param again how long after each other it is told again until somebody acknowledges it
    record SetOff(Ref alarm, Alarm.Severity severity, Optional<Seconds> again) implements What {
        @Override
        public String id() {
            return alarm.toString();
        }
    }

    /// Mail is sent.
    ///
    /// @param by the alarm or the mailbox that sends it
    record Mail(Ref by, List<String> to, String subject, String body) implements What {
        public Mail {
            to = List.copyOf(to);
        }

        @Override
        public String id() {
            return "mail " + by;
        }
    }

    /// Short messages are sent.
    record Text(Ref by, List<E164> to, String body) implements What {
        public Text {
            to = List.copyOf(to);
        }

        @Override
        public String id() {
            return "text " + by;
        }
    }

    /// Something is spoken through phones.
    record Paged(Ref by, Ref over, Optional<Ref> say, int times) implements What {
        @Override
        public String id() {
            return "page " + over;
        }
    }

    /// An SNMP trap, or an inform, is sent.
    record Trap(Ref by, Ref target, boolean inform) implements What {
        @Override
        public String id() {
            return "trap " + target;
        }
    }

    /// A switch is turned to a position.
    record Turned(Ref turned, String to) implements What {
        @Override
        public String id() {
            return turned + " " + to;
        }
    }

    /// An agent logs in to a queue.
    record LoggedIn(Ref queue) implements What {
        @Override
        public String id() {
            return "login " + queue;
        }
    }

    /// An agent logs out of a queue.
    record LoggedOut(Ref queue) implements What {
        @Override
        public String id() {
            return "logout " + queue;
        }
    }

    /// An agent takes no calls for a while.
    record Paused(Optional<Ref> reason) implements What {
        @Override
        public String id() {
            return "pause" + reason.map(why -> " " + why).orElse("");
        }
    }

    /// A prompt is spoken anew.
    record Spoken(Ref prompt) implements What {
        @Override
        public String id() {
            return "record " + prompt;
        }
    }

    /// The call is recorded from here on, as its route says, or where that says nothing its queue.
    record Recorded() implements What {
        /// How promises and test calls name it.
        public static final String ID = "recorded";

        @Override
        public String id() {
            return ID;
        }
    }

    /// A phone that rings shows something.
    ///
    /// @param phone which; whichever rings where absent
    /// @param alert how it rings, where its route says so
    record Shown(Optional<Party> phone, String text, Optional<String> alert) implements What {
        /// How it rings where that is said, to stand behind what is shown: `, ringing as priority:high`.
        public String rings() {
            return alert.map(how -> ", ringing as " + how).orElse("");
        }

        @Override
        public String id() {
            return "shown " + text;
        }
    }

    /// What it does, in words, references by what people call them.
    ///
    /// @param title what an object is called
    default String words(Function<Ref, String> title) {
        return switch (this) {
            case SetOff(Ref alarm, Alarm.Severity severity, Optional<Seconds> again) ->
                "alarm " + title.apply(alarm) + " (" + severity.word() + ")"
                        + again.map(every -> ", told again every " + every.said() + " until acknowledged")
                                .orElse("");
            case Mail(Ref by, List<String> to, String subject, String body) ->
                "mail to " + String.join(", ", to) + quoted(subject) + quoted(body);
            case Text(Ref by, List<E164> to, String body) ->
                "text to " + to.stream().map(E164::international).collect(Collectors.joining(", ")) + quoted(body);
            case Paged(Ref by, Ref over, Optional<Ref> say, int times) ->
                "page through " + title.apply(over)
                        + say.map(prompt -> ": " + title.apply(prompt)).orElse("")
                        + (times > 1 ? ", " + times + " times" : "");
            case Trap(Ref by, Ref target, boolean inform) ->
                (inform ? "inform" : "trap") + " to " + title.apply(target);
            case Turned(Ref turned, String to) -> title.apply(turned) + " is turned to " + to;
            case LoggedIn(Ref queue) -> "agent logged in to " + title.apply(queue);
            case LoggedOut(Ref queue) -> "agent logged out of " + title.apply(queue);
            case Paused(Optional<Ref> reason) ->
                "agent paused" + reason.map(why -> ", " + title.apply(why)).orElse("");
            case Spoken(Ref prompt) -> title.apply(prompt) + " is spoken anew";
            case Recorded recorded -> "the call is recorded";
            case Shown shown ->
                shown.phone().map(Party::phone).orElse("a phone that rings") + " shows “" + shown.text() + "”"
                        + shown.rings();
        };
    }

    private static String quoted(String text) {
        return text.isEmpty() ? "" : " “" + text + "”";
    }
}
