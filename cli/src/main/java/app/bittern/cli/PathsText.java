package app.bittern.cli;

import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.graph.Tangle;
import app.bittern.paths.AllNumbers;
import app.bittern.paths.CallPaths;
import app.bittern.paths.DialledPaths;
import app.bittern.paths.Matrix;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.paths.PathList;
import app.bittern.paths.Reachable;
import app.bittern.paths.Span;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.witness.Step;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// The paths of a number for people.
final class PathsText {
    private PathsText() {}

    static String of(Plan plan, CallPaths number, Optional<PathList.Page> list) {
        StringBuilder text = new StringBuilder();
        text.append(String.format(
                Locale.ROOT,
                "%s: %s, %s, %s on, %,d come back%s%n",
                switch (number) {
                    case NumberPaths called -> called.called().international();
                    case DialledPaths dialled -> plan.title(dialled.subject()) + " dials " + dialled.digits();
                },
                count(number.count(), "path"),
                count(BigInteger.valueOf(number.states()), "state"),
                count(BigInteger.valueOf(number.ways()), "way"),
                number.returns(),
                number.rounds().signum() == 0 ? "" : String.format(Locale.ROOT, ", %,d go round", number.rounds())));
        Letters letters = new Letters();
        Table endings = new Table(12, 15, 52).row("paths", "seconds", "ends", "when");
        together(number)
                .forEach(ends -> endings.row(
                        String.format(Locale.ROOT, "%,d", ends.paths()),
                        seconds(ends.span()),
                        ends.words(),
                        letters.of(number.when(ends.calls()))));
        text.append(endings);
        Table table = new Table(16, 15, 34).row("keys", "seconds", "ends", "way and when");
        list.ifPresent(page -> page.paths()
                .forEach(path -> table.row(
                        String.join(" ", path.choices(plan)),
                        seconds(path.span()),
                        end(path.end()),
                        way(path) + "; " + letters.of(number.when(path.calls())))));
        if (list.isPresent()) {
            text.append("\n\n").append(table);
            list.flatMap(PathsText::notListed).ifPresent(text::append);
        }
        return text.append("\n\n").append(letters.said()).append('\n').toString();
    }

    /// What a page leaves out, and how to see it.
    private static Optional<String> notListed(PathList.Page page) {
        if (page.asked().signum() == 0) {
            return Optional.of(String.format(Locale.ROOT, "%nno path is so"));
        }
        BigInteger listed = BigInteger.valueOf(page.paths().size());
        BigInteger more = page.asked().subtract(BigInteger.valueOf(page.skip())).subtract(listed);
        return listed.equals(page.asked())
                ? Optional.empty()
                : Optional.of(String.format(Locale.ROOT, "%n%,d of %s listed", listed, count(page.asked(), "path"))
                        + (more.signum() > 0
                                ? String.format(
                                        Locale.ROOT,
                                        "; --skip %d goes on",
                                        page.skip() + page.paths().size())
                                : ""));
    }

    private static String count(BigInteger count, String what) {
        return String.format(Locale.ROOT, "%,d %s%s", count, what, count.equals(BigInteger.ONE) ? "" : "s");
    }

    /// All numbers together: how their calls end, and how many paths each has, as far as it fits a screen.
    static String all(Plan plan, AllNumbers all) {
        Table endings = new Table(20, 15).row("paths", "seconds", "ends");
        Map<List<Object>, List<CallPaths.Ends>> groups = new LinkedHashMap<>();
        for (CallPaths.Ends ends : all.endings()) {
            groups.computeIfAbsent(alike(ends), key -> new ArrayList<>()).add(ends);
        }
        groups.values().stream()
                .map(PathsText::one)
                .forEach(ends -> endings.row(
                        String.format(Locale.ROOT, "%,d", ends.paths()), seconds(ends.span()), ends.words()));
        Table numbers = new Table(20, 20).row("paths", "number", "");
        all.numbers().entrySet().stream()
                .limit(NUMBERS)
                .forEach(number -> numbers.row(
                        String.format(Locale.ROOT, "%,d", number.getValue()),
                        number.getKey().international(),
                        plan.title(new Ref(Kind.NUMBER, number.getKey().text()))));
        int more = all.numbers().size() - NUMBERS;
        return String.format(
                        Locale.ROOT,
                        "%s, %s, %,d come back%s%n",
                        count(BigInteger.valueOf(all.numbers().size()), "number"),
                        count(all.count(), "path"),
                        all.returns(),
                        all.rounds().signum() == 0 ? "" : String.format(Locale.ROOT, ", %,d go round", all.rounds()))
                + endings + "\n\n" + numbers + "\n"
                + (more > 0 ? String.format(Locale.ROOT, "and %,d more%n", more) : "")
                + "\n--to NUMBER tells one by itself, and when.\n";
    }

