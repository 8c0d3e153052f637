package app.bittern.cli;

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
    /// What of the command line could not be used.
    static final int UNUSABLE = 2;

    /// Something was found that was asked for: findings, differences, failed test calls.
    static final int FOUND = 1;

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
