package app.bittern.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;

/// `bittern`: computes on plan files what calls do.
@Command(
        name = "bittern",
        mixinStandardHelpOptions = true,
        version = "bittern 0.1",
        description = "Computes what calls do in a plan.")
public final class Bittern {
    private static final long BYTES_PER_MEGABYTE = 1 << 20;

    /// What of the command line could not be used.
    static final int UNUSABLE = 2;

    /// Something was found that was asked for: findings, differences, failed test calls.
    static final int FOUND = 1;

    /// A fault of ours.
    static final int FAULT = 3;

    private static final Map<String, Class<?>> COMMANDS = commands();

    private final Clock clock;
    private final InputStream in;

    /// @param clock by which today is told
    /// @param in    what is read where a file is named `-`
    Bittern(Clock clock, InputStream in) {
        this.clock = clock;
        this.in = in;
    }

    /// What the command of a specification runs in.
    static Bittern of(CommandSpec spec) {
        return (Bittern) spec.root().userObject();
    }

    Clock clock() {
        return clock;
    }

    InputStream in() {
        return in;
    }

    private static Map<String, Class<?>> commands() {
        Map<String, Class<?>> all = new LinkedHashMap<>();
        all.put("check", CheckCommand.class);
        all.put("trace", TraceCommand.class);
        all.put("paths", PathsCommand.class);
        all.put("dial", DialCommand.class);
        all.put("week", WeekCommand.class);
        all.put("compare", CompareCommand.class);
        all.put("prove", ProveCommand.class);
        all.put("cover", CoverCommand.class);
        all.put("erlang", ErlangCommand.class);
        all.put("convert", ConvertCommand.class);
        all.put("schema", SchemaCommand.class);
        return all;
    }

    public static void main(String[] arguments) {
        System.exit(run(Clock.systemUTC(), System.in, System.out, System.err, arguments));
    }

    /// Runs a command with the clock and the streams that are handed in.
    static int run(Clock clock, InputStream in, PrintStream out, PrintStream err, String... arguments) {
        CommandLine bittern = knowing(new Bittern(clock, in), arguments);
        bittern.setOut(new PrintWriter(out, false, StandardCharsets.UTF_8));
        bittern.setErr(new PrintWriter(err, false, StandardCharsets.UTF_8));
        int status = run(bittern, arguments);
        bittern.getOut().flush();
        if (out.checkError()) {
            bittern.getErr()
                    .println("bittern: standard output: what was found could not be written; allowed is"
                            + " somewhere that can be written to.");
            bittern.getErr().flush();
            return UNUSABLE;
        }
        return status;
    }

    /// Knows the command that is asked for, and all of them where none is: to look at each takes longer than to
    /// trace a call.
    private static CommandLine knowing(Bittern itself, String... arguments) {
        CommandLine bittern = new CommandLine(itself);
        COMMANDS.entrySet().stream()
                .filter(one -> arguments.length == 0
                        || !COMMANDS.containsKey(arguments[0])
                        || one.getKey().equals(arguments[0]))
                .forEach(one -> bittern.addSubcommand(one.getKey(), one.getValue()));
        return bittern;
    }

    static int run(CommandLine bittern, String... arguments) {
        try {
            return bittern.setUsageHelpWidth(100)
                    .setExecutionExceptionHandler((exception, line, parsed) -> {
                        if (exception instanceof Unusable unusable) {
                            unusable.says().forEach(line.getErr()::println);
                            line.getErr().flush();
                            return UNUSABLE;
                        }
                        return fault(exception, line.getErr());
                    })
                    .execute(arguments);
        } catch (OutOfMemoryError more) {
            PrintWriter err = bittern.getErr();
            err.println("bittern: this needs more memory than "
                    + Runtime.getRuntime().maxMemory() / BYTES_PER_MEGABYTE
                    + " MB; BITTERN_HEAP=4g allows more.");
            err.flush();
            return FAULT;
        }
    }

    /// Says that something of ours is wrong, and where the details are.
    private static int fault(Exception exception, PrintWriter err) {
        try {
            Path details = Files.createTempFile("bittern-fault", ".txt");
            StringWriter trace = new StringWriter();
            exception.printStackTrace(new PrintWriter(trace));
            Files.writeString(details, trace.toString());
            err.println("bittern: a fault of ours, not of the plan; the details are in " + details + ".");
        } catch (IOException nowhere) {
            err.println("bittern: a fault of ours, not of the plan; its details could not be kept:");
            exception.printStackTrace(err);
        }
        err.flush();
        return FAULT;
    }
}
