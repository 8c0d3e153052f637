package app.bittern.paths;

import app.bittern.callset.CallClasses;
import app.bittern.graph.Beginnings;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;

/// The state graph of a plan as a graph of JGraphT's, for the enumeration that a programmer would take from
/// there.
///
/// Conditions are left out, as that library has none; every edge that ends has a node of its own to end in.
///
/// @param graph  states are numbers from 0, ends are negative
/// @param start  where calls to the first inbound number begin
/// @param ends   the ends that they can come to
public record PlainGraph(Graph<Integer, DefaultEdge> graph, int start, Set<Integer> ends) {
    public static PlainGraph of(Plan plan, Horizon horizon) {
        StateGraph states = StateGraph.whole(plan, new CallClasses(List.of(plan), horizon), 0);
        E164 number = plan.all(InboundNumber.class).findFirst().orElseThrow().called();
        int start = Beginnings.of(states, number).taken().getFirst().state();
        Graph<Integer, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        Set<Integer> ends = new LinkedHashSet<>();
        for (int state = 0; state < states.size(); state++) {
            graph.addVertex(state);
        }
        int next = -1;
        for (int state = 0; state < states.size(); state++) {
            for (Way edge : states.ways(state)) {
                int to = edge.target() >= 0 ? edge.target() : next--;
                if (to < 0) {
                    graph.addVertex(to);
                    ends.add(to);
                }
                graph.addEdge(state, to);
            }
        }
        return new PlainGraph(graph, start, ends);
    }
}
