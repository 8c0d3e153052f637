package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import app.bittern.traffic.ErlangA;
import app.bittern.traffic.ErlangB;
import app.bittern.traffic.ErlangC;
import java.io.PrintWriter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// `bittern erlang b|c|a`: channels and people for expected calls.
@Command(
        name = "erlang",
        mixinStandardHelpOptions = true,
        description = "Computes how many channels or agents calls need.",
        footer = {
            "",
            "Formulas: b (calls that find all channels taken go away), c (calls wait), a (calls wait as long as",
            "the caller's patience lasts). Give the traffic as --traffic, in erlangs, or as --calls an hour and",
            "--talk. Without --channels or --agents, the fewest that reach --blocking or --level are found.",
            "",
            "JSON: A offered traffic in erlangs; N channels or agents; B share of calls lost; C or Pw share of",
            "calls that wait; Pab share that gives up; ASA mean wait in seconds (average speed of answer); SL share",
            "answered within T seconds; rho share of their time that agents talk. Shares are 0 to 1.",
            "",
            "Examples:",
            "  ./bittern erlang b --traffic 10 --channels 15",
            "  ./bittern erlang c --calls 120 --talk 3m --within 20s --level 0.8"
        },
        subcommands = {ErlangCommand.B.class, ErlangCommand.C.class, ErlangCommand.A.class})
final class ErlangCommand {
    private static final double PER_HOUR = 3600;

    private static final Map<String, String> WORDS = Map.of(
            "A", "offered traffic in erlangs",
            "N", "channels or agents",
            "B", "share of calls lost",
            "C", "share of calls that wait",
            "Pw", "share of calls that wait",
            "Pab", "share of callers who give up",
            "ASA", "mean wait in seconds (average speed of answer)",
            "SL", "share answered within T",
            "T", "seconds of the service level",
            "rho", "share of their time that agents talk");

    private ErlangCommand() {}

    /// How many calls, and how long each lasts.
    static final class Offered {
        @Option(names = "--traffic", paramLabel = "ERLANGS", description = "Offered traffic A in erlangs.")
        private Optional<Double> traffic = Optional.empty();

        @Option(names = "--calls", paramLabel = "N", description = "Calls an hour.")
        private Optional<Double> calls = Optional.empty();

        @Option(names = "--talk", paramLabel = "TIME", description = "How long a call takes: 3m30s (3m where absent).")
        private Optional<String> talk = Optional.empty();

        double talk() {
            return talk.map(text -> duration("talk", text)).orElse((double) Traffic.TALK.value());
        }

        double erlangs() {
            if (traffic.isPresent() == calls.isPresent()) {
                throw new Unusable(List.of("--traffic: found " + (traffic.isPresent() ? "--calls beside it" : "nothing")
                        + "; allowed is either --traffic in erlangs or --calls an hour with --talk."));
            }
            return traffic.orElseGet(() -> calls.orElseThrow() * talk() / PER_HOUR);
        }
    }

    /// What agents should reach.
    static final class Target {
        @Option(names = "--agents", paramLabel = "N", description = "Agents N; found where absent.")
        private Optional<Integer> agents = Optional.empty();

        @Option(
                names = "--within",
                paramLabel = "TIME",
                defaultValue = "20s",
                description = "T of the service level (20s).")
        private String within = "20s";

        @Option(
                names = "--level",
                paramLabel = "SHARE",
                defaultValue = "0.8",
                description = "The service level to reach, above 0 and below 1 (0.8).")
        private double level = 0.8;

        double level() {
            if (level <= 0 || level >= 1) {
                throw new Unusable(
                        List.of("--level: found " + level + "; allowed is a share above 0 and below 1, such as 0.8."));
            }
            return level;
        }

        double within() {
            return duration("within", within);
        }
    }

    private static double duration(String option, String text) {
        return Seconds.parse(text)
                .map(Seconds::value)
                .orElseThrow(() -> new Unusable(
                        List.of("--" + option + ": found '" + text + "'; allowed is " + Seconds.ALLOWED + ".")));
    }

