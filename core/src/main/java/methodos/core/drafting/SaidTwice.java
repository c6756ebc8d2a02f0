package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Finds what is told twice: it makes one step. */
final class SaidTwice {

    private static final Set<String> WAYS = WordSet.ofPhrases("off, on, in, out, back");

    private static final int STAGE_WORDS = 8;

    private final Weave weave;
    private final Speech speech;
    private final List<Finding> findings;

    SaidTwice(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.findings = weave.findings;
    }

    /** Whether a step only says again what the one before says; that then has its words. */
    boolean again(Finding f) {
        Finding before = weave.last();
        if (before == null
                || before.action == null
                || before.kind == Kind.CAUTION
                || f.condition != null && !f.condition.equals(before.condition)) {
            return false;
        }
        if (nextOfList(f, before)) {
            before.parts.addAll(f.parts);
            before.to = f.to;
            return true;
        }
        if (twoBefore(f)) {
            before.to = Math.max(before.to, f.to);
            return true;
        }
        if (onceMore(f, before)) {
            before.to = Math.max(before.to, f.to);
            before.consumables.addAll(f.consumables);
            before.waits.addAll(f.waits);
            before.tools.addAll(f.tools);
            before.limits.addAll(f.limits);
            return true;
        }
        if (nextStage(f, before)) {
            before.to = f.to;
            before.torques.addAll(f.torques);
            return true;
        }
        if (!before.action.equals(f.action)
                || f.from - before.to > (f.is("inspect") ? 8 : 3)
                || !sameWork(f, before)) {
            return false;
        }
        before.to = Math.max(before.to, f.to);
        before.limits.addAll(f.limits);
        before.torques.addAll(f.torques);
        before.waits.addAll(f.waits);
        before.tools.addAll(f.tools);
        before.hazards.addAll(f.hazards);
        if (f.count != null) {
            before.count = f.count;
            before.countMax = f.countMax;
        }
        before.leftHand |= f.leftHand;
        return true;
    }

    /** "cap off, spring, washer": the list of what comes off goes on. */
    private boolean nextOfList(Finding f, Finding before) {
        return f.telegraphic
                && before.telegraphic
                && f.sentence == before.sentence
                && f.is("install", "remove")
                && before.is(f.action)
                && f.orientation == null
                && before.orientation == null
                && f.from == before.to
                && f.to - f.from <= 4
                && f.torques.isEmpty()
                && f.consumables.isEmpty()
                && !speech.hasAny(f.from, f.to, WAYS);
    }

    /** "to ten, twenty, then thirty-five newton metres": one tightening in stages. */
    private boolean nextStage(Finding f, Finding before) {
        return f.is("tighten")
                && before.is("tighten")
                && f.from == before.to
                && speech.word(f.from).equals("then")
                && f.torques.size() == 1
                && before.torques.size() > 1
                && f.to - f.from <= STAGE_WORDS
                && f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())));
    }

    /** "lift, look, lift again" */
    private boolean twoBefore(Finding f) {
        if (!f.parts.isEmpty() || findings.size() < 2 || !speech.has(f.from, f.to, "again")) {
            return false;
        }
        Finding second = findings.get(findings.size() - 2);
        return second.sentence == f.sentence && second.is(f.action);
    }

    private boolean onceMore(Finding f, Finding before) {
        return before.is(f.action)
                && f.parts.isEmpty()
                && f.sentence == before.sentence
                && f.from - before.to < 8
                && (speech.has(f.from, f.to, "again")
                        || f.is("record", "wait", "lubricate", "apply", "measure", "mark"));
    }

    /** "unplug it, literally unplug it" */
    private boolean sameWork(Finding f, Finding before) {
        boolean sameParts = f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())));
        if (f.is("test", "disconnect", "isolate") && (sameParts || !f.unsure.isEmpty())) {
            return true;
        }
        if (f.is("inspect")
                && (f.parts.isEmpty() || speech.has(f.from, f.to, "looking for", "look for"))) {
            return true;
        }
        boolean plain = f.is("clean") && f.tools.isEmpty() && f.consumables.isEmpty();
        return f.sentence == before.sentence
                && f.condition == null
                && before.condition == null
                && sameParts
                && f.torques.isEmpty()
                && f.limits.isEmpty()
                && (plain || f.is("inspect", "wait", "loosen", "remove", "turn", "tighten"));
    }

    /** "we're going to measure the bore": what was announced is told now. */
    boolean announced(Finding f) {
        Finding before = weave.last();
        return before != null
                && f.action != null
                && before.is(f.action)
                && f.from - before.to < 12
                && before.limits.isEmpty()
                && !f.limits.isEmpty()
                && speech.has(before.from, before.to, "going to");
    }

    /** Gives a step the words and the parts of the one before, where that only named them. */
    void takeNamed(Finding f) {
        if (!replacesLast(f)) {
            return;
        }
        Finding before = findings.remove(findings.size() - 1);
        f.from = Math.min(f.from, before.from);
        f.tools.addAll(before.tools);
        f.hazards.addAll(before.hazards);
        f.torques.addAll(before.torques);
        f.limits.addAll(before.limits);
        f.parts.clear();
        f.parts.addAll(before.parts);
        if (before.is("remove") && f.is("lift")) {
            f.action = "remove";
        }
    }

    /**
     * "new bearing, press it in": the first clause only names what the second does something to.
     */
    private boolean replacesLast(Finding f) {
        Finding before = weave.last();
        return before != null
                && before.telegraphic
                && before.sentence == f.sentence
                && f.from - before.to <= 4
                && before.orientation == null
                && !f.unsure.isEmpty()
                && f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())))
                && (f.is("press", "push", "tap", "install") && before.is("install")
                        || f.is("remove", "loosen", "pull", "lower", "lift")
                                && before.is("remove", "install"));
    }
}
