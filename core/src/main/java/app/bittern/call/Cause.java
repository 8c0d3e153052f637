package app.bittern.call;

import app.bittern.plan.Ref;
import java.util.Optional;

/// What makes a caller leave an object: a key, an answer, time gone by.
public sealed interface Cause {
    /// A short text that names it among the outcomes of its object, `key 3`; kept the same, as addresses use it.
    String id();

    /// Whether the caller chose it.
    default boolean callersChoice() {
        return switch (this) {
            case Key key -> true;
            case Dialled dialled -> true;
            case KeyZero zero -> true;
            case Digits digits -> true;
            case Callback callback -> true;
            case Looked(Answer answer, boolean keyed) -> keyed;
            case Within within -> true;
            case Passed passed -> false;
            case NoNumber none -> false;
            case Case one -> false;
            case NoValidKey none -> false;
            case NoKey none -> false;
            case WrongKey wrong -> false;
            case Answered answered -> false;
            case NoAnswer none -> false;
            case Busy busy -> false;
            case Unreachable off -> false;
            case Forwarded always -> false;
            case Message message -> false;
            case NoValidDigits none -> false;
            case Full full -> false;
            case NoAgents none -> false;
            case AgentsGone gone -> false;
            case Overflow overflow -> false;
            case Paged paged -> false;
            case Done done -> false;
            case Barred barred -> false;
            case ByTrunk out -> false;
            case NoChannel none -> false;
        };
    }

    /// Nothing but passing through.
    record Passed() implements Cause {
        @Override
        public String id() {
            return "on";
        }
    }

    /// Led elsewhere by the route because the call comes without a number.
    record NoNumber() implements Cause {
        @Override
        public String id() {
            return "no-number";
        }
    }

    /// A state of what a branch asks.
    record Case(String state) implements Cause {
        @Override
        public String id() {
            return "case " + state;
        }
    }

    record Key(String pressed) implements Cause {
        @Override
        public String id() {
            return "key " + pressed;
        }
    }

    /// An extension dialled in a menu, or any digits dialled at a phone of the site.
    record Dialled(String extension) implements Cause {
        @Override
        public String id() {
            return "dialled " + extension;
        }
    }

    record NoValidKey() implements Cause {
        @Override
        public String id() {
            return "no-valid-key";
        }
    }

    /// Nothing keyed in the last try of a menu or an ask, where a wrong key leads elsewhere.
    record NoKey() implements Cause {
        @Override
        public String id() {
            return "no-key";
        }
    }

    /// Something wrong, or too little, keyed in the last try of a menu or an ask, where silence leads elsewhere.
    record WrongKey() implements Cause {
        @Override
        public String id() {
            return "wrong-key";
        }
    }

    record Answered() implements Cause {
        @Override
        public String id() {
            return "answered";
        }
    }

    record NoAnswer() implements Cause {
        @Override
        public String id() {
            return "no-answer";
        }
    }

    record Busy() implements Cause {
        @Override
        public String id() {
            return "busy";
        }
    }

    record Unreachable() implements Cause {
        @Override
        public String id() {
            return "unreachable";
        }
    }

    /// All calls forwarded.
    record Forwarded() implements Cause {
        @Override
        public String id() {
            return "forwarded";
        }
    }

    /// A message left.
    record Message() implements Cause {
        @Override
        public String id() {
            return "message";
        }
    }

    /// Key 0 in a mailbox.
    record KeyZero() implements Cause {
        @Override
        public String id() {
            return "key 0";
        }
    }

    /// Digits that were asked for.
    ///
    /// @param found the contact that they are, by number; empty where they are nobody's
    record Digits(Optional<String> found) implements Cause {
        @Override
        public String id() {
            return found.map(contact -> "digits of " + contact).orElse("digits of nobody");
        }
    }

    /// The digits asked for were not given.
    record NoValidDigits() implements Cause {
        @Override
        public String id() {
            return "no-valid-digits";
        }
    }

    /// A queue with as many callers as it holds, or a mailbox with as many messages as it keeps.
    record Full() implements Cause {
        @Override
        public String id() {
            return "full";
        }
    }

    /// No agent is logged in when the caller comes.
    record NoAgents() implements Cause {
        @Override
        public String id() {
            return "no-agents";
        }
    }

    /// No agent is logged in any more while the caller waits.
    record AgentsGone() implements Cause {
        @Override
        public String id() {
            return "agents-gone";
        }
    }

    /// The longest wait is over.
    record Overflow() implements Cause {
        @Override
        public String id() {
            return "overflow";
        }
    }

    /// To be called back, by a key.
    record Callback(String pressed) implements Cause {
        @Override
        public String id() {
            return "key " + pressed;
        }
    }

    /// A key of a menu that a key has led to while the place in a queue is kept.
    ///
    /// @param digits the menu's key, or an extension dialled there
    record Within(String pressed, String digits) implements Cause {
        @Override
        public String id() {
            return "keys " + pressed + " " + digits;
        }
    }

    /// A code has done what it is for.
    record Done() implements Cause {
        @Override
        public String id() {
            return "done";
        }
    }

    /// What a lookup has said: `tag haulier`, `failed`.
    ///
    /// @param keyed whether it was asked with digits that the caller chose
    record Looked(Answer answer, boolean keyed) implements Cause {
        @Override
        public String id() {
            return "lookup " + answer.word();
        }
    }

    /// The phone may not dial so.
    record Barred() implements Cause {
        @Override
        public String id() {
            return "barred";
        }
    }

    /// Out by a trunk, those before it being full or down.
    record ByTrunk(Ref trunk) implements Cause {
        @Override
        public String id() {
            return "by " + trunk;
        }
    }

    /// Every trunk is full or down.
    record NoChannel() implements Cause {
        @Override
        public String id() {
            return "no-channel";
        }
    }

    /// Spoken through phones.
    record Paged() implements Cause {
        @Override
        public String id() {
            return "paged";
        }
    }
}
