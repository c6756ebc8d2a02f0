package methodos.narration.values;

import java.util.Set;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;

/** Lengths that are the size of a spanner: "thirteen mil on the lock nut". */
public final class SpannerSizes {

    /** What is held or turned with a spanner. */
    private static final Set<String> SCREWED = Set.of("fastener", "fluid");

    private static final double SMALLEST = 4;
    private static final double LARGEST = 60;

    private SpannerSizes() {}

    /** Whether there are spanners of this size: whole millimetres, fractions of an inch. */
    public static boolean fits(Measure m) {
        return m.single()
                && m.bound() == Measure.Bound.NONE
                && (m.unit().equals("mm") && m.whole() && !m.below(SMALLEST)
                        || m.unit().equals("in") && !m.whole())
                && m.below(LARGEST);
    }

    /** Whether a thing is turned with a spanner. */
    public static boolean screwed(Utterance said, NounPhrase thing) {
        return said.vocabulary().things().part(thing.head()).stream().anyMatch(SCREWED::contains);
    }

    /** Whether a clause is a size by itself and what it goes on. */
    public static boolean on(Utterance said, Clause clause) {
        return clause.type() == Clause.Type.FIGURE
                && said.measureAt(clause.head()).filter(SpannerSizes::fits).isPresent()
                && clause.complements().phrases().stream()
                        .filter(p -> p.preposition().equals("on"))
                        .map(Prepositional::thing)
                        .anyMatch(t -> t != null && screwed(said, t));
    }
}
