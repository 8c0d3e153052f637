package app.bittern.cover;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.callset.CallSet;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.paths.CallPaths;
import app.bittern.paths.NumberPaths;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// The steps that calls to one number can take: the ways of its state graph, each with the calls that come to it. A way
/// of several causes is one step.
///
/// Cost: states × ways, each once for every set of calls that comes to it.
public final class Steps {
    /// One step.
    ///
    /// @param id    its place among all
    /// @param from  the state that it leaves
    /// @param calls that can take it
    public record Step(int id, int from, Way way, CallSet calls) {}

    private final NumberPaths number;
    private final StateGraph graph;
    private final List<Step> all = new ArrayList<>();
    private final Map<Integer, List<Step>> out = new LinkedHashMap<>();

    private Steps(NumberPaths number) {
        this.number = number;
        this.graph = number.paths().graph();
        Map<Integer, CallSet> come = come();
        come.forEach((state, calls) -> {
            List<Step> steps = new ArrayList<>();
            for (Way way : graph.ways(state)) {
                CallSet some = calls.and(way.calls());
                if (!some.isEmpty()) {
                    steps.add(new Step(all.size() + steps.size(), state, way, some));
                }
            }
            all.addAll(steps);
            out.put(state, steps);
        });
    }

    /// The steps of calls to a number.
    public static Steps of(NumberPaths number) {
        return new Steps(number);
    }

    /// The calls that come to each state.
    private Map<Integer, CallSet> come() {
        Map<Integer, CallSet> come = new LinkedHashMap<>();
        List<Integer> work = new ArrayList<>();
        for (CallPaths.Begins begins : number.begins()) {
            come.merge(begins.state(), begins.calls(), CallSet::or);
            work.add(begins.state());
        }
        while (!work.isEmpty()) {
            int state = work.removeFirst();
            CallSet here = come.getOrDefault(state, graph.classes().none());
            for (Way way : graph.ways(state)) {
                CallSet on = here.and(way.calls());
                if (way.target() < 0 || on.isEmpty()) {
                    continue;
                }
                CallSet known = come.getOrDefault(way.target(), graph.classes().none());
                CallSet more = known.or(on);
                if (more != known) {
                    come.put(way.target(), more);
                    work.add(way.target());
                }
            }
        }
        return come;
    }

    NumberPaths number() {
        return number;
    }

    StateGraph graph() {
        return graph;
    }

    /// All steps.
    public List<Step> all() {
        return all;
    }

    List<Step> out(int state) {
        return out.getOrDefault(state, List.of());
    }

    /// The steps that a traced call takes, in order; a call that no route takes takes none.
    public List<Step> taken(Bench bench, Trace trace) {
        if (trace.route().isEmpty()) {
            return List.of();
        }
        LocalDateTime local =
                LocalDateTime.ofInstant(bench.at(), number.paths().plan().site().timeZone());
        CallSet like = graph.classes().like(0, bench.caller(), local, bench.switches());
        int state = number.begins().stream()
                .filter(begins ->
                        graph.state(begins.state()).at().equals(trace.route().get())
                                && begins.calls().meets(like))
                .map(CallPaths.Begins::state)
                .findFirst()
                .orElse(-1);
        List<Step> taken = new ArrayList<>();
        for (Trace.Step step : trace.steps()) {
            if (state < 0) {
                break;
            }
            Step way = out(state).stream()
                    .filter(one -> one.calls().meets(like)
                            && step.cause().filter(one.way().causes()::contains).isPresent())
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException(
                            step.object() + " is left by " + step.exit() + ", which is no step of the number"));
            taken.add(way);
            state = way.way().target();
        }
        return taken;
    }

    /// How often each step is taken.
    static Map<Integer, Integer> counted(List<Step> taken) {
        Map<Integer, Integer> counts = new HashMap<>();
        taken.forEach(step -> counts.merge(step.id(), 1, Integer::sum));
        return counts;
    }

    /// A step in words: `menu/front-desk, key 1`.
    public String words(Step step) {
        return graph.state(step.from()).at() + ", "
                + String.join(
                        ", ",
                        step.way().causes().stream().map(cause -> cause.id()).toList());
    }
}
