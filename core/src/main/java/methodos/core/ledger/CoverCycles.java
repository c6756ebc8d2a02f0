package methodos.core.ledger;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.words.Naturally;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.GabowStrongConnectivityInspector;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;

/**
 * Parts that cover each other all round, so that none of them can come off first: the strongly
 * connected components of "is covered by", found in time linear in parts and covers.
 */
final class CoverCycles {

    private final List<List<String>> all;
    private final Map<String, Integer> cycleOf = new HashMap<>();

    private CoverCycles(List<List<String>> all) {
        this.all = all;
        for (int i = 0; i < all.size(); i++) {
            for (String part : all.get(i)) {
                cycleOf.put(part, i);
            }
        }
    }

    static CoverCycles of(Collection<LedgerCase.Part> parts) {
        Set<String> ids = new HashSet<>();
        parts.forEach(p -> ids.add(p.id()));
        Graph<String, DefaultEdge> covers = new DefaultDirectedGraph<>(DefaultEdge.class);
        for (LedgerCase.Part part : parts) {
            for (String cover : part.coveredBy()) {
                if (ids.contains(cover)) {
                    covers.addVertex(part.id());
                    covers.addVertex(cover);
                    covers.addEdge(part.id(), cover);
                }
            }
        }
        return new CoverCycles(
                new GabowStrongConnectivityInspector<>(covers)
                        .stronglyConnectedSets().stream()
                                .filter(s -> s.size() > 1 || loop(covers, s))
                                .map(s -> s.stream().sorted(Naturally.ORDER).toList())
                                .toList());
    }

    private static boolean loop(Graph<String, DefaultEdge> covers, Set<String> one) {
        String part = one.iterator().next();
        return covers.containsEdge(part, part);
    }

    /** Each as its parts, the smallest id first. */
    List<List<String>> all() {
        return all;
    }

    /** Whether two parts are of the same cycle. */
    boolean together(String a, String b) {
        return cycleOf.containsKey(a) && cycleOf.get(a).equals(cycleOf.get(b));
    }
}
