package app.bittern.formats;

import app.bittern.call.Bench;
import app.bittern.call.KeyPress;
import app.bittern.call.PhoneState;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A bench as people and addresses write it.
///
/// @param to     the number called, in E.164 or as it is dialled in the site's country
/// @param from   the caller's number, or `withheld`
/// @param at     at the site's clock (`2026-11-28T20:00`), or with an offset
/// @param keys   by commas: `1,-,!5`; may be empty
/// @param phones `2001=answers 6s` each
public record BenchText(String to, String from, String at, String keys, List<String> phones) {
    public BenchText {
        phones = List.copyOf(phones);
    }

    /// What became of it.
    public sealed interface Result {
        record Read(Bench bench) implements Result {}

        /// @param problems each with the field it is about, its finding and what is allowed
        record Refused(List<Problem> problems) implements Result {
            public Refused {
                problems = List.copyOf(problems);
            }
        }
    }

    /// The bench of a plan that the text says.
    public Result read(Plan plan) {
        Problems problems = new Problems();
        String country = plan.site().country();
        Optional<E164> called = E164.typed(to, country);
        if (called.isEmpty()) {
            refuse(problems, "to", to, E164.ALLOWED);
        }
        Optional<Caller> caller =
                Caller.parse(from).or(() -> E164.typed(from, country).map(Caller.Known::new));
        if (caller.isEmpty()) {
            refuse(problems, "from", from, E164.ALLOWED + ", or withheld");
        }
        Optional<Instant> instant = instant(plan);
        if (instant.isEmpty()) {
            refuse(problems, "at", at, "a date and time such as 2026-11-28T20:00");
        }
        List<KeyPress> pressed = keys(problems);
        Map<String, PhoneState> states = phones(plan, problems);
        return problems.none()
                ? new Result.Read(
                        new Bench(called.orElseThrow(), caller.orElseThrow(), instant.orElseThrow(), pressed, states))
                : new Result.Refused(problems.inOrder());
    }

    /// How a bench is written for a site, so that it reads back the same.
    public static BenchText of(Plan plan, Bench bench) {
        LocalDateTime local =
                LocalDateTime.ofInstant(bench.at(), plan.site().timeZone()).truncatedTo(ChronoUnit.SECONDS);
        boolean plain = local.atZone(plan.site().timeZone()).toInstant().equals(bench.at());
        String at = plain
                ? local.toString()
                : bench.at().atZone(plan.site().timeZone()).toOffsetDateTime().toString();
        return new BenchText(
                bench.called().text(),
                bench.caller().toString(),
                at,
                String.join(",", bench.keys().stream().map(KeyPress::toString).toList()),
                bench.phones().entrySet().stream()
                        .map(phone -> phone.getKey() + "=" + phone.getValue())
                        .toList());
    }

    private static void refuse(Problems problems, String field, String found, String allowed) {
        problems.add(Node.Place.NONE, field, "'" + found + "'", allowed);
    }

    private Optional<Instant> instant(Plan plan) {
        try {
            return Optional.of(
                    LocalDateTime.parse(at).atZone(plan.site().timeZone()).toInstant());
        } catch (DateTimeException notLocal) {
            try {
                return Optional.of(OffsetDateTime.parse(at).toInstant());
            } catch (DateTimeException notAnInstant) {
                return Optional.empty();
            }
        }
    }

    private List<KeyPress> keys(Problems problems) {
        List<KeyPress> pressed = new ArrayList<>();
        if (!keys.isBlank()) {
            for (String key : keys.split(",", -1)) {
                KeyPress.parse(key.strip())
                        .ifPresentOrElse(pressed::add, () -> refuse(problems, "keys", key, KeyPress.ALLOWED));
            }
        }
        return pressed;
    }

    private Map<String, PhoneState> phones(Plan plan, Problems problems) {
        Map<String, PhoneState> states = new LinkedHashMap<>();
        for (String phone : phones) {
            int equals = phone.indexOf('=');
            String number = equals < 0 ? phone : phone.substring(0, equals).strip();
            Optional<PhoneState> state = equals < 0
                    ? Optional.empty()
                    : PhoneState.parse(phone.substring(equals + 1).strip());
            boolean extension = Ref.sound(Kind.EXTENSION, number)
                    && plan.find(new Ref(Kind.EXTENSION, number)).isPresent();
            if (!extension && E164.parse(number).isEmpty()) {
                refuse(
                        problems,
                        "phone",
                        phone,
                        "the number of an extension of the plan, or an outside number in E.164, then = and what it does");
            } else if (state.isEmpty()) {
                refuse(problems, "phone", phone, "for " + number + " " + PhoneState.ALLOWED);
            }
            state.ifPresent(does -> states.put(number, does));
        }
        return states;
    }
}
