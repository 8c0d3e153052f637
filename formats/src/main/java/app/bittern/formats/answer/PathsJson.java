package app.bittern.formats.answer;

import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.graph.Tangle;
import app.bittern.paths.CallPaths;
import app.bittern.paths.DialledPaths;
import app.bittern.paths.Matrix;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.paths.PathEffects;
import app.bittern.paths.PathList;
import app.bittern.paths.Reachable;
import app.bittern.paths.Span;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.witness.Step;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The paths of a number as JSON.
///
/// `{"number", "paths", "states", "edges", "endings": [{"kind", "in", "cause"?, "paths", "earliest",
/// "latest", "when", "calls": [{"when", "hours", "who"?, "callers"?, "switches"?}]}], "returns", "rounds",
/// "longestQuiet", "limit"?, "classes": [{"when", "hours", "states"}], "asked"?, "list"?}`; counts are texts,
/// as they may be of any size; seconds and hours are numbers, and null where they have no bound. `calls` is
/// the whole set of calls as products that share none: at these times, by callers such as these (one of each
/// class; anybody where absent), with switches in one of these positions; `callsWhole` is false where the set
/// has more than are listed. Paths of what a phone of the site dials have `from`, its reference, and `dialled` for
/// `number`. `asked` is how many paths a filter asks for, of which `list` has some. A path
/// through a tangle says how many states that has.
public final class PathsJson {
    private static final double SECONDS_PER_HOUR = 3600;

    private PathsJson() {}

