package app.bittern.cli;

import app.bittern.compare.Comparison;
import app.bittern.compare.Difference;
import app.bittern.formats.BenchText;
import app.bittern.formats.ComparisonJson;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;

/// A comparison for people.
final class CompareText {
    private CompareText() {}

    static String of(Comparison comparison, Plan before, Plan after) {
        StringBuilder text = new StringBuilder();
        if (comparison.noticed().isEmpty()) {
            text.append("No call ends elsewhere.\n");
        }
        for (Difference one : comparison.noticed()) {
            Ref number = new Ref(Kind.NUMBER, one.number().text());
            String title = after.find(number).isPresent() ? after.title(number) : before.title(number);
            String keys = one.choices().isEmpty() ? "" : ", keys " + String.join(" ", one.choices());
            String head = title + ", " + one.when()
                    + one.caller().map(who -> ", " + who).orElse("") + keys + ":";
            text.append(new Table().row(head)).append('\n');
            text.append(new Table(10)
                            .row("  before", EndingText.of(one.before()))
                            .row("  now", EndingText.of(one.after()))
                            .row("  try", CheckText.arguments(BenchText.of(before, one.witness()))))
                    .append('\n');
        }
        Table objects = new Table(10, 36, 24);
        comparison.objects().added().forEach(ref -> objects.row("added", ref.toString(), "", ""));
        comparison.objects().removed().forEach(ref -> objects.row("removed", ref.toString(), "", ""));
        ComparisonJson.fieldChanges(comparison.objects())
                .forEach(field -> objects.row(
                        "changed",
                        field.object(),
                        field.field(),
                        (field.before().isEmpty() ? "nothing" : field.before()) + " → "
                                + (field.after().isEmpty() ? "nothing" : field.after())));
        if (!comparison.objects().none()) {
            text.append('\n').append(objects).append('\n');
        }
        return text.toString().stripTrailing();
    }
}
