package app.bittern.cli;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Model.CommandSpec;

/// Reads the plan that a command works on.
final class PlanArgument {
    private PlanArgument() {}

    /// The path that means standard input.
    static final Path STANDARD_INPUT = Path.of("-");

    static Plan read(CommandSpec command, Path file) {
        return plan(file, PlanFile.read(text(command, file)));
    }

    /// The plan, or what is wrong with it.
    static Plan plan(Path file, PlanFile.Result result) {
        return switch (result) {
            case PlanFile.Result.Read(Plan plan) -> plan;
            case PlanFile.Result.Refused(var problems) ->
                throw new Unusable(problems.stream()
                        .map(problem -> file + ":" + problem.line() + ":" + problem.column() + ": " + problem.says())
                        .toList());
        };
    }

    /// The text of a file; what comes on standard input for `-`.
    static String text(CommandSpec command, Path file) {
        try {
            return file.equals(STANDARD_INPUT)
                    ? StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(Bittern.of(command).in().readAllBytes()))
                            .toString()
                    : Files.readString(file);
        } catch (CharacterCodingException notText) {
            throw new Unusable(List.of(file + ": found bytes that are not UTF-8; allowed is a plan file in UTF-8."));
        } catch (IOException unreadable) {
            String reason = Files.exists(file) ? "it cannot be read" : "there is no such file";
            throw new Unusable(List.of(file + ": " + reason + "; allowed is the path of a plan file."));
        }
    }
}
