package app.bittern.cli;

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
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Option;

/// The options that set the bench.
final class BenchArguments {
    @Option(
            names = "--to",
            required = true,
            paramLabel = "NUMBER",
            description = "The number called, such as +441632960100.")
    private String to = "";

    @Option(names = "--from", paramLabel = "NUMBER", description = "The caller's number, or withheld (the default).")
    private String from = "withheld";

    @Option(
            names = "--at",
            required = true,
            paramLabel = "INSTANT",
            description =
                    "When, at the site's clock: 2026-11-28T20:00; with an offset where it is meant: 2026-10-25T01:30+01:00.")
    private String at = "";

    @Option(
            names = "--keys",
            paramLabel = "KEYS",
            description =
                    "What the caller keys, in the order it is asked for, by commas: 1,-,!5 (- is silence, ! is at once).")
    private String keys = "";

    @Option(
            names = "--phone",
            paramLabel = "PHONE=STATE",
            description = "What a phone does: 2001=\"answers 6s\", 2002=busy, 2010=off; silent where not given.")
    private List<String> phones = new ArrayList<>();

    Bench bench(Plan plan) {
        List<String> problems = new ArrayList<>();
        String country = plan.site().country();
        Optional<E164> called = E164.typed(to, country);
        if (called.isEmpty()) {
            problems.add(refused("--to", to, E164.ALLOWED));
        }
        Optional<Caller> caller =
                Caller.parse(from).or(() -> E164.typed(from, country).map(Caller.Known::new));
        if (caller.isEmpty()) {
            problems.add(refused("--from", from, E164.ALLOWED + ", or withheld"));
        }
        Optional<Instant> instant = instant(plan);
        if (instant.isEmpty()) {
            problems.add(refused("--at", at, "a date and time such as 2026-11-28T20:00"));
        }
        List<KeyPress> pressed = keys(problems);
        Map<String, PhoneState> states = phones(plan, problems);
        if (!problems.isEmpty()) {
            throw new Unusable(problems);
        }
        return new Bench(called.orElseThrow(), caller.orElseThrow(), instant.orElseThrow(), pressed, states);
    }

    private static String refused(String option, String found, String allowed) {
        return option + ": found '" + found + "'; allowed is " + allowed + ".";
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

    private List<KeyPress> keys(List<String> problems) {
        List<KeyPress> pressed = new ArrayList<>();
        if (!keys.isBlank()) {
            for (String key : keys.split(",", -1)) {
                KeyPress.parse(key.strip())
                        .ifPresentOrElse(pressed::add, () -> problems.add(refused("--keys", key, KeyPress.ALLOWED)));
            }
        }
        return pressed;
    }

    private Map<String, PhoneState> phones(Plan plan, List<String> problems) {
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
                problems.add(
                        refused(
                                "--phone",
                                phone,
                                "the number of an extension of the plan, or an outside number in E.164, then = and what it does"));
            } else if (state.isEmpty()) {
                problems.add(refused("--phone", phone, "for " + number + " " + PhoneState.ALLOWED));
            }
            state.ifPresent(does -> states.put(number, does));
        }
        return states;
    }
}
