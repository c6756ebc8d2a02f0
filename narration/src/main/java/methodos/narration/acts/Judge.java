package methodos.narration.acts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.narration.acts.Verdict.Outcome;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Utterance;

/** Says what each clause is, by what was learned. */
public final class Judge {

    private final Learned learned;

    public Judge(Learned learned) {
        this.learned = learned;
    }

    /** A verdict for each clause. */
    public List<Verdict> of(Utterance said, List<Clause> clauses) {
        Features features = new Features(said, clauses);
        List<String> names = learned.outcomes().outcomes();
        int act = names.indexOf("act");
        int caution = names.indexOf("caution");
        List<Verdict> verdicts = new ArrayList<>();
        for (int i = 0; i < clauses.size(); i++) {
            double[] p = learned.outcomes().probabilities(features.of(i));
            int best = 0;
            for (int o = 1; o < p.length; o++) {
                best = p[o] > p[best] ? o : best;
            }
            List<String> of = ActionFeatures.of(said, clauses.get(i));
            String action = learned.actions().best(of);
            double cautions = caution < 0 ? 0 : p[caution];
            verdicts.add(
                    new Verdict(
                            Outcome.valueOf(names.get(best).toUpperCase(Locale.ROOT)),
                            p[act] + cautions,
                            cautions,
                            action,
                            learned.actions().probability(action, of)));
        }
        return verdicts;
    }
}
