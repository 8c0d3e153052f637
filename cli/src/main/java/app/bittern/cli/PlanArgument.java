package app.bittern.cli;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// Reads the plan that a command works on.
final class PlanArgument {
    private PlanArgument() {}

    static Plan read(Path file) {
        return plan(file, PlanFile.read(text(file)));
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

    /// The text of a file.
    static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (MalformedInputException notText) {
            throw new Unusable(List.of(file + ": found bytes that are not UTF-8; allowed is a plan file in UTF-8."));
        } catch (IOException unreadable) {
            String reason = Files.exists(file) ? "it cannot be read" : "there is no such file";
            throw new Unusable(List.of(file + ": " + reason + "; allowed is the path of a plan file."));
        }
    }
}
