package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Answer;
import app.bittern.call.Cause;
import app.bittern.call.Trace;
import app.bittern.plan.Ask;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What became of a call where a caller keys something: in a menu, an ask, a mailbox.
record KeyTelling(Telling telling) {
    Told menu(Account.InMenu account, Trace.Step step) {
        Menu menu = account.menu();
        List<Account.Try> tries = account.tries();
        Account.Try last = tries.getLast();
        Optional<String> failed = step.cause().flatMap(KeyTelling::failing);
        if (failed.isPresent()) {
            List<Why> why = failed(menu, tries);
            why.add(Why.held(failed.get(), "that was try " + menu.tries() + " of " + menu.tries()));
            return new Told(
                    capital(failed.get()) + " in " + menu.title() + " after "
                            + (menu.tries() == 1 ? "1 try" : menu.tries() + " tries") + ": to "
                            + telling.words(last.digits().isEmpty() ? menu.onNoKey() : menu.onWrongKey()),
                    why);
        }
        List<Why> why = failed(menu, tries.subList(0, tries.size() - 1));
        Menu.OnKey does = menu.keys().get(last.digits());
        return does == null ? dialled(menu, last, why) : keyed(menu, last, does, why);
    }

    /// How the last try of a menu failed, where it did.
    private static Optional<String> failing(Cause cause) {
        return cause instanceof Cause.NoValidKey
                ? Optional.of("no valid key")
                : cause instanceof Cause.NoKey
                        ? Optional.of("no key")
                        : cause instanceof Cause.WrongKey ? Optional.of("wrong key") : Optional.empty();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private Told dialled(Menu menu, Account.Try last, List<Why> why) {
        String digits = last.digits();
        why.add(Why.held("extension " + digits, digits + " was dialled and is an extension"));
        String who = telling.plan()
                .find(new Ref(Kind.EXTENSION, digits), Extension.class)
                .map(Extension::title)
                .orElse(digits);
        return new Told(digits + " dialled in " + menu.title() + ": to " + who, why);
    }

    private Told keyed(Menu menu, Account.Try last, Menu.OnKey does, List<Why> why) {
        menu.keys()
                .keySet()
                .forEach(key -> why.add(
                        key.equals(last.digits())
                                ? Why.held("key " + key, "pressed at " + Seconds.clock(last.second()) + " in this menu")
                                : Why.not("key " + key, "not pressed")));
        return new Told(
                "Key " + last.digits()
                        + does.label().map(label -> " (" + label + ")").orElse("") + " in " + menu.title() + ": to "
                        + telling.words(does.to()),
                why);
    }

    /// The tries in which no valid key came.
    private static List<Why> failed(Menu menu, List<Account.Try> tries) {
        List<Why> why = new ArrayList<>();
        for (Account.Try one : tries) {
            why.add(Why.not(
                    "a key in try " + (why.size() + 1),
                    one.digits().isEmpty()
                            ? "no key within " + menu.keyWait().said() + " of the prompt's end"
                            : one.digits() + " is neither a key of this menu"
                                    + (menu.dialExtensions().possible()
                                            ? " nor an extension"
                                            : "; extensions are not dialled here")));
        }
        return why;
    }

    Told asked(Account.Asked account, Trace.Step step) {
        Ask ask = account.ask();
        List<Account.Try> tries = account.tries();
        Cause cause = step.cause().orElse(new Cause.NoValidDigits());
        Optional<String> who = whose(ask, cause);
        if (who.isEmpty()) {
            List<Why> why = failed(ask, tries);
            why.add(Why.held("no valid digits", "that was try " + ask.tries() + " of " + ask.tries()));
            return new Told(
                    "No valid digits in " + ask.title() + ": to "
                            + telling.words(tries.getLast().digits().isEmpty() ? ask.onNoKey() : ask.onWrongKey()),
                    why);
        }
        List<Why> why = failed(ask, tries.subList(0, tries.size() - 1));
        String digits = tries.getLast().digits();
        why.add(Why.held("digits in try " + tries.size(), digits + " is " + who.get()));
        Optional<Destination> to = cause instanceof Cause.Dialled
                ? telling.plan().insideNumbers().object(digits).map(Destination.To::new)
                : ask.to();
        return new Told(
                digits + " keyed in " + ask.title() + ", which is " + who.get() + ": to " + telling.words(to), why);
    }

    /// Whose the digits are; nothing where none were valid.
    private Optional<String> whose(Ask ask, Cause cause) {
        if (cause instanceof Cause.Digits(Optional<String> contact)) {
            return Optional.of(contact.map(key -> telling.plan().title(new Ref(Kind.CONTACT, key)))
                    .orElse("nobody"));
        }
        if (cause instanceof Cause.Looked(Answer answer, boolean keyed)) {
            return Optional.of(answer.word()
                    + ask.lookup()
                            .map(ref -> " in " + telling.plan().title(ref))
                            .orElse(""));
        }
        return cause instanceof Cause.Dialled ? Optional.of("a number of the site") : Optional.empty();
    }

    private static List<Why> failed(Ask ask, List<Account.Try> tries) {
        List<Why> why = new ArrayList<>();
        for (Account.Try one : tries) {
            why.add(Why.not(
                    "digits in try " + (why.size() + 1),
                    one.digits().isEmpty()
                            ? "no digit within " + ask.keyWait().said()
                            : one.digits() + " is not " + ask.fewest() + " to " + ask.most() + " digits"));
        }
        return why;
    }

    Told mailbox(Account.InMailbox account, Trace.Step step) {
        Mailbox mailbox = account.mailbox();
        Cause cause = step.cause().orElse(new Cause.Message());
        if (cause instanceof Cause.Full) {
            return new Told(
                    "Mailbox " + mailbox.title() + " is full: the call is hung up",
                    List.of(Why.held(
                            "full",
                            "it keeps " + mailbox.mostMessages().orElse(0) + " messages, and found is "
                                    + account.found())));
        }
        if (cause instanceof Cause.KeyZero) {
            return new Told(
                    "Key 0 in mailbox " + mailbox.title() + ": to " + telling.words(mailbox.keyZero()),
                    List.of(Why.held("key 0", "pressed during the greeting")));
        }
        return new Told(
                "A message is left in mailbox " + mailbox.title(),
                List.of(
                        Why.held("message", "the call has come to a mailbox"),
                        Why.not(
                                "key 0",
                                mailbox.keyZero().isPresent() ? "not pressed" : "leads nowhere in this mailbox")));
    }
}
