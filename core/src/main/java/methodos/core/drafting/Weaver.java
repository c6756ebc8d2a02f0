package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import methodos.core.drafting.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** Puts the clauses together: what adds to which step, what holds for which, what is set aside. */
final class Weaver {

    /** Tokens that no step is drawn from, with the reason; null for a note. */
    record Left(int from, int to, Draft.Reason reason) {}

    private static final int NEAR = 30;

    private final Speech speech;
    private final Context context = new Context();
    private final List<Finding> findings = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private String condition;
    private int conditionFrom = -1;
    private int conditionSentence = -1;
    private List<Measure> conditionMeasures = List.of();
    private Clause pending;

    private Weaver(Speech speech) {
        this.speech = speech;
    }

    static Weaver of(Speech speech) {
        Weaver weaver = new Weaver(speech);
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

    private Finding last() {
        return findings.isEmpty() ? null : findings.get(findings.size() - 1);
    }

    private void read(Clause clause) {
        for (String phrase : speech.lexicon().phrases("going back")) {
            if (speech.has(clause.from(), clause.to(), phrase)) {
                context.goBack();
            }
        }
        Said[] also = new Said[1];
        Outcome outcome = ClauseReader.read(speech, context, clause, also);
        Said said = also[0];
        if (said.leftHand) {
            context.leftHandSaid();
        }
        switch (outcome.sort()) {
            case SET_ASIDE -> {
                dropPending();
                left.add(new Left(clause.from(), clause.to(), outcome.reason()));
                condition = null;
            }
            case CONDITION -> condition(clause, said);
            case REASON -> reason(clause);
            case NOTE -> note(clause, said);
            case ADDITION -> addition(clause, said);
            case EXPECTATION -> expectation(clause, said);
            case STEPS -> {
                for (Finding f : outcome.findings()) {
                    step(f, clause, said);
                }
            }
        }
    }

    // ---------------------------------------------------------------- steps

    private void step(Finding f, Clause clause, Said said) {
        if (pending != null) {
            f.from = Math.min(f.from, pending.from());
            Said before = Said.in(speech, pending.from(), pending.to());
            pending = null;
            attach(f, before, f.from, clause.from());
        }
        attach(f, said, clause.from(), clause.to());
        if (condition != null && conditionSentence == clause.sentence() && f.from - conditionFrom < NEAR) {
            f.condition = condition;
            f.from = Math.min(f.from, conditionFrom);
            condition = null;
        } else {
            condition = null;
        }
        if (f.kind == Kind.CAUTION) {
            findings.add(f);
            return;
        }
        phase(f);
        inherit(f, clause);
        thread(f, said);
        for (Finding.Part p : f.parts) {
            context.remember(p);
        }
        findings.add(f);
    }

    private void phase(Finding f) {
        boolean fresh = false;
        for (int i = f.from; i < f.to; i++) {
            fresh |= speech.word(i).equals("new");
        }
        if (f.is("install", "press") && fresh && findings.size() > 12) {
            context.goBack();
        }
    }

    /** Fastener counts carry over in one breath: "fit the six screws and tighten them". */
    private void inherit(Finding f, Clause clause) {
        if (!f.is("discard", "measure", "inspect", "record", "clean")) {
            return;
        }
        f.parts.replaceAll(p -> f.unsure.isEmpty() ? p : p.withQuantity(null));
    }

    private void thread(Finding f, Said said) {
        boolean turns = f.is("loosen", "remove", "tighten", "install", "turn", "disconnect", "connect", "hand-tighten");
        boolean nutty = f.parts.isEmpty() || f.parts.stream().anyMatch(p -> p.name().matches(".*\\b(nut|locknut|union|gland|ring nut|bolt|screw|cap)\\b.*"));
        if (!turns) {
            return;
        }
        boolean undoing = f.is("loosen", "remove", "disconnect");
        boolean doing = f.is("tighten", "install", "connect", "hand-tighten");
        if (said.leftHand) {
            f.leftHand = true;
            context.takeLeftHand();
        } else if (nutty && (undoing && said.clockwise || doing && said.anticlockwise || f.is("turn") && said.clockwise && speech.has(f.from, f.to, "to get it off", "to undo", "is off"))) {
            f.leftHand = true;
            context.takeLeftHand();
        } else if (nutty && undoing && f.is("loosen", "remove", "disconnect") && context.takeLeftHand()) {
            f.leftHand = true;
        }
    }

    private void attach(Finding f, Said said, int from, int to) {
        for (Finding.ToolSaid tool : said.tools) {
            if (f.tools.stream().noneMatch(t -> t.equals(tool)) && !(f.kind == Kind.CAUTION)) {
                f.tools.add(tool);
            }
        }
        boolean uses = f.is("apply", "lubricate", "fill", "clean", "install", "tighten", "secure", "push", "press", "cover", "heat", "inspect", "hand-tighten", "test");
        boolean object = f.parts.stream().anyMatch(p -> said.consumables.contains(p.name())) && !f.is("fill", "apply", "lubricate");
        if (uses && !object) {
            f.consumables.addAll(said.consumables);
        }
        f.hazards.addAll(said.hazards);
        if (said.pattern != null) {
            f.pattern = said.pattern;
        }
        if (said.orientation != null && f.orientation == null && f.kind != Kind.CAUTION) {
            f.orientation = said.orientation;
        }
        if (said.reference != null && speech.measures(from, to).stream().noneMatch(Measure::torque) && f.kind != Kind.CAUTION) {
            f.reference = said.reference;
        }
        f.byHand |= said.byHand;
        if (f.kind != Kind.CAUTION) {
            Values.into(f, speech, said, from, to);
        }
    }

    // ---------------------------------------------------------------- what adds to steps

    private void condition(Clause clause, Said said) {
        dropPending();
        condition = speech.text(clause.body(), clause.to());
        conditionFrom = clause.from();
        conditionSentence = clause.sentence();
        conditionMeasures = speech.measures(clause.from(), clause.to());
        Finding before = last();
        boolean figures = conditionMeasures.stream().anyMatch(m -> m.length() && m.bound() != Measure.Bound.NONE);
        if (figures && before != null && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION) && clause.from() - before.to < NEAR) {
            for (Measure m : conditionMeasures) {
                before.limits.add(new Finding.LimitSaid("", m.turnedRound()));
            }
        }
        pendingCondition = clause;
    }

