package methodos.training;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Act;
import methodos.training.Truth.TrueStep;

/** Which clause says which true step. */
public final class Alignment {

    private static final double LEAST = 0.6;

    private final Utterance said;
    private final List<Clause> clauses;
    private final TrueStep[] stepOf;
    private final int[][] placeOf;

    /** How likely a clause says a step, from what was learned before; 0 to some units of fit. */
    @FunctionalInterface
    public interface Belief {
        double of(int clause, TrueStep step);
    }

    private final Belief belief;

    private Alignment(Utterance said, List<Clause> clauses, Truth truth, Belief belief) {
        this.belief = belief;
        this.said = said;
        this.clauses = clauses;
        this.stepOf = new TrueStep[clauses.size()];
        this.placeOf = new int[truth.steps().size()][];
        align(truth);
    }

    public static Alignment of(Utterance said, List<Clause> clauses, Truth truth) {
        return new Alignment(said, clauses, truth, (clause, step) -> 0);
    }

    /** With what a first reader has learned. */
    public static Alignment of(Utterance said, List<Clause> clauses, Truth truth, Belief belief) {
        return new Alignment(said, clauses, truth, belief);
    }

    /** The step that a clause says. */
    public Optional<TrueStep> step(int clause) {
        return Optional.ofNullable(stepOf[clause]);
    }

    /** Where the words of a true step stand: first token and behind the last; null if nowhere. */
    public int[] place(int step) {
        return placeOf[step];
    }

    /** Whether a clause stands within the words of a step that another clause says. */
    public boolean detail(int clause) {
        int head = anchor(clauses.get(clause));
        return stepOf[clause] == null
                && Arrays.stream(placeOf).anyMatch(p -> p != null && head >= p[0] && head < p[1]);
    }

    /** How many clauses say a step. */
    public long aligned() {
        return Arrays.stream(stepOf).filter(s -> s != null).count();
    }

    private record Pair(int clause, int step, double fit) {}

    private void align(Truth truth) {
        Quotes quotes = new Quotes(said);
        List<Pair> pairs = new ArrayList<>();
        for (int s = 0; s < truth.steps().size(); s++) {
            TrueStep step = truth.steps().get(s);
            int[] place = quotes.find(step.quote(), step.told().start()).orElse(null);
            placeOf[s] = place;
            for (int c = 0; place != null && c < clauses.size(); c++) {
                Clause clause = clauses.get(c);
                int at = anchor(clause);
                if (at >= place[0] && at < place[1]) {
                    double fit = fit(clause, step) + belief.of(c, step);
                    if (fit >= LEAST) {
                        pairs.add(new Pair(c, s, fit - 0.01 * (at - place[0])));
                    }
                }
            }
        }
        pairs.sort(Comparator.comparingDouble(Pair::fit).reversed());
        Set<Integer> taken = new HashSet<>();
        for (Pair pair : pairs) {
            if (stepOf[pair.clause] == null && taken.add(pair.step)) {
                stepOf[pair.clause] = truth.steps().get(pair.step);
            }
        }
    }

    /** Where a clause stands: at its verb, or behind it where the verb is said once for several. */
    private static int anchor(Clause clause) {
        return Math.max(clause.from(), clause.head());
    }

    private double fit(Clause clause, TrueStep step) {
        DraftedStep told = step.told();
        double fit =
                switch (clause.type()) {
                    case VERB -> 1;
                    case BARE -> 0.7;
                    case FIGURE -> 0.6;
                    case STATE -> 0.5;
                };
        Set<String> heads = new HashSet<>();
        Stream.concat(
                        told.parts().stream().map(DraftedStep.PartNamed::name),
                        step.otherParts().stream())
                .forEach(name -> heads.add(Nouns.singular(Nouns.head(name))));
        boolean names =
                clause.complements().objects().stream()
                                .map(NounPhrase::head)
                                .anyMatch(heads::contains)
                        || clause.complements().phrases().stream()
                                .filter(p -> p.thing() != null)
                                .anyMatch(p -> heads.contains(p.thing().head()));
        fit += names ? 1.5 : 0;
        boolean figure =
                told.action() != null
                        && told.action().equals("tighten")
                        && said.measures(clause.from(), clause.to()).stream()
                                .anyMatch(Measure::torque);
        fit += figure ? 1 : 0;
        Act.Met met = said.act(clause.head()).orElse(null);
        if (clause.type() == Clause.Type.VERB && met != null) {
            String meant = met.act().actionWith(clause.complements().particle());
            Set<String> can = met.act().actions();
            if (told.action() != null && told.action().equals(meant)) {
                fit += 3;
            } else if (step.otherActions().contains(meant == null ? "" : meant)) {
                fit += 2.5;
            } else if (can.contains(told.action())
                    || step.otherActions().stream().anyMatch(can::contains)) {
                fit += 1.5;
            } else if (meant != null) {
                fit -= 0.6;
            }
        }
        if (told.kind() == Kind.CAUTION) {
            fit += clause.lead().negated() ? 2 : 0;
        }
        return fit;
    }
}
