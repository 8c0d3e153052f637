package app.bittern.cli;

import app.bittern.call.Ending;

/// An ending with its references: `message in mailbox/bookings`.
final class EndingText {
    private EndingText() {}

    static String of(Ending ending) {
        return ending.kind().word()
                + ending.cause().map(cause -> " (" + cause.word() + ")").orElse("") + " in " + ending.in()
                + ending.by().map(by -> " by " + by).orElse("");
    }
}
