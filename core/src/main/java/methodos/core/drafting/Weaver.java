package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Puts the clauses together: what adds to which step, what holds for which, what is set aside. */
final class Weaver {

    /** Tokens that no step is drawn from, with the reason; null for a note. */
    record Left(int from, int to, int sentence, Draft.Reason reason) {}

    private static final Set<String> NOT = WordSet.of("no not dont never");

    /** Before so many steps "going back together" only announces what will come. */
    private static final int BEGUN = 2;

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;
    private final List<Left> left;

    private Weaver(Speech speech, boolean later) {
        this.weave = new Weave(speech, later);
        this.speech = speech;
        this.context = weave.context;
        this.findings = weave.findings;
        this.left = weave.left;
    }

    /**
     * @param later whether the work has begun before
     */
    static Weaver of(Speech speech, boolean later) {
        Weaver weaver = new Weaver(speech, later);
        for (Clause clause : Clauses.of(speech)) {
            weaver.read(clause);
        }
        weaver.settle();
        return weaver;
    }

    List<Finding> findings() {
        return findings;
    }

    List<Left> left() {
        return left;
    }

    /** "petroleum jelly: no", "pliers? no": what is named before must not be used. */
    private boolean denied(Clause clause) {
        if (!speech.text(clause.body(), clause.to()).matches("no|never|not|no never|do not|dont")) {
            return false;
        }
        boolean goesOn = !speech.token(clause.to() - 1).endsSentence();
        Finding f = weave.last();
        boolean tookBack =
                goesOn
                        && f != null
                        && f.kind == Kind.ACTION
                        && f.to == clause.from()
                        && f.sentence == clause.sentence()
                        && NOT.contains(speech.word(clause.to()));
        if (tookBack) { // "heat it, no, no heat"
            findings.remove(f);
            left.add(new Left(f.from, clause.to(), clause.sentence(), null));
            return true;
        }
        if (f != null && f.kind == Kind.CAUTION && clause.from() - f.to <= 1) {
            f.extend(clause);
            return true;
        }
        if (goesOn
                && !speech.runsOn()
                && weave.pending == null
                && (f == null || !f.telegraphic || f.to != clause.from())) {
            return false;
        }
        if (weave.pending != null && weave.pending.to() == clause.from()) {
            if (goesOn) {
                return false;
            }
            Finding caution = new Finding(Kind.CAUTION, null, clause);
            caution.from = weave.pending.from();
            weave.pending = null;
            findings.add(caution);
            return true;
        }
        if (f != null
                && f.to == clause.from()
                && (f.telegraphic
                        || f.kind == Kind.INSPECTION
                        || f.is("lubricate", "apply", "clean"))
                && f.to - f.from <= 6) {
            findings.remove(f);
            Finding caution = new Finding(Kind.CAUTION, null, clause);
            caution.from = f.from;
            findings.add(caution);
            return true;
        }
        return false;
    }

    /** A story goes on with "and it came down", "his shoes". */
    private boolean storyGoesOn(Clause clause) {
        Left before = left.isEmpty() ? null : left.get(left.size() - 1);
        if (!speech.runsOn()
                || before == null
                || before.reason() != Draft.Reason.ASIDE
                || before.to() != clause.from()) {
            return false;
        }
        String w = speech.word(clause.body());
        if (clause.to() - clause.body() == 1 && !speech.word(clause.body()).equals("then")) {
            return true;
        }
        return Set.of("he", "she", "his", "her", "him").contains(w)
                || Set.of("we", "i").contains(w)
                        && Set.of("and", "before", "when", "so", "").contains(clause.lead())
                || Set.of("it", "they").contains(w) && Set.of("and", "").contains(clause.lead());
    }

