package app.bittern.call;

/// What makes a caller leave an object: a key, an answer, time gone by.
public sealed interface Cause {
    /// A short text that names it among the outcomes of its object, `key 3`; kept the same, as addresses use it.
    String id();

    /// Whether the caller chose it.
    default boolean callersChoice() {
        return this instanceof Key || this instanceof Dialled || this instanceof Operator;
    }

    /// Nothing but passing through.
    record Passed() implements Cause {
        @Override
        public String id() {
            return "on";
        }
    }

    /// Refused by the route because the number is withheld.
    record Rejected() implements Cause {
        @Override
        public String id() {
            return "rejected";
        }
    }

    /// A state of what a split asks.
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

    /// An extension dialled in a menu.
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
    record Operator() implements Cause {
        @Override
        public String id() {
            return "key 0";
        }
    }
}
