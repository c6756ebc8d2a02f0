package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/**
 * Makes steps of what clauses say: with what was told before, for the condition that holds, and
 * only once where the same is said twice.
 */
final class StepMaking {

    private static final Set<String> TOGETHER =
            WordSet.of("new back fit torque tighten install refit replace");

    private static final Set<String> APART =
            WordSet.of("off out remove undo loosen loose pull old take");

    private static final Set<String> MEDIA = WordSet.of("water air oil");

    /** Before so many steps nobody puts a unit together again. */
    private static final int TAKE_DOWN = 12;

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;
    private final Rejections rejections;
    private final SaidTwice twice;
    private final Counts counts;

    /** Whether the narration as a whole puts things together. */
    private final boolean buildsUp;

    StepMaking(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
        this.rejections = new Rejections(weave);
        this.twice = new SaidTwice(weave);
        this.counts = new Counts(weave);
        this.buildsUp = buildsUp();
    }

    private boolean buildsUp() {
        int together = 0;
        int apart = 0;
        for (int i = 0; i < speech.size(); i++) {
            together += TOGETHER.contains(speech.word(i)) ? 1 : 0;
            apart += APART.contains(speech.word(i)) ? 1 : 0;
        }
        return together > apart;
    }

    void step(Finding f, Clause clause, Said said) {
        weave.toldFastener = null;
        String found = rejections.foundOf(clause);
        if (found != null) {
            weave.pending = null;
            f.condition = found;
        }
        takePending(f, clause);
        weave.attaching.attach(f, said, clause.from(), clause.to());
        counts.countedBefore(f, clause);
        rejections.judged(f, clause.from(), clause.to());
        rejections.rejected(f, clause);
        twice.takeNamed(f);
        weave.conditions.into(f, clause, said);
        if (f.kind == Kind.CAUTION) {
            findings.add(f);
            return;
        }
        Finding last = weave.last();
        boolean whileMeasuring =
                f.is("turn")
                        && last != null
                        && last.is("measure")
                        && last.limits.isEmpty()
                        && f.from - last.to <= 1;
        if (whileMeasuring) {
            last.extend(clause);
            return;
        }
        if (f.parts.isEmpty() && !f.is("test", "wait")) {
            context.topic(clause.sentence())
                    .filter(p -> !MEDIA.contains(Nouns.head(p.name())))
                    .ifPresent(f.parts::add);
        }
        hazards(f);
        phase(f);
        counts.drop(f);
        boolean renewed = f.is("install") && speech.has(f.from, f.to, "new");
        if (context.buildUp() && (renewed || f.is("tighten"))) {
            counts.carryOver(f);
        }
        weave.attaching.thread(f, said);
        f.parts.forEach(p -> context.remember(p, f.to));
        if (f.is("remove")) {
            f.parts.forEach(context::takenOut);
        }
        if (twice.announced(f)) {
            Finding announced = findings.remove(findings.size() - 1);
            weave.left.add(
                    new Weaver.Left(
                            announced.from, announced.to, announced.sentence, Draft.Reason.REPEAT));
        }
        f.buildUp = context.buildUp();
        if (!twice.again(f)) {
            findings.add(f);
        }
    }

    /** A step takes what was named before it without a verb. */
    private void takePending(Finding f, Clause clause) {
        Clause pending = weave.pending;
        if (pending == null) {
            return;
        }
        weave.pending = null;
        f.from = Math.min(f.from, pending.from());
        if (f.parts.isEmpty()
                && f.kind != Kind.CAUTION
                && !f.is("test", "wait")
                && pending.to() == clause.from()) {
            NounPhrases.at(speech, pending.body(), pending.to())
                    .filter(NounPhrase::part)
                    .filter(n -> n.to() == clause.from())
                    .filter(n -> speech.lexicon().tool(n.head()).isEmpty())
                    .map(Finding.Part::of)
                    .ifPresent(f.parts::add);
        }
        if (!f.parts.isEmpty()) { // "position indicator: one screw", "lift it off" comes next
            weave.remarks.remember(pending);
        }
        Said before = Said.in(speech, pending.from(), pending.to());
        weave.attaching.attach(f, before, f.from, clause.from());
        rejections.judged(f, f.from, clause.from());
    }

    private void hazards(Finding f) {
        f.hazards.addAll(speech.lexicon().hazards().done(speech, f));
        if (f.is("lift", "lower", "install", "remove")
                && speech.has(
                        f.from, f.to, "two people", "two persons", "two of you", "with two")) {
            f.hazards.add("heavy load");
        }
        boolean apart = f.from > 0 && speech.token(f.from - 1).endsSentence();
        boolean gloves =
                speech.has(f.from, f.to, "gloves")
                        || !apart && speech.has(Math.max(0, f.from - 4), f.from, "gloves");
        if (gloves && f.is("install", "press", "push") && heated()) {
            f.hazards.add("hot surface");
        }
    }

    private boolean heated() {
        return findings.stream().skip(Math.max(0, findings.size() - 4)).anyMatch(f -> f.is("heat"));
    }

    /** "the new seal goes in": from here on things go on. */
    private void phase(Finding f) {
        boolean early = !weave.later && !buildsUp && findings.size() <= TAKE_DOWN;
        if (!f.is("install", "press", "lift", "heat") || early) {
            return;
        }
        boolean inPlace =
                !speech.runsOn()
                        && findings.stream()
                                .anyMatch(
                                        x ->
                                                x.sentence == f.sentence
                                                        && x.is("remove", "loosen", "clean"));
        boolean back = speech.has(f.from, f.to, "back in", "back on", "back together", "back up");
        if (!inPlace && (speech.has(f.from, f.to, "new") || back && !f.is("heat"))) {
            context.goBack();
        }
    }
}
