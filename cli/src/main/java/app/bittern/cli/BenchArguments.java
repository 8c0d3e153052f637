package app.bittern.cli;

import app.bittern.call.Bench;
import app.bittern.formats.BenchText;
import app.bittern.formats.Problem;
import app.bittern.plan.Plan;
import java.util.ArrayList;
import java.util.List;
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
        return switch (new BenchText(to, from, at, keys, phones).read(plan)) {
            case BenchText.Result.Read(Bench bench) -> bench;
            case BenchText.Result.Refused(List<Problem> problems) ->
                throw new Unusable(
                        problems.stream().map(problem -> "--" + problem.says()).toList());
        };
    }
}
