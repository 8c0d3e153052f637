package app.bittern.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/// `bittern`: computes on plan files what calls do.
@Command(
        name = "bittern",
        mixinStandardHelpOptions = true,
        version = "bittern 0.1",
        description = "Computes what calls do in a plan.",
        subcommands = {
            CheckCommand.class,
            TraceCommand.class,
            PathsCommand.class,
            WeekCommand.class,
            CompareCommand.class,
            ProveCommand.class,
            ErlangCommand.class,
            ConvertCommand.class,
            SchemaCommand.class
        })
public final class Bittern {
    private static final long BYTES_PER_MEGABYTE = 1 << 20;

    /// What of the command line could not be used.
    static final int UNUSABLE = 2;

    /// Something was found that was asked for: findings, differences, failed test calls.
    static final int FOUND = 1;

    /// A fault of ours.
    static final int FAULT = 3;

    private Bittern() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    static int run(String... arguments) {
        return run(new CommandLine(new Bittern()), arguments);
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