    private void read(Clause clause) {
        for (String phrase : speech.lexicon().phrases("going back")) {
            int at = speech.find(clause.from(), clause.to(), phrase);
            boolean story =
                    !left.isEmpty()
                            && left.get(left.size() - 1).reason() == Draft.Reason.ASIDE
                            && left.get(left.size() - 1).to() == clause.from();
            if (findings.size() > BEGUN && at >= 0 && at - clause.body() <= 3 && !story) {
                context.goBack();
            }
        }
        Said said = Said.in(speech, clause.from(), clause.to());
        Outcome outcome = ClauseReader.read(speech, context, clause, said);
        if (said.leftHand) {
            Finding f = weave.last();
            boolean names =
                    f != null && clause.from() - f.to <= 3 && f.is("loosen")
                            || f != null
                                    && clause.from() - f.to <= 3
                                    && f.is("remove", "tighten")
                                    && f.parts.stream()
                                            .anyMatch(
                                                    p ->
                                                            speech.has(
                                                                    clause.from(),
                                                                    clause.to(),
                                                                    Nouns.head(p.name()),
                                                                    "its",
                                                                    "this one",
                                                                    "thats"));
            if (names && outcome.sort() == Outcome.Sort.NOTE) {
                f.leftHand = true;
            } else {
                context.leftHandSaid();
            }
        }
        if (outcome.sort() != Outcome.Sort.SET_ASIDE && weave.repeats.repeats(clause, said)) {
            weave.dropPending();
            return;
        }
        if (clause.sentence() == weave.talked && !speech.runsOn()) {
            outcome = Outcome.aside(weave.talk);
        }
        if (denied(clause)) {
            return;
        }
        if (speech.has(clause.from(), clause.to(), "forget that", "forget it", "scratch that")
                && weave.last() != null
                && clause.from() - weave.last().to <= 2
                && !speech.has(clause.from(), clause.to(), "dont forget", "if you forget")) {
            Finding taken = findings.remove(findings.size() - 1);
            weave.conditions.open(taken, clause);
            boolean more = outcome.sort() == Outcome.Sort.STEPS;
            left.add(
                    new Left(
                            taken.from,
                            more ? clause.from() : clause.to(),
                            clause.sentence(),
                            null));
            if (!more) {
                return;
            }
        }
        if (outcome.sort() != Outcome.Sort.SET_ASIDE && storyGoesOn(clause)) {
            outcome = Outcome.aside(Draft.Reason.ASIDE);
        }
        if (said.condition != null && outcome.sort() != Outcome.Sort.STEPS) {
            weave.conditions.model(said.condition, clause);
        }
        if ((outcome.sort() == Outcome.Sort.NOTE || outcome.sort() == Outcome.Sort.ADDITION)
                && (weave.remarks.belongs(clause, said) || weave.additions.askedOf(clause, said))) {
            return;
        }
        Finding last = weave.last();
        boolean ofRepeat =
                last != null
                        && last.repeated != null
                        && last.sentence == clause.sentence()
                        && !speech.runsOn()
                        && outcome.findings().stream().allMatch(f -> f.telegraphic)
                        && outcome.sort() == Outcome.Sort.STEPS;
        if (ofRepeat) {
            last.extend(clause);
            return;
        }
        switch (outcome.sort()) {
            case SET_ASIDE -> {
                weave.talked = clause.sentence();
                weave.talk = outcome.reason();
                weave.dropPending();
                left.add(new Left(clause.from(), clause.to(), clause.sentence(), outcome.reason()));
                weave.conditions.forget();
            }
            case CONDITION -> weave.conditions.condition(clause, said);
            case REASON -> reason(clause, said);
            case NOTE -> note(clause, said);
            case ADDITION -> weave.additions.addition(clause, said);
            case EXPECTATION -> weave.expectations.expectation(clause, said);
            case STEPS -> {
                for (Finding f : outcome.findings()) {
                    weave.steps.step(f, clause, said);
                }
            }
        }
    }

    private void reason(Clause clause, Said said) {
        Finding f = weave.last();
        if (f != null && clause.from() - f.to <= 2) {
            f.hazards.addAll(said.hazards);
            f.why = speech.text(clause.body(), clause.to());
            f.extend(clause);
        } else {
            left.add(new Left(clause.from(), clause.to(), clause.sentence(), null));
        }
    }

    private void note(Clause clause, Said said) {
        if (weave.remarks.remark(clause, said)) {
            return;
        }
        weave.dropPending();
        weave.remarks.warned(clause, said);
        weave.remarks.remember(clause);
        left.add(new Left(clause.from(), clause.to(), clause.sentence(), null));
    }

    private void settle() {
        weave.dropPending();
        int first = findings.isEmpty() ? Integer.MAX_VALUE : findings.get(0).from;
        int last = findings.isEmpty() ? -1 : findings.get(findings.size() - 1).to;
        // what is told before the first step and after the last: introduction and farewell
        int firstSentence = findings.isEmpty() ? -1 : findings.get(0).sentence;
        left.replaceAll(
                l ->
                        l.reason() == null
                                        && (l.to() <= first && l.sentence() != firstSentence
                                                || l.from() >= last)
                                ? new Left(l.from(), l.to(), l.sentence(), Draft.Reason.CHATTER)
                                : l);
    }
}
