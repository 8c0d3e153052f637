package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.formats.answer.WeekJson;
import app.bittern.paths.WeekMap;
import app.bittern.plan.Plan;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// `bittern week`: says where calls to a number end in each quarter of an hour of a week, if nobody answers.
@Command(
        name = "week",
        mixinStandardHelpOptions = true,
        description = "Says where calls to a number end in each quarter of an hour of a week, if nobody answers.",
        footer = {"", "Example:", "  ./bittern week demo/saltreach.yaml --to +441632960100 --at 2026-11-23"})
final class WeekCommand extends PlanCommand {
    @Option(names = "--to", required = true, paramLabel = "NUMBER", description = "The number called.")
    private String to = "";

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        Plan plan = plan();
        WeekMap week = WeekMap.of(
                plan, PathsCommand.number(plan, to), weeks.horizon(plan).from());
        say(json() ? Json.pretty(WeekJson.of(week)) : WeekText.of(week));
        return 0;
    }
}
