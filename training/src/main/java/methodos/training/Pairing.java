package methodos.training;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.MaximumWeightBipartiteMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/** Pairs each of some things with at most one of others, so that all pairs together fit best. */
final class Pairing {

    /** Two that may be a pair, and how well they fit, above 0. */
    record Edge(int one, int other, double fit) {}

    private Pairing() {}

    /** For each of the ones that has a partner, which. */
    static Map<Integer, Integer> best(List<Edge> edges) {
        Graph<String, DefaultWeightedEdge> graph =
                new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        Set<String> ones = new HashSet<>();
        Set<String> others = new HashSet<>();
        Map<DefaultWeightedEdge, Edge> of = new HashMap<>();
        for (Edge edge : edges) {
            String one = "a" + edge.one;
            String other = "b" + edge.other;
            ones.add(one);
            others.add(other);
            graph.addVertex(one);
            graph.addVertex(other);
            DefaultWeightedEdge added = graph.addEdge(one, other);
            graph.setEdgeWeight(added, edge.fit);
            of.put(added, edge);
        }
        Map<Integer, Integer> pairs = new HashMap<>();
        if (!edges.isEmpty()) {
            new MaximumWeightBipartiteMatching<>(graph, ones, others)
                    .getMatching()
                    .getEdges()
                    .forEach(e -> pairs.put(of.get(e).one, of.get(e).other));
        }
        return pairs;
    }
}
