package methodos.narration.acts;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.NounPhrase;

/** What the judge sees of a clause at its second look: what it thought of the clauses around. */
public final class Neighbours {

    private static final int REACH = 3;

    private final List<Clause> clauses;
    private final List<String> outcomes;
    private final List<double[]> first;
    private final List<String> actions;

    /**
     * @param first for each clause the probabilities of the outcomes at the first look
     * @param actions for each clause the likeliest action
     */
    public Neighbours(
            List<Clause> clauses,
            List<String> outcomes,
            List<double[]> first,
            List<String> actions) {
        this.clauses = clauses;
        this.outcomes = outcomes;
        this.first = first;
        this.actions = actions;
    }

    /** The features of one of the clauses. */
    public List<String> of(int index) {
        List<String> f = new ArrayList<>();
        double[] own = first.get(index);
        for (int o = 0; o < own.length; o++) {
            f.add("own " + outcomes.get(o) + "=" + bin(own[o]));
        }
        f.add("own action=" + actions.get(index));
        f.add("own action=" + actions.get(index) + "&" + likeliest(index));
        Clause mine = clauses.get(index);
        for (int d = -REACH; d <= REACH; d++) {
            int at = index + d;
            if (d == 0 || at < 0 || at >= clauses.size()) {
                continue;
            }
            Clause other = clauses.get(at);
            double[] p = first.get(at);
            String where = "at" + d + " ";
            f.add(where + likeliest(at));
            f.add(where + likeliest(at) + "&own " + likeliest(index));
            for (int o = 0; o < p.length && Math.abs(d) < REACH; o++) {
                f.add(where + outcomes.get(o) + "=" + bin(p[o]));
            }
            if (Math.abs(d) == 1) {
                f.add(where + likeliest(at) + "&" + other.type() + "&" + mine.type());
            }
            boolean sameAction = actions.get(at).equals(actions.get(index));
            boolean sameThing = shares(mine, other);
            if (sameAction || sameThing) {
                String same =
                        where
                                + (sameAction ? "same action " : "")
                                + (sameThing ? "same thing " : "");
                f.add(same + likeliest(at));
                f.add(same + mine.type() + likeliest(at));
            }
        }
        int gap = index == 0 ? 9 : Math.min(9, mine.from() - clauses.get(index - 1).to());
        f.add("gap=" + gap);
        f.add("gap=" + (gap == 0) + "&" + (index == 0 ? "" : likeliest(index - 1)));
        return f;
    }

    private static boolean shares(Clause one, Clause other) {
        Set<String> heads = heads(one);
        heads.retainAll(heads(other));
        return !heads.isEmpty();
    }

    private static Set<String> heads(Clause clause) {
        Set<String> heads = new HashSet<>();
        clause.complements().objects().stream().map(NounPhrase::head).forEach(heads::add);
        if (clause.lead().thing() != null) {
            heads.add(clause.lead().thing().head());
        }
        return heads;
    }

    private String likeliest(int index) {
        double[] p = first.get(index);
        int best = 0;
        for (int o = 1; o < p.length; o++) {
            best = p[o] > p[best] ? o : best;
        }
        return outcomes.get(best);
    }

    private static int bin(double p) {
        return p < 0.03
                ? 0
                : p < 0.1 ? 1 : p < 0.25 ? 2 : p < 0.5 ? 3 : p < 0.75 ? 4 : p < 0.92 ? 5 : 6;
    }
}
