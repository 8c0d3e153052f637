package app.bittern.cli;

import app.bittern.call.Bench;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.proof.BenchText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Option;

/// The options that set the bench.
final class BenchArguments {
    @Option(
            names = "--to",
            required = true,
            paramLabel = "NUMBER",
            description = "The number called, such as +441632960100; what is dialled, where a phone of the site calls.")
    private String to = "";

    @Option(
            names = "--from",
            paramLabel = "NUMBER",
            description = "The caller's number, unavailable, or withheld (the default).")
    private Optional<String> from = Optional.empty();

    @Option(
            names = "--from-extension",
            paramLabel = "EXTENSION",
            description = "The phone of the site that calls; --to is then what it dials, such as 02079460000 or *70.")
    private Optional<String> phone = Optional.empty();

    @Option(
            names = "--at",
            required = true,
            paramLabel = "INSTANT",
            description =
                    "When, at the site's clock: 2026-11-24T21:15; with an offset where it is meant: 2026-10-25T01:30+01:00.")
    private String at = "";

    @Option(
            names = "--keys",
            paramLabel = "KEYS",
            description =
                    "What the caller keys, in the order it is asked for, by commas: 1,-,!5,5@7s (- is silence, ! at once, @7s at"
                            + " a second of the try or the wait; again at the end begins anew).")
    private String keys = "";

    @Option(
            names = "--phone",
            paramLabel = "PHONE=STATE",
            description =
                    "What a phone does, in order: 2001=\"busy then answers 6s\", 2010=off; silent where not given.")
    private List<String> phones = new ArrayList<>();

    @Option(
            names = "--trunk",
            paramLabel = "KEY",
            description = "The trunk on which the call arrives; --to is then what it delivers, such as 960170.")
    private Optional<String> trunk = Optional.empty();

    @Option(
            names = "--switch",
            paramLabel = "SWITCH=POSITION",
            description = "The position of a switch: timetable=reduced; as it is now where not given.")
    private List<String> switches = new ArrayList<>();

    @Option(
            names = "--agent",
            paramLabel = "EXTENSION[=STATE]",
            description = "Where an agent is, wait by wait: 2012 is in, 2012=\"out then in; out from 20s\".")
    private List<String> agents = new ArrayList<>();

    @Option(
            names = "--waiting",
            paramLabel = "QUEUE=FOUND",
            description = "What is found, in order: bookings=\"full then 2\"; messages kept: mailbox/lost=50; channels:"
                    + " trunk/main=\"full then free\" or down; what a lookup says: lookup/register=\"found after 2s\".")
    private List<String> waiting = new ArrayList<>();

    Bench bench(Plan plan) {
        if (phone.isPresent() && from.isPresent()) {
            throw new Unusable(List.of("--from: found '" + from.get()
                    + "'; allowed is nothing where --from-extension says which phone calls."));
        }
        String who = phone.map(number -> "extension/" + number).or(() -> from).orElse("withheld");
        return switch (new BenchText(to, trunk, who, at, keys, phones, switches, agents, waiting).read(plan)) {
            case BenchText.Result.Read(Bench bench) -> bench;
            case BenchText.Result.Refused(List<Problem> problems) ->
                throw new Unusable(
                        problems.stream().map(problem -> "--" + problem.says()).toList());
        };
    }
}
