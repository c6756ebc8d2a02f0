package methodos.training;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.narration.acts.ActionFeatures;
import methodos.narration.acts.Features;
import methodos.narration.acts.Judge;
import methodos.narration.acts.Learned;
import methodos.narration.acts.Model;
import methodos.narration.acts.Statements;
import methodos.narration.acts.Verdict;
import methodos.narration.grammar.Boundaries;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import methodos.narration.values.Figures;
import methodos.training.Trainer.Example;
import methodos.training.Truth.TrueStep;

/** Makes examples of narrations and fits the reader's models to them. */
public final class Lessons {

    private static final double PENALTY = 1;
    private static final double PENALTY_OF_FIGURES = 0.5;

    /** How much what was learned before counts against the words, where truths are aligned. */
    private static final double BELIEF_IN_OUTCOME = 3;

    private static final double BELIEF_IN_ACTION = 2;
    private static final double OTHER_ACTION = 0.7;

    private final List<Example> senses;

    /**
     * @param senses what single phrases mean
     */
    public Lessons(List<Example> senses) {
        this.senses = List.copyOf(senses);
    }

    /** A narration as it is heard, without ends of sentences that have to be learned. */
    public record Heard(String name, Utterance said, Truth truth) {}

    private record Lesson(Heard heard, Utterance said, List<Clause> clauses, Alignment alignment) {

        List<Example> outcomes() {
            Features features = new Features(said, clauses);
            List<Example> examples = new ArrayList<>();
            for (int c = 0; c < clauses.size(); c++) {
                examples.add(new Example(heard.name, outcome(c), features.of(c)));
            }
            return examples;
        }

        private String outcome(int clause) {
            Optional<TrueStep> step = alignment.step(clause);
            if (step.isEmpty()) {
                return alignment.detail(clause) ? "detail" : "none";
            }
            Kind kind = step.get().told().kind();
            return kind == Kind.CAUTION || kind == Kind.NOTE
                    ? kind.name().toLowerCase(Locale.ROOT)
                    : "act";
        }

        List<Example> actions() {
            List<Example> examples = new ArrayList<>();
            for (int c = 0; c < clauses.size(); c++) {
                if (outcome(c).equals("act")) {
                    TrueStep step = alignment.step(c).orElseThrow();
                    Clause clause = clauses.get(c);
                    examples.add(
                            new Example(
                                    heard.name,
                                    action(clause, step),
                                    ActionFeatures.of(said, clause)));
                }
            }
            return examples;
        }

        /** Of several right actions the one that the verb means by itself. */
        private String action(Clause clause, TrueStep step) {
            return said.act(clause.head())
                    .filter(m -> clause.type() == Clause.Type.VERB)
                    .map(m -> m.act().actionWith(clause.complements().particle()))
                    .filter(step.otherActions()::contains)
                    .orElse(step.told().action());
        }
    }

    /** What is learned from some narrations. */
    public Learned learned(List<Heard> narrations) {
        Model gaps = Trainer.fit(narrations.stream().flatMap(Lessons::gaps).toList(), PENALTY);
        List<Lesson> first = new ArrayList<>();
        for (Heard heard : narrations) {
            Utterance said = Statements.ended(heard.said, gaps);
            List<Clause> clauses = Clauses.of(said);
            first.add(new Lesson(heard, said, clauses, Alignment.of(said, clauses, heard.truth)));
        }
        // each half is aligned anew by what the other half teaches
        Learned even = fit(gaps, half(first, 0));
        Learned odd = fit(gaps, half(first, 1));
        List<Lesson> lessons = new ArrayList<>();
        List<Example> figures = new ArrayList<>();
        for (int i = 0; i < first.size(); i++) {
            Lesson lesson = first.get(i);
            Learned other = i % 2 == 0 ? odd : even;
            lessons.add(
                    new Lesson(
                            lesson.heard,
                            lesson.said,
                            lesson.clauses,
                            Alignment.of(
                                    lesson.said,
                                    lesson.clauses,
                                    lesson.heard.truth,
                                    belief(other, lesson))));
            figures.addAll(figures(lesson, other));
        }
        Learned learned = fit(gaps, lessons);
        return new Learned(
                gaps,
                learned.outcomes(),
                learned.actions(),
                Trainer.fit(figures, PENALTY_OF_FIGURES));
    }

    private static List<Lesson> half(List<Lesson> all, int rest) {
        List<Lesson> half = new ArrayList<>();
        for (int i = rest; i < all.size(); i += 2) {
            half.add(all.get(i));
        }
        return half;
    }

    private Learned fit(Model gaps, List<Lesson> lessons) {
        Model outcomes =
                Trainer.fit(lessons.stream().flatMap(l -> l.outcomes().stream()).toList(), PENALTY);
        Model actions =
                Trainer.fit(
                        Stream.concat(
                                        lessons.stream().flatMap(l -> l.actions().stream()),
                                        senses.stream())
                                .toList(),
                        PENALTY);
        return new Learned(gaps, outcomes, actions, null);
    }

    private static Stream<Example> gaps(Heard heard) {
        Utterance said = heard.said;
        Quotes quotes = new Quotes(said);
        Set<Integer> ends = new HashSet<>();
        Stream.concat(
                        heard.truth.steps().stream()
                                .flatMap(s -> quotes.find(s.quote(), s.told().start()).stream()),
                        heard.truth.dismissed().stream()
                                .flatMap(d -> quotes.find(d.quote(), d.start()).stream()))
                .forEach(
                        place -> {
                            ends.add(place[0] - 1);
                            ends.add(place[1] - 1);
                        });
        List<Example> examples = new ArrayList<>();
        for (int i = 0; i < said.size() - 1; i++) {
            boolean end = ends.contains(i) || said.token(i).endsSentence();
            examples.add(new Example(heard.name, end ? "end" : "on", Boundaries.features(said, i)));
        }
        return examples.stream();
    }

    private static Alignment.Belief belief(Learned learned, Lesson lesson) {
        Features features = new Features(lesson.said, lesson.clauses);
        List<List<String>> of = new ArrayList<>();
        for (int c = 0; c < lesson.clauses.size(); c++) {
            of.add(features.of(c));
        }
        return (clause, step) -> {
            Kind kind = step.told().kind();
            boolean act = kind != Kind.CAUTION && kind != Kind.NOTE;
            String outcome = act ? "act" : kind.name().toLowerCase(Locale.ROOT);
            double belief =
                    BELIEF_IN_OUTCOME * learned.outcomes().probability(outcome, of.get(clause));
            if (act && step.told().action() != null) {
                List<String> f = ActionFeatures.of(lesson.said, lesson.clauses.get(clause));
                double right = learned.actions().probability(step.told().action(), f);
                for (String other : step.otherActions()) {
                    right += OTHER_ACTION * learned.actions().probability(other, f);
                }
                belief += BELIEF_IN_ACTION * Math.min(1, right);
            }
            return belief;
        };
    }

    private static List<Example> figures(Lesson lesson, Learned learned) {
        List<Verdict> verdicts = new Judge(learned).of(lesson.said, lesson.clauses);
        FigureLabels labels = new FigureLabels(lesson.said, lesson.heard.truth);
        List<Example> examples = new ArrayList<>();
        for (Measure m : lesson.said.measures()) {
            examples.add(
                    new Example(
                            lesson.heard.name,
                            labels.of(m),
                            Figures.features(lesson.said, lesson.clauses, verdicts, m)));
        }
        return examples;
    }
}
