package app.bittern.cli;

import app.bittern.call.Bench;
import app.bittern.cover.Coverage;
import app.bittern.cover.Proposal;
import app.bittern.formats.Json;
import app.bittern.formats.PlanFile;
import app.bittern.formats.answer.CoverJson;
import app.bittern.formats.answer.ProposedCalls;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Paths;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.TestCall;
import app.bittern.proof.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// `bittern cover`: which steps of a plan's calls the kept test calls take, and calls that take every step.
@Command(
        name = "cover",
        mixinStandardHelpOptions = true,
        description = "Tells which steps of calls to each number the kept test calls take.",
        footer = {
            "",
            "Example:",
            "  ./bittern cover demo/saltreach.yaml",
            "  ./bittern cover plan.yaml --to +441632960100 --propose > calls.yaml",
            "  ./bittern cover plan.yaml --sheet --csv > on-site.csv"
        })
final class CoverCommand extends PlanCommand {
    @Option(names = "--to", paramLabel = "NUMBER", description = "The number called; all inbound numbers where absent.")
    private Optional<String> to = Optional.empty();

    @Option(
            names = "--propose",
            description = "Test calls that take every step, as few as are found, with what is expected of each.")
    private boolean propose;

    @Option(
            names = "--sheet",
            description = "Those of them that can be dialled by hand on site, each switch turned once.")
    private boolean sheet;

    @Option(names = "--csv", description = "The sheet as comma-separated values.")
    private boolean csv;

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        oneShape(Map.of("--csv", csv, "--sheet", sheet));
        if (csv && !sheet) {
            throw new Unusable(
                    List.of("--csv: found without --sheet; allowed is beside it, as the sheet alone is a table."));
        }
        Plan plan = plan();
        Horizon horizon = weeks.horizon(plan);
        Paths paths = Paths.of(plan, horizon);
        List<NumberPaths> numbers = numbers(plan).stream().map(paths::of).toList();
        if (propose || sheet) {
            proposed(plan, numbers);
            return 0;
        }
        List<Bench> benches = plan.all(TestCall.class)
                .flatMap(call -> Proof.bench(plan, call).stream())
                .toList();
        List<Coverage> all =
                numbers.stream().map(number -> Coverage.of(number, benches)).toList();
        say(json() ? Json.pretty(CoverJson.of(plan, all)) : CoverText.of(plan, all));
        return all.stream().allMatch(one -> one.missed().isEmpty()) ? 0 : Bittern.FOUND;
    }

    private List<E164> numbers(Plan plan) {
        if (to.isEmpty()) {
            return plan.all(InboundNumber.class).map(InboundNumber::called).toList();
        }
        return List.of(E164.typed(to.get(), plan.site().country())
                .orElseThrow(() ->
                        new Unusable(List.of("--to: found '" + to.get() + "'; allowed is " + E164.ALLOWED + "."))));
    }

    private void proposed(Plan plan, List<NumberPaths> numbers) {
        List<ProposedCalls.Proposed> all = new ArrayList<>();
        List<String> said = new ArrayList<>();
        for (NumberPaths number : numbers) {
            Optional<Proposal> proposal = Proposal.of(number);
            if (proposal.isEmpty()) {
                said.add("# " + number.called() + ": more than " + Proposal.MOST
                        + " steps, for which no calls are made.");
                continue;
            }
            Proposal one = proposal.get();
            all.addAll(ProposedCalls.of(plan, one));
            String least = one.calls().size() > one.least() ? ", " + one.least() + " at least are needed" : "";
            said.add("# " + number.called() + ": " + one.calls().size() + " calls take "
                    + (one.steps().all().size() - one.missing().size()) + " of "
                    + one.steps().all().size() + (one.steps().all().size() == 1 ? " step" : " steps") + least + ".");
            one.missing()
                    .forEach(
                            step -> said.add("#   no call found: " + one.steps().words(step)));
        }
        if (sheet) {
            List<ProposedCalls.Proposed> byHand = ProposedCalls.byHand(plan, all);
            say(csv ? CoverText.csv(plan, byHand) : CoverText.sheet(plan, byHand, all.size()));
        } else if (json()) {
            say(Json.pretty(CoverJson.proposed(plan, all)));
        } else {
            said.forEach(this::say);
            say(PlanFile.section(
                            Kind.TEST_CALL,
                            all.stream().map(ProposedCalls.Proposed::call).toList())
                    .stripTrailing());
        }
    }
}