    private Clause pendingCondition;

    private void reason(Clause clause) {
        Finding f = last();
        if (f != null && clause.from() - f.to <= 2) {
            f.why = speech.text(clause.body(), clause.to());
            f.extend(clause);
        } else {
            left.add(new Left(clause.from(), clause.to(), null));
        }
    }

    private void note(Clause clause, Said said) {
        dropPending();
        left.add(new Left(clause.from(), clause.to(), null));
    }

    private void addition(Clause clause, Said said) {
        Finding f = last();
        boolean same = f != null && f.sentence == clause.sentence() && clause.from() - f.to <= 1;
        if (same && f.kind != Kind.CAUTION) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
        } else if (pending == null) {
            pending = clause;
        } else {
            dropPending();
            pending = clause;
        }
    }

    private void expectation(Clause clause, Said said) {
        dropPending();
        Finding f = last();
        List<Measure> figures = speech.measures(clause.from(), clause.to());
        boolean looks = f != null && clause.from() - f.to <= 3 && f.kind != Kind.CAUTION && f.kind != Kind.NOTE;
        if (looks && (f.kind != Kind.ACTION || f.is("turn", "push", "tap"))) {
            Values.expected(f, figures);
            f.extend(clause);
            return;
        }
        Finding own = new Finding(figures.isEmpty() ? Kind.INSPECTION : Kind.MEASUREMENT, figures.isEmpty() ? "inspect" : "measure", clause);
        Objects subject = Objects.behind(speech, said, clause.body(), clause.to());
        if (!subject.parts().isEmpty()) {
            own.parts.add(subject.parts().get(0));
        }
        attach(own, said, clause.from(), clause.to());
        Values.expected(own, figures);
        findings.add(own);
    }

    private void dropPending() {
        if (pending != null) {
            left.add(new Left(pending.from(), pending.to(), null));
            pending = null;
        }
        settleCondition();
    }

    private void settleCondition() {
        pendingCondition = null;
    }

    private void settle() {
        dropPending();
    }
}
