package methodos.core.drafting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import methodos.core.narration.Draft;

/** What is known while clauses are woven into steps; shared by those who do it. */
final class Weave {

    final Speech speech;

    /** Whether the work has begun before this narration. */
    final boolean later;

    final Context context = new Context();
    final List<Finding> findings = new ArrayList<>();
    final List<Weaver.Left> left = new ArrayList<>();
    final StepMaking steps;
    final Attaching attaching;
    final Repeats repeats;
    final Conditions conditions;
    final Remarks remarks;
    final Additions additions;
    final Expectations expectations;

    /** A fragment that waits for the step that it belongs to. */
    Clause pending;

    /** The sentence that is talk, and why. */
    int talked = -1;

    Draft.Reason talk;

    /** Hazards that are told of before the step that they belong to. */
    final Set<String> warnings = new LinkedHashSet<>();

    int warnedAt;

    /** A fastener that was told of, for the tool that is named next. */
    Told toldFastener;

    /**
     * @param from the token at which its clause begins
     */
    record Told(Finding.Part part, int from) {}

    Weave(Speech speech, boolean later) {
        this.speech = speech;
        this.later = later;
        this.attaching = new Attaching(this);
        this.steps = new StepMaking(this);
        this.repeats = new Repeats(this);
        this.conditions = new Conditions(this);
        this.remarks = new Remarks(this);
        this.additions = new Additions(this);
        this.expectations = new Expectations(this);
    }

    /** The step that was made last, null before the first. */
    Finding last() {
        return findings.isEmpty() ? null : findings.get(findings.size() - 1);
    }

    /** Takes back what was left over from a token on. */
    void unleave(int from) {
        left.removeIf(l -> l.from() >= from && l.reason() == null);
    }

    /** Gives up waiting for the step of a fragment. */
    void dropPending() {
        if (pending != null) {
            remarks.remember(pending);
            remarks.warned(pending, Said.in(speech, pending.from(), pending.to()));
            left.add(new Weaver.Left(pending.from(), pending.to(), pending.sentence(), null));
            pending = null;
        }
    }
}
