package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Contact;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// Who a caller is to a plan.
public final class Callers {
    private Callers() {}

    /// Whether a caller is one of those that a rule is for.
    public static boolean is(Plan plan, Caller caller, Route.From rule) {
        Optional<Origin.Inside> inside = Origin.inside(plan, caller);
        if (inside.isPresent()) {
            return inside.get().is(plan, rule);
        }
        return switch (rule) {
            case Route.From.Any any -> true;
            case Route.From.Withheld withheld -> caller instanceof Caller.Withheld;
            case Route.From.Unavailable unavailable -> caller instanceof Caller.Unavailable;
            case Route.From.Without without ->
                caller instanceof Caller.Withheld || caller instanceof Caller.Unavailable;
            case Route.From.Exact(E164 number) -> caller.delivered().equals(Optional.of(number));
            case Route.From.Prefix(String digits) ->
                caller.delivered()
                        .filter(number -> number.text().startsWith(digits))
                        .isPresent();
            case Route.From.Tag(String tag) -> tags(plan, caller).contains(tag);
        };
    }

    /// The tags that a caller's contact has.
    static List<String> tags(Plan plan, Caller caller) {
        return contact(plan, caller).map(Contact::tags).orElse(List.of());
    }

    /// The language that a call begins in: the contact's, where the site speaks it, else the site's first.
    public static String language(Plan plan, Caller caller) {
        return contact(plan, caller)
                .flatMap(Contact::language)
                .filter(plan.site().languages()::contains)
                .orElse(plan.site().defaultLanguage());
    }

    /// The number that a caller shows to the site.
    public static Optional<E164> number(Plan plan, Caller caller) {
        return Origin.inside(plan, caller).map(Origin.Inside::callerId).orElseGet(caller::delivered);
    }

    /// The language that a call from a phone of the site begins in.
    static String language(Plan plan, Origin.Inside phone) {
        return language(plan, phone.callerId().<Caller>map(Caller.Known::new).orElseGet(Caller.Unavailable::new));
    }

    /// The contact that a caller is.
    public static Optional<Contact> contact(Plan plan, Caller caller) {
        return number(plan, caller).flatMap(number -> plan.find(new Ref(Kind.CONTACT, number.text()), Contact.class));
    }
}
