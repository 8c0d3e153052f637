package app.bittern.callset;

import app.bittern.call.Bench;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;

/// How calls begin that are compared.
public sealed interface Calling {
    /// Somebody calls an inbound number, such as `+441632960100`.
    record ToNumber(E164 called) implements Calling {}

    /// A phone of the site dials something, as do others for which it stands, such as `extension/2014` and `2020`.
    record Phone(Ref phone, String dialled) implements Calling {}

    /// One of these calls, with nothing done in it.
    default Bench bench(CallClasses.Call call) {
        return switch (this) {
            case ToNumber(E164 called) -> call.to(called);
            case Phone(Ref phone, String dialled) ->
                Bench.dialled(phone, dialled, call.at()).turned(call.switches());
        };
    }

    /// In words, by the names of the plan that has them: `Main line`, `a phone inside dials 2020 (such as Desk 2)`.
    default String words(Plan first, Plan second) {
        return switch (this) {
            case ToNumber(E164 called) -> {
                Ref number = new Ref(Kind.NUMBER, called.text());
                yield listed(first, second)
                        ? title(number, first, second)
                        : "a number that is not in the plan (such as " + called.international() + ")";
            }
            case Phone(Ref phone, String dialled) ->
                "a phone inside that dials " + dialled + " (such as " + title(phone, first, second) + ")";
        };
    }

    /// Whether it is a phone of the site or an inbound number of either plan that is called.
    default boolean listed(Plan first, Plan second) {
        return switch (this) {
            case ToNumber(E164 called) -> {
                Ref number = new Ref(Kind.NUMBER, called.text());
                yield first.find(number).isPresent() || second.find(number).isPresent();
            }
            case Phone phone -> true;
        };
    }

    private static String title(Ref ref, Plan first, Plan second) {
        return first.find(ref).isPresent() ? first.title(ref) : second.title(ref);
    }
}
