package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** What must be found for a part to be replaced or done something else to. */
final class Rejections {

    private static final Set<String> ARTICLES = WordSet.of("a an");

    private static final Pattern DECIDED =
            Pattern.compile("(and )?you (can|may|could|must|have to) .*|(thats|its) a new .*");

    private static final Pattern COMPARED =
            Pattern.compile("(any )?(more|less|over|under)( than)?( that)? .*");

    private static final Pattern SPOILT =
            Pattern.compile("(torn|worn|damaged|cracked|broken|bent|scored) .*");

    /** Further back than so many words a measurement is not what is judged. */
    private static final int REACH = 24;

    private final Weave weave;
    private final Speech speech;
    private final List<Finding> findings;

    Rejections(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.findings = weave.findings;
    }

    /**
     * "a little one you can polish out", "a big one, thats a new upper": what was found, which
     * decides what is done; or null.
     */
    String foundOf(Clause clause) {
        String text = speech.text(clause.from(), clause.to());
        if (!DECIDED.matcher(text).matches()) {
            return null;
        }
        for (int i = clause.from() - 3; i >= 0 && i > clause.from() - 9; i--) {
            boolean named = ARTICLES.contains(speech.word(i));
            if (named && speech.word(i + 2).equals("one")) {
                String judged = speech.word(i + 1);
                return defectBefore(i).map(defect -> judged + " " + defect).orElse(null);
            }
            if (named && Defects.is(speech.word(i + 1))) {
                return speech.text(i + 1, clause.from());
            }
        }
        return null;
    }

    private Optional<String> defectBefore(int at) {
        for (int i = at - 1; i > at - 20 && i > 0; i--) {
            if (Defects.is(speech.word(i))) {
                return Optional.of(speech.word(i));
            }
        }
        return Optional.empty();
    }

    /** "under 55: new" says what the measurement before must give. */
    void judged(Finding f, int from, int to) {
        if (!f.is("replace", "discard")) {
            return;
        }
        if (speech.has(from, to, "shows", "reads")) {
            f.condition = weave.conditions.judged(from, to);
            f.limits.clear();
        }
        for (Measure m : speech.measures(from, to)) {
            if (m.bound() == Measure.Bound.NONE || m.turnedRound().equals(m)) {
                continue;
            }
            Finding measured = weave.last();
            if (measured == null || !measured.is("measure") || from - measured.to > REACH) {
                ownMeasurement(f, m, new Clause(from, to, "", from, f.sentence));
                continue;
            }
            String unit =
                    m.bare() && !measured.limits.isEmpty()
                            ? measured.limits.get(0).measure().unit()
                            : m.unit();
            if (!unit.isEmpty()) {
                Values.limit(measured, "", m.in(unit).turnedRound());
                f.condition = weave.conditions.judged(from, to);
            }
        }
    }

    private void ownMeasurement(Finding f, Measure m, Clause clause) {
        if (f.parts.isEmpty() || !m.length() && !m.bare()) {
            return;
        }
        Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
        own.parts.add(f.parts.get(0).withQuantity(null));
        Values.limit(own, "", (m.bare() ? m.in(speech.lengthUnit()) : m).turnedRound());
        own.confidence = 0.5;
        findings.add(own);
    }

    /**
     * "flakes mean that it must be replaced", "more than that, its a new rotor", "torn ones go".
     */
    void rejected(Finding f, Clause clause) {
        if (!f.is("replace", "discard") || f.condition != null) {
            return;
        }
        String text = speech.text(clause.body(), clause.to());
        int mean =
                Math.max(
                        speech.find(clause.body(), clause.to(), "mean"),
                        speech.find(clause.body(), clause.to(), "means"));
        int equals = speech.find(clause.body(), clause.to(), "=");
        if (mean > clause.body()) {
            f.condition = speech.text(clause.body(), mean);
        } else if (equals > clause.body()) {
            f.condition = speech.text(clause.body(), equals);
        } else if (COMPARED.matcher(text).matches()) {
            Finding measured = weave.last();
            String figure =
                    measured == null || measured.limits.isEmpty()
                            ? "that"
                            : Conditions.bare(
                                    measured.limits.get(measured.limits.size() - 1).measure());
            f.condition =
                    (text.contains("less") || text.contains("under") ? "under " : "over ") + figure;
        } else if (SPOILT.matcher(text).matches()) {
            f.condition = speech.word(clause.body());
        }
    }
}
