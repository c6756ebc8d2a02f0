package methodos.narration.acts;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
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
        return IntStream.range(0, clauses.size())
                .parallel()
                .mapToObj(
                        i -> {
                            double[] p = learned.outcomes().probabilities(features.of(i));
                            double[] actions =
                                    learned.actions()
                                            .probabilities(ActionFeatures.of(said, clauses.get(i)));
                            int action = most(actions);
                            double cautions = caution < 0 ? 0 : p[caution];
                            return new Verdict(
                                    Outcome.valueOf(names.get(most(p)).toUpperCase(Locale.ROOT)),
                                    p[act] + cautions,
                                    cautions,
                                    learned.actions().outcomes().get(action),
                                    actions[action]);
                        })
                .toList();
    }

    private static int most(double[] p) {
        int most = 0;
        for (int o = 1; o < p.length; o++) {
            most = p[o] > p[most] ? o : most;
        }
        return most;
    }
}
