package app.bittern.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/// `bittern`: computes on plan files what calls do.
@Command(
        name = "bittern",
        mixinStandardHelpOptions = true,
        version = "bittern 0.1",
        description = "Computes what calls do in a plan.",
        subcommands = TraceCommand.class)
public final class Bittern {
    /// What of the command line could not be used.
    static final int UNUSABLE = 2;

    private Bittern() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    static int run(String... arguments) {
        return new CommandLine(new Bittern())
                .setUsageHelpWidth(100)
                .setExecutionExceptionHandler((exception, line, parsed) -> {
                    if (exception instanceof Unusable unusable) {
                        unusable.says().forEach(line.getErr()::println);
                        line.getErr().flush();
                        return UNUSABLE;
                    }
                    throw exception;
                })
                .execute(arguments);
    }
}
