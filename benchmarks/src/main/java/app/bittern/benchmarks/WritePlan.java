package app.bittern.benchmarks;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/// Writes a plan file for whole processes to be measured on: a large one (`./bittern bench plan 50000`, and
/// with `edited` behind it the same after one edit), or a small and hard one by the name of its shape
/// (`./bittern bench plan menus`).
final class WritePlan {
    private WritePlan() {}

    public static void main(String[] arguments) {
        String which = arguments.length == 0 ? "" : arguments[0];
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        if (which.matches("[0-9]{2,6}")) {
            Plan plan = BigPlans.of(Integer.parseInt(which));
            boolean edited = arguments.length > 1 && arguments[1].equals("edited");
            out.print(PlanFile.yaml(edited ? BigPlans.edited(plan) : plan));
            return;
        }
        Map<String, String> shapes = Shapes.all();
        if (!shapes.containsKey(which)) {
            System.err.println("bittern bench plan: found '" + which
                    + "'; allowed is how many extensions, such as 50000, or one of "
                    + String.join(", ", shapes.keySet()));
            System.exit(2);
        }
        out.print(shapes.get(which));
    }
}