    /// What the three have in common: the figures, as a table or as JSON.
    abstract static class Formula implements java.util.concurrent.Callable<Integer> {
        @Spec
        private CommandSpec spec = CommandSpec.create();

        @Option(names = "--json", description = "As JSON.")
        private boolean json;

        abstract ObjectNode figures();

        @Override
        public Integer call() {
            ObjectNode figures;
            try {
                figures = figures();
            } catch (IllegalArgumentException outOfRange) {
                throw new Unusable(List.of("erlang: found " + outOfRange.getMessage() + "."));
            }
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.pretty(figures));
            } else {
                Table table = new Table(8, 24);
                figures.properties()
                        .forEach(one -> table.row(
                                one.getKey(), one.getValue().asString(), WORDS.getOrDefault(one.getKey(), "")));
                out.println(table);
            }
            out.flush();
            return 0;
        }
    }

    @Command(
            name = "b",
            mixinStandardHelpOptions = true,
            description = "Erlang B: channels; calls that find none go away.")
    static final class B extends Formula {
        @ArgGroup(exclusive = false, multiplicity = "1")
        private Offered offered = new Offered();

        @Option(names = "--channels", paramLabel = "N", description = "Channels N; found where absent.")
        private Optional<Integer> channels = Optional.empty();

        @Option(
                names = "--blocking",
                paramLabel = "SHARE",
                defaultValue = "0.01",
                description = "The share of calls lost at most, 0 to 1 (0.01).")
        private double blocking = 0.01;

        @Override
        ObjectNode figures() {
            double traffic = offered.erlangs();
            int n = channels.orElseGet(() -> ErlangB.channels(traffic, blocking));
            return JsonNodeFactory.instance
                    .objectNode()
                    .put("A", traffic)
                    .put("N", n)
                    .put("B", ErlangB.blocking(traffic, n));
        }
    }

    @Command(name = "c", mixinStandardHelpOptions = true, description = "Erlang C: agents; calls wait.")
    static final class C extends Formula {
        @ArgGroup(exclusive = false, multiplicity = "1")
        private Offered offered = new Offered();

        @ArgGroup(exclusive = false)
        private Target target = new Target();

        @Override
        ObjectNode figures() {
            double traffic = offered.erlangs();
            double talk = offered.talk();
            int n = target.agents.orElseGet(() -> ErlangC.agents(traffic, talk, target.level(), target.within()));
            ErlangC c = new ErlangC(traffic, n, talk);
            ObjectNode json = JsonNodeFactory.instance
                    .objectNode()
                    .put("A", traffic)
                    .put("N", n)
                    .put("C", c.waiting());
            if (c.stable()) {
                json.put("ASA", c.meanWait());
            } else {
                json.putNull("ASA");
            }
            return json.put("SL", c.serviceLevel(target.within()))
                    .put("T", target.within())
                    .put("rho", c.occupancy());
        }
    }

    @Command(
            name = "a",
            mixinStandardHelpOptions = true,
            description = "Erlang A: agents; calls wait as long as the caller's patience lasts.")
    static final class A extends Formula {
        @ArgGroup(exclusive = false, multiplicity = "1")
        private Offered offered = new Offered();

        @ArgGroup(exclusive = false)
        private Target target = new Target();

        @Option(
                names = "--patience",
                paramLabel = "TIME",
                defaultValue = "2m30s",
                description = "How long callers wait on average before they give up (2m30s).")
        private String patience = "2m30s";

        @Override
        ObjectNode figures() {
            double traffic = offered.erlangs();
            double talk = offered.talk();
            double mean = duration("patience", patience);
            int n = target.agents.orElseGet(() -> ErlangA.agents(traffic, talk, mean, target.level(), target.within()));
            ErlangA a = new ErlangA(traffic, n, talk, mean);
            return JsonNodeFactory.instance
                    .objectNode()
                    .put("A", traffic)
                    .put("N", n)
                    .put("Pw", a.waiting())
                    .put("Pab", a.abandoned())
                    .put("ASA", a.meanWait())
                    .put("SL", a.serviceLevel(target.within()))
                    .put("T", target.within())
                    .put("rho", a.occupancy());
        }
    }
}
