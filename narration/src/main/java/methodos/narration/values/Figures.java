package methodos.narration.values;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.speech.Measure;
import methodos.narration.acts.Learned;
import methodos.narration.acts.Model;
import methodos.narration.acts.Verdict;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Utterance;
import methodos.narration.values.Figure.Kind;

/** Finds what each quantity is. */
public final class Figures {

    private static final double EVEN = 0.5;

    private Figures() {}

    /** The quantities that are said, each with what it is. */
    public static List<Figure> of(
            Utterance said, List<Clause> clauses, List<Verdict> verdicts, Learned learned) {
        List<Figure> figures = new ArrayList<>();
        for (Measure m : said.measures()) {
            List<String> features = features(said, clauses, verdicts, m);
            figures.add(figure(m, learned.figures(), features));
        }
        return figures;
    }

    /** A quantity is of account if that is likelier than not; then the likeliest kind is taken. */
    private static Figure figure(Measure m, Model model, List<String> features) {
        double[] p = model.probabilities(features);
        Kind best = Kind.NONE;
        double most = 0;
        double none = 0;
        for (int o = 0; o < p.length; o++) {
            Kind kind = Kind.valueOf(model.outcomes().get(o).toUpperCase(Locale.ROOT));
            if (kind == Kind.NONE) {
                none = p[o];
            } else if (p[o] > most) {
                most = p[o];
                best = kind;
            }
        }
        return none > EVEN ? new Figure(m, Kind.NONE, none) : new Figure(m, best, most);
    }

    /** What the model sees of a quantity. */
    public static List<String> features(
            Utterance said, List<Clause> clauses, List<Verdict> verdicts, Measure m) {
        int at = clauseAt(clauses, m.from());
        String action = "";
        for (int c = at; c >= 0 && c > at - 4; c--) {
            if (verdicts.get(c).outcome() == Verdict.Outcome.ACT) {
                action = verdicts.get(c).action();
                break;
            }
        }
        return FigureFeatures.of(
                said,
                m,
                at < 0 ? null : clauses.get(at),
                at < 0 ? "" : verdicts.get(at).outcome().name(),
                action);
    }

    /** The clause that holds a word, or the last one before it; -1 for none. */
    public static int clauseAt(List<Clause> clauses, int word) {
        int low = 0;
        int high = clauses.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (clauses.get(middle).from() <= word) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }
}