    /// All that a phone dials: how many paths each has, and how they end.
    static String dialled(Plan plan, Extension phone, List<DialledPaths> all) {
        BigInteger count = all.stream().map(CallPaths::count).reduce(BigInteger.ZERO, BigInteger::add);
        Table table = new Table(16, 12, 15).row("dialled", "paths", "seconds", "ends");
        for (DialledPaths one : all) {
            boolean first = true;
            for (Together ends : together(one)) {
                table.row(
                        first ? one.digits() : "",
                        String.format(Locale.ROOT, "%,d", ends.paths()),
                        seconds(ends.span()),
                        ends.words());
                first = false;
            }
        }
        return String.format(
                        Locale.ROOT,
                        "%s dials %s: %s%n",
                        phone.title(),
                        count(BigInteger.valueOf(all.size()), "number"),
                        count(count, "path"))
                + table + "\n\n--to DIGITS tells one by itself, and when.\n";
    }

    /// How many numbers are told.
    private static final int NUMBERS = 12;

    /// What is the same in endings that differ only in who it is.
    private static List<Object> alike(CallPaths.Ends ends) {
        return List.of(
                ends.ending().kind(), ends.ending().cause(), ends.ending().in().replaceFirst("/.*", ""));
    }

    /// Gives each time a letter, so that it is said once.
    private static final class Letters {
        private final Map<String, String> letters = new LinkedHashMap<>();

        String of(String when) {
            return letters.computeIfAbsent(when, said -> letter(letters.size()));
        }

        /// A to Z, then AA, AB and so on.
        private static String letter(int index) {
            String last = String.valueOf((char) ('A' + index % 26));
            return index < 26 ? last : letter(index / 26 - 1) + last;
        }

        Table said() {
            Table table = new Table(4).row("when", "");
            letters.forEach((when, letter) -> table.row(letter, when));
            return table;
        }
    }

    /// Endings that differ only in who it is, as one.
    private record Together(BigInteger paths, Span span, String words, CallSet calls) {}

    private static List<Together> together(CallPaths number) {
        Map<List<Object>, List<CallPaths.Ends>> groups = new LinkedHashMap<>();
        for (CallPaths.Ends ends : number.endings()) {
            groups.computeIfAbsent(List.of(alike(ends), ends.calls()), one -> new ArrayList<>())
                    .add(ends);
        }
        return groups.values().stream().map(PathsText::one).toList();
    }

    private static Together one(List<CallPaths.Ends> group) {
        CallPaths.Ends first = group.getFirst();
        BigInteger paths = group.stream().map(CallPaths.Ends::paths).reduce(BigInteger.ZERO, BigInteger::add);
        Span span = group.stream().map(CallPaths.Ends::span).reduce(Span::union).orElseThrow();
        String words = EndingText.of(first.ending());
        if (group.size() > 1) {
            String in = first.ending().in();
            words = words.replace(in, group.size() + " " + plural(in.replaceFirst("/.*", "")));
        }
        return new Together(paths, span, words, first.calls());
    }

    private static String plural(String word) {
        return switch (word) {
            case "outside" -> "outside numbers";
            case "mailbox" -> "mailboxes";
            case "branch" -> "branches";
            default -> word.replace('-', ' ') + "s";
        };
    }

    private static String way(Path path) {
        int tangle = path.steps().stream().mapToInt(Step::tangle).max().orElse(0);
        List<String> objects = new ArrayList<>();
        for (Step step : path.steps()) {
            int stage = step.state().stage();
            if (stage > 0) {
                objects.removeLast();
            }
            objects.add(step.state().at() + (stage > 0 ? " to stage " + (stage + 1) : ""));
        }
        return String.join(" > ", objects)
                + (tangle == 0 ? "" : " (the quickest way through a tangle of " + tangle + " states)");
    }

    static String who(Plan plan, List<Reachable.ByNumber> numbers) {
        Table table = new Table(18, 22, 15).row("number", "", "seconds", "when");
        numbers.forEach(number -> table.row(
                number.number().text(),
                plan.title(new Ref(Kind.NUMBER, number.number().text())),
                seconds(number.span()),
                number.when()));
        return table.toString();
    }

    static String matrix(Plan plan, Matrix matrix) {
        Table table = new Table(8, 36).row("pressed", "when", "ends");
        for (Matrix.Row row : matrix.rows()) {
            boolean first = true;
            for (int index = 0; index < row.cells().size(); index++) {
                Matrix.Column column = matrix.columns().get(index);
                List<String> states = new ArrayList<>();
                column.states().forEach((ref, state) -> states.add(plan.title(ref) + " " + state));
                column.positions().forEach((ref, position) -> states.add(plan.title(ref) + " " + position));
                Optional<Matrix.Cell> cell = row.cells().get(index);
                if (cell.isPresent()) {
                    table.row(
                            first ? row.pressed().orElse("nothing") : "",
                            String.join(", ", states),
                            EndingText.of(cell.get().ending()) + " at "
                                    + Seconds.clock(cell.get().second()));
                    first = false;
                }
            }
        }
        return table.toString();
    }

    private static String end(Path.End end) {
        return switch (end) {
            case Path.End.Rests(Ending where) -> EndingText.of(where);
            case Path.End.Returns(Ref to) -> "returns to " + to;
            case Path.End.GoesRound(Ref at, Tangle.Around how) -> Path.words(how);
        };
    }

    private static String seconds(Span span) {
        String latest = span.latest().isEmpty()
                ? "no end"
                : Seconds.clock((int) span.latest().getAsLong());
        String earliest = Seconds.clock((int) span.earliest());
        return earliest.equals(latest) ? latest : earliest + "–" + latest;
    }
}
