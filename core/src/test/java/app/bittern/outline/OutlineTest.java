package app.bittern.outline;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.announcement;
import static app.bittern.Plans.branch;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class OutlineTest {
    private static String text(Row row) {
        String sentence = row.parts().stream().map(Part::text).collect(Collectors.joining(" "));
        return "  ".repeat(row.depth()) + row.window().earliest() + "-"
                + row.window().latest() + " " + sentence
                + row.asRow().map(at -> " (as at row " + at + ")").orElse("");
    }

    @Test
    void theWholeCallIsReadFromTopToBottom() {
        Plan plan = to(
                "branch/open",
                hours("terminal", "open: Mon-Fri 08:00-17:00", "closed"),
                branch("open", "terminal", "open", "menu/front", "closed", "announcement/closed"),
                menu("front", true, false, "ring-group/desk", "1", "ring-group/desk", "7", "repeat"),
                group("desk", 20, "mailbox/desk", "2001"),
                announcement("closed", "ask", "mailbox/desk"),
                extension("2001", none()),
                mailbox("desk"),
                prompt("ask", 10),
                prompt("no-key", 5),
                prompt("wrong-key", 5),
                prompt("greeting", 5));
        String words = "word ".repeat(7).strip();
        assertThat(Outline.of(plan, MAIN).stream().map(OutlineTest::text))
                .containsExactly(
                        "0-0 Main line +44 1632 960100 from anyone by route main",
                        "  0-0 branch open open Mon–Fri 08:00–17:00",
                        "    0-0 open: menu front says “"
                                + words.substring(0, 32).strip()
                                + "…” 4 s 3 tries 5 s for a key · no key “word word word word word” 2 s"
                                + " · wrong key “word word word word word” 2 s",
                        "      0-31 1 ring group desk rings 20 s (7 rings) at 2001 · answered",
                        "        0-51 unanswered, busy or unreachable: mailbox desk message",
                        "      0-31 7 repeat: menu front (as at row 3)",
                        "      4-31 no valid key in 3 tries: ring group desk (as at row 4)",
                        "    0-0 closed: announcement closed says “"
                                + words.substring(0, 32).strip() + "…” 4 s",
                        "      4-4 mailbox desk message");
    }

    @Test
    void aHoleIsARowOfItsOwnThatCanBeFilled() {
        Plan plan = to("ring-group/desk", group("desk", 20, "mailbox/gone", "2001"), extension("2001", none()));
        Row hole = Outline.of(plan, MAIN).getLast();
        assertThat(text(hole)).endsWith("mailbox gone lost: nothing is there");
        assertThat(hole.field())
                .contains(new Row.Place(Ref.parse("ring-group/desk").orElseThrow(), Pointer.of("noAnswer")));
        assertThat(hole.parts())
                .anyMatch(part -> part.edit().map(Part.Edit::value).equals(Optional.of("mailbox/gone")));
    }

    @Test
    void inRandomPlansEveryObjectIsDrawnAtMostOnceAndLinksLeadToIt() {
        Random random = Seeds.random(3);
        for (int plans = 0; plans < RandomPlans.many(200); plans++) {
            List<Row> rows = Outline.of(RandomPlans.plan(random), MAIN);
            assertThat(rows.stream()
                            .filter(Row::holdsRow)
                            .filter(row -> row.asRow().isEmpty())
                            .flatMap(row -> row.object().stream()))
                    .doesNotHaveDuplicates();
            rows.stream()
                    .filter(row -> row.asRow().isPresent())
                    .forEach(row ->
                            assertThat(rows.get(row.asRow().get() - 1).object()).isEqualTo(row.object()));
        }
    }

    /// A menu in which so many extensions can be dialled, of which key 1 leads to the first.
    private static Plan dialling(int extensions) {
        List<PlanObject> objects = new ArrayList<>(List.of(
                menu("front", true, true, "mailbox/desk", "1", "extension/40000"), mailbox("desk"), prompt("ask", 10)));
        for (int index = 0; index < extensions; index++) {
            objects.add(extension(Integer.toString(40000 + index), Optional.of("desk")));
        }
        return to("menu/front", objects.toArray(PlanObject[]::new));
    }

    private static List<String> dialled(List<Row> rows) {
        return rows.stream()
                .filter(row -> row.arrivals().getFirst().startsWith("menu/front#dialled")
                        && row.object().isPresent())
                .map(row -> row.arrivals().getFirst().substring("menu/front#dialled ".length()))
                .toList();
    }

    @Test
    void ofThousandsThatCanBeDialledThoseAreDrawnThatAreOpenedPassedOrSought() {
        Plan plan = dialling(3000);
        List<Row> closed = Outline.of(plan, MAIN);
        Row many = closed.stream().filter(row -> row.leftOut() > 0).findFirst().orElseThrow();
        assertThat(many.leftOut()).isEqualTo(3000);
        assertThat(dialled(closed)).isEmpty();
        // Key 1 leads to the first: its row is there, whatever is opened, and the others keep what they say.
        assertThat(closed)
                .anyMatch(row -> row.arrivals().contains("menu/front#key 1")
                        && row.asRow().isEmpty());

        Set<String> passed = Set.of("menu/front#dialled 41234");
        List<Row> some = Outline.of(plan, MAIN, new Opened(Set.of(), passed, "4299"));
        assertThat(dialled(some))
                .containsExactly(
                        "41234", "42990", "42991", "42992", "42993", "42994", "42995", "42996", "42997", "42998",
                        "42999");
        assertThat(dialled(Outline.of(plan, MAIN, new Opened(Set.of(), Set.of(), "40"))))
                .hasSize(Opened.MOST_FOUND);

        List<Row> opened =
                Outline.of(plan, MAIN, new Opened(Set.of(many.arrivals().getFirst()), Set.of(), ""));
        assertThat(dialled(opened)).hasSize(3000);
        assertThat(texts(opened)).containsSubsequence(texts(closed));
        assertThat(dialled(Outline.of(dialling(Opened.UNASKED), MAIN))).hasSize(Opened.UNASKED);
    }

    private static List<String> texts(List<Row> rows) {
        return rows.stream()
                .map(row -> row.parts().stream().map(Part::text).collect(Collectors.joining(" ")))
                .toList();
    }

    /// Whatever a call does is at a row: its first step at the route's, and each way that it leaves an object by.
    @Test
    void everyStepOfARandomCallIsAtARow() {
        Random random = Seeds.random(19);
        for (int plans = 0; plans < RandomPlans.many(300); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < 10; calls++) {
                Bench bench = calls % 3 == 0 ? RandomBenches.dialled(plan, random) : RandomBenches.bench(plan, random);
                Set<String> arrivals = rows(plan, bench).stream()
                        .flatMap(row -> row.arrivals().stream())
                        .collect(Collectors.toSet());
                List<Trace.Step> steps = Tracer.trace(plan, bench).steps();
                for (int index = 0; index < steps.size(); index++) {
                    Trace.Step step = steps.get(index);
                    boolean staged = step.object().startsWith("chain/")
                            && (index + 1 == steps.size()
                                    || steps.get(index + 1).object().equals(step.object()));
                    // The stages of a chain, and what happens in a mailbox, are in its own row.
                    if (!staged && !step.object().startsWith("mailbox/")) {
                        assertThat(arrivals).as("plan %d", plans).contains(step.object() + "#" + step.exit());
                    }
                }
            }
        }
    }

    private static List<Row> rows(Plan plan, Bench bench) {
        return bench.called() instanceof Arrival.Inside(String digits)
                ? Outline.dialled(
                        plan,
                        plan.find(Ref.parse(bench.caller().toString()).orElseThrow(), Extension.class)
                                .orElseThrow(),
                        digits,
                        Opened.NOTHING)
                : Outline.of(plan, bench.called().meant(plan).orElse(MAIN));
    }

    @Test
    void noRowShowsAReference() {
        Pattern reference = Pattern.compile("\\b("
                + Stream.concat(Stream.of("outside"), Stream.of(Kind.values()).map(Kind::word))
                        .collect(Collectors.joining("|"))
                + ")/");
        Random random = Seeds.random(23);
        for (int plans = 0; plans < RandomPlans.many(300); plans++) {
            assertThat(Outline.of(RandomPlans.plan(random), MAIN).stream()
                            .flatMap(row -> row.parts().stream())
                            .map(Part::text))
                    .noneMatch(text -> reference.matcher(text).find());
        }
    }

    /// Each token holds what stands in its field: the file would have it so.
    @Test
    void everyTokenIsAFieldOfItsObject() {
        Random random = Seeds.random(29);
        for (int plans = 0; plans < RandomPlans.many(100); plans++) {
            Plan plan = RandomPlans.plan(random);
            Outline.of(plan, MAIN).stream()
                    .flatMap(row -> row.parts().stream())
                    .flatMap(part -> part.edit().stream())
                    .forEach(edit -> {
                        PlanObject object = plan.find(edit.object()).orElseThrow();
                        object.slot(edit.field())
                                .ifPresent(slot -> assertThat(slot.holds()
                                                .map(Object::toString)
                                                .orElse(""))
                                        .as("%s %s", edit.object(), edit.field())
                                        .isEqualTo(edit.value()));
                    });
        }
    }
}
