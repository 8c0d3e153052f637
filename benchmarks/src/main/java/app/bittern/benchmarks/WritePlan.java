package app.bittern.benchmarks;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/// Writes a large plan as a plan file, for whole processes to be measured on: `./bittern bench plan 50000`, and with
/// `edited` behind it the same after one edit.
final class WritePlan {
    private WritePlan() {}

    public static void main(String[] arguments) {
        if (arguments.length == 0 || !arguments[0].matches("[0-9]{2,6}")) {
            System.err.println("bittern bench plan: allowed is how many extensions it has, such as 50000");
            System.exit(2);
        }
        Plan plan = BigPlans.of(Integer.parseInt(arguments[0]));
        boolean edited = arguments.length > 1 && arguments[1].equals("edited");
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        out.print(PlanFile.yaml(edited ? BigPlans.edited(plan) : plan));
    }
}
