package app.bittern.cli;

import app.bittern.compare.Comparison;
import app.bittern.compare.DialledOtherwise;
import app.bittern.compare.Difference;
import app.bittern.compare.ShownOutside;
import app.bittern.formats.answer.ComparisonJson;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.proof.BenchText;

/// A comparison for people.
final class CompareText {
    private CompareText() {}

    static String of(Comparison comparison, Plan before, Plan after) {
        StringBuilder text = new StringBuilder();
        if (comparison.noticed().isEmpty()) {
            text.append(comparison.limit().isPresent() ? "" : "Callers notice nothing.\n");
        }
        comparison
                .limit()
                .ifPresent(limit -> text.append(new Table().row(limit)).append('\n'));
        for (Difference one : comparison.noticed()) {
            String keys = one.choices().isEmpty() ? "" : ", keys " + String.join(" ", one.choices());
            String head = says(one, after, before) + one.calling().words(after, before) + ", " + one.when()
                    + one.caller().map(who -> ", " + who).orElse("") + keys + ":";
            text.append(new Table().row(head)).append('\n');
            text.append(new Table(10)
                            .row("  before", side(one, one.before(), before))
                            .row("  now", side(one, one.after(), after))
                            .row(
                                    "  try",
                                    one.witness()
                                            .map(bench -> CheckText.arguments(BenchText.of(before, bench)))
                                            .orElse("no single call shows both sides")))
                    .append('\n');
        }
        for (DialledOtherwise one : comparison.dialled()) {
            String who = String.join(", ", one.whose(after, before).toList());
            text.append(new Table().row("Phones that dial " + one.dialled() + ", " + who + ":"))
                    .append('\n');
            text.append(new Table(10)
                            .row("  before", DialledOtherwise.words(one.before()))
                            .row("  now", DialledOtherwise.words(one.after())))
                    .append('\n');
        }
        for (ShownOutside one : comparison.shown()) {
            String who = String.join(", ", one.phones().stream().map(Ref::key).toList());
            text.append(new Table().row("Phones that show another number when they call out, " + who + ":"))
                    .append('\n');
            text.append(new Table(10)
                            .row("  before", ShownOutside.words(one.before()))
                            .row("  now", ShownOutside.words(one.after())))
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
        comparison.objects().reordered().forEach(ref -> objects.row("reordered", ref.toString(), "", ""));
        if (!comparison.objects().none()) {
            text.append('\n').append(objects).append('\n');
        }
        return text.toString().stripTrailing();
    }

    private static String says(Difference one, Plan after, Plan before) {
        String at = after.find(one.at()).isPresent() ? after.title(one.at()) : before.title(one.at());
        return switch (one.notice()) {
            case ENDS -> "Ends elsewhere from " + at + ": ";
            case WAITS ->
                "Takes " + (one.after().second() > one.before().second() ? "longer" : "less long") + " in " + at + ": ";
            case HEARS -> "Hears otherwise in " + at + ": ";
            case SHOWN -> "Shown otherwise in " + at + ": ";
            case SETS_OFF -> "Sets off something else in " + at + ": ";
        };
    }

    private static String side(Difference one, Difference.Side side, Plan plan) {
        return switch (one.notice()) {
            case ENDS ->
                side.ending()
                        .map(EndingText::of)
                        .or(() -> side.leads().map(plan::title))
                        .orElse("");
            case WAITS -> Seconds.clock(side.second());
            case HEARS, SHOWN, SETS_OFF -> side.words().isEmpty() ? "nothing" : String.join("; ", side.words());
        };
    }
}