    /// @param list some of the paths, where they were asked for
    public static ObjectNode of(CallPaths number, Plan plan, Optional<PathList.Page> list) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        switch (number) {
            case NumberPaths called -> json.put("number", called.called().text());
            case DialledPaths dialled ->
                json.put("from", dialled.subject().toString()).put("dialled", dialled.digits());
        }
        json.put("paths", number.count().toString());
        json.put("states", number.states());
        json.put("edges", number.ways());
        number.paths().limit().ifPresent(limit -> json.put("limit", limit));
        ArrayNode endings = json.putArray("endings");
        number.endings().forEach(ends -> {
            ObjectNode ending = ending(ends.ending());
            ending.put("paths", ends.paths().toString());
            span(ending, ends.span());
            calls(ending, ends.calls(), number);
            endings.add(ending);
        });
        json.put("returns", number.returns().toString());
        json.put("rounds", number.rounds().toString());
        number.longestQuiet()
                .ifPresentOrElse(seconds -> json.put("longestQuiet", seconds), () -> json.putNull("longestQuiet"));
        ArrayNode classes = json.putArray("classes");
        number.timeClasses().forEach(time -> {
            ObjectNode one = classes.addObject();
            one.put("when", time.when());
            hours(one, time.seconds());
            ObjectNode states = one.putObject("states");
            time.states().forEach((ref, state) -> states.put(ref.toString(), state));
        });
        list.ifPresent(page -> {
            json.put("asked", page.asked().toString());
            ArrayNode all = json.putArray("list");
            page.paths().forEach(path -> all.add(path(path, number, plan)));
        });
        return json;
    }

    /// `[{"pressed"?, "cells": [{"states", "switches", "ending"?, "second"?}]}]`; a cell without an ending is
    /// one where nothing asks for the key.
    public static ArrayNode matrix(Matrix matrix) {
        ArrayNode rows = JsonNodeFactory.instance.arrayNode();
        for (Matrix.Row row : matrix.rows()) {
            ObjectNode one = rows.addObject();
            row.pressed().ifPresent(key -> one.put("pressed", key));
            ArrayNode cells = one.putArray("cells");
            for (int index = 0; index < row.cells().size(); index++) {
                Matrix.Column column = matrix.columns().get(index);
                ObjectNode cell = cells.addObject();
                ObjectNode states = cell.putObject("states");
                column.states().forEach((ref, state) -> states.put(ref.toString(), state));
                ObjectNode switches = cell.putObject("switches");
                column.positions().forEach((ref, position) -> switches.put(ref.toString(), position));
                row.cells().get(index).ifPresent(end -> {
                    cell.set("ending", ending(end.ending()));
                    cell.put("second", end.second());
                });
            }
        }
        return rows;
    }

    /// `[{"number", "when", "earliest", "latest"}]`.
    public static ArrayNode who(List<Reachable.ByNumber> numbers) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        numbers.forEach(number ->
                span(all.addObject().put("number", number.number().text()).put("when", number.when()), number.span()));
        return all;
    }

    private static void hours(ObjectNode json, long seconds) {
        if (seconds % (long) SECONDS_PER_HOUR == 0) {
            json.put("hours", seconds / (long) SECONDS_PER_HOUR);
        } else {
            json.put("hours", seconds / SECONDS_PER_HOUR);
        }
    }

    private static ObjectNode path(Path path, CallPaths number, Plan plan) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        ArrayNode choices = json.putArray("choices");
        path.choices(plan).forEach(choices::add);
        ArrayNode objects = json.putArray("objects");
        path.objects().forEach(ref -> objects.add(ref.toString()));
        json.set(
                "ending",
                switch (path.end()) {
                    case Path.End.Rests(Ending where) -> ending(where);
                    case Path.End.Returns returns -> end(path.end());
                    case Path.End.GoesRound(Ref at, Tangle.Around how) ->
                        end(path.end()).put("how", Path.words(how));
                });
        span(json, path.span());
        calls(json, path.calls(), number);
        ArrayNode effects = json.putArray("effects");
        PathEffects.of(number, path).forEach(one -> {
            ObjectNode effect = effects.addObject();
            effect.put("what", one.what().id());
            effect.put("says", one.what().words(plan::title));
            effect.put("always", one.always());
            if (!one.calls().equals(path.calls())) {
                effect.put("when", number.when(one.calls()));
            }
        });
        int tangle = path.steps().stream().mapToInt(Step::tangle).max().orElse(0);
        if (tangle > 0) {
            json.put("tangle", tangle);
        }
        number.bench(path).ifPresent(bench -> json.set("bench", FindingsJson.bench(plan, bench)));
        number.slowestBench(path).ifPresent(bench -> json.set("slowest", FindingsJson.bench(plan, bench)));
        return json;
    }

    /// For which calls: in words, and as all products of the set, however many the words say.
    private static void calls(ObjectNode json, CallSet calls, CallPaths number) {
        json.put("when", number.when(calls));
        CallWords.Products products = number.paths().words().products(calls);
        ArrayNode all = json.putArray("calls");
        for (CallWords.Product product : products.list()) {
            ObjectNode one = all.addObject();
            one.put("when", product.when());
            hours(one, product.times().seconds());
            product.who().ifPresent(who -> {
                one.put("who", who);
                ArrayNode callers = one.putArray("callers");
                product.callers().forEach(caller -> callers.add(caller.toString()));
            });
            if (!product.switches().isEmpty()) {
                ObjectNode switches = one.putObject("switches");
                product.switches().forEach((ref, positions) -> {
                    ArrayNode at = switches.putArray(ref.toString());
                    positions.forEach(at::add);
                });
            }
        }
        if (!products.whole()) {
            json.put("callsWhole", false);
        }
    }

    private static ObjectNode end(Path.End end) {
        return JsonNodeFactory.instance.objectNode().put("kind", end.word()).put("in", end.in());
    }

    /// `latest` is null where there is none.
    private static ObjectNode span(ObjectNode json, Span span) {
        json.put("earliest", span.earliest());
        span.latest().ifPresentOrElse(latest -> json.put("latest", latest), () -> json.putNull("latest"));
        return json;
    }

    /// An ending: `{"kind": "lost", "in": "menu/front-desk", "cause": "hole"}`.
    static ObjectNode ending(Ending ending) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        json.put("kind", ending.kind().word());
        json.put("in", ending.in());
        ending.by().ifPresent(by -> json.put("by", by));
        ending.cause().ifPresent(cause -> json.put("cause", cause.word()));
        return json;
    }
}
