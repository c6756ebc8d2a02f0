package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.WordSet;

/**
 * Makes steps of what clauses say: with what was told before, for the condition that holds, and
 * only once where the same is said twice.
 */
final class StepMaking {

    private static final Set<String> WAYS = WordSet.ofPhrases("off, on, in, out, back");

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;
    private final List<Weaver.Left> left;

    StepMaking(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
        this.left = weave.left;
    }

    // ---------------------------------------------------------------- steps

    void step(Finding f, Clause clause, Said said) {
        weave.toldFastener = null;
        String found = foundOf(clause);
        if (found != null) {
            weave.pending = null;
            f.condition = found;
        }
        if (weave.pending != null) {
            f.from = Math.min(f.from, weave.pending.from());
            if (f.parts.isEmpty()
                    && f.kind != Kind.CAUTION
                    && !f.is("test", "wait")
                    && weave.pending.to() == clause.from()) {
                NounPhrases.at(speech, weave.pending.body(), weave.pending.to())
                        .filter(
                                n ->
                                        n.part()
                                                && n.to() == clause.from()
                                                && speech.lexicon().tool(n.head()).isEmpty())
                        .map(Finding.Part::of)
                        .ifPresent(f.parts::add);
            }
            Said before = Said.in(speech, weave.pending.from(), weave.pending.to());
            weave.pending = null;
            weave.attaching.attach(f, before, f.from, clause.from());
            judged(f, f.from, clause.from());
        }
        weave.attaching.attach(f, said, clause.from(), clause.to());
        countedBefore(f, clause);
        judged(f, clause.from(), clause.to());
        rejected(f, clause);
        if (replacesLast(f)) {
            Finding before = findings.remove(findings.size() - 1);
            f.from = Math.min(f.from, before.from);
            f.tools.addAll(before.tools);
            f.hazards.addAll(before.hazards);
            f.torques.addAll(before.torques);
            f.limits.addAll(before.limits);
            f.parts.clear();
            f.parts.addAll(before.parts);
        }
        if (said.condition != null && f.kind != Kind.CAUTION) {
            f.condition = said.condition;
        } else if (weave.model != null
                && weave.modelSentence == clause.sentence()
                && f.from - weave.modelAt <= 12) {
            f.condition = weave.model;
        }
        boolean asked =
                weave.conditionFrom >= 0
                        && weave.conditionSentence == clause.sentence() - 1
                        && weave.conditionAsked;
        boolean warning = weave.conditionOpen && f.kind == Kind.CAUTION;
        if (weave.condition != null
                && !warning
                && (weave.conditionSentence == clause.sentence() || asked || speech.runsOn())
                && f.from - weave.conditionFrom < Conditions.NEAR) {
            f.condition = weave.condition;
            if (f.telegraphic && f.is("install") && speech.has(f.from, f.to, "new")) {
                f.action = "replace";
            }
            f.from = Math.min(f.from, weave.conditionFrom);
        }
        if (!warning) {
            weave.condition = null;
            weave.conditionOpen = false;
        }
        if (f.kind == Kind.CAUTION) {
            findings.add(f);
            return;
        }
        Finding measured = weave.last();
        if (f.is("turn")
                && measured != null
                && measured.is("measure")
                && measured.limits.isEmpty()
                && f.from - measured.to <= 1) {
            measured.extend(clause);
            return;
        }
        if (f.parts.isEmpty() && f.kind != Kind.CAUTION && !f.is("test", "wait")) {
            context.topic(clause.sentence())
                    .filter(p -> !Set.of("water", "air", "oil").contains(Nouns.head(p.name())))
                    .ifPresent(f.parts::add);
        }
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
        phase(f);
        inherit(f);
        boolean renewed = f.is("install") && speech.has(f.from, f.to, "new");
        if (context.buildUp() && (renewed || f.is("tighten"))) {
            f.parts.replaceAll(p -> tightenedBefore(p) ? p : counted(p));
        }
        weave.attaching.thread(f, said);
        for (Finding.Part p : f.parts) {
            context.remember(p, f.to);
        }
        Finding announced = weave.last();
        if (announced != null
                && announced.is(f.action == null ? "" : f.action)
                && f.from - announced.to < 12
                && announced.limits.isEmpty()
                && !f.limits.isEmpty()
                && speech.has(announced.from, announced.to, "going to")) {
            findings.remove(announced);
            left.add(
                    new Weaver.Left(
                            announced.from, announced.to, announced.sentence, Draft.Reason.REPEAT));
        }
        f.buildUp = context.buildUp();
        if (!merged(f)) {
            findings.add(f);
        }
    }

    /** The same thing said twice in one breath is one step: "unplug it, literally unplug it". */
    private boolean merged(Finding f) {
        Finding before = weave.last();
        if (before == null || before.action == null || before.kind == Kind.CAUTION) {
            return false;
        }
        if (f.condition != null && !f.condition.equals(before.condition)) {
            return false;
        }
        boolean bareListed =
                f.telegraphic
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
        if (bareListed) {
            before.parts.addAll(f.parts);
            before.to = f.to;
            return true;
        }
        boolean twiceAgain =
                f.parts.isEmpty()
                        && speech.has(f.from, f.to, "again")
                        && findings.size() > 1
                        && findings.get(findings.size() - 2).sentence == f.sentence
                        && findings.get(findings.size() - 2).is(f.action);
        if (twiceAgain) {
            before.to = Math.max(before.to, f.to);
            return true;
        }
        boolean again =
                before.is(f.action)
                        && f.parts.isEmpty()
                        && f.sentence == before.sentence
                        && f.from - before.to < 8
                        && (speech.has(f.from, f.to, "again")
                                || f.is("record", "wait", "lubricate", "apply", "measure"));
        if (again) {
            before.to = Math.max(before.to, f.to);
            before.consumables.addAll(f.consumables);
            before.waits.addAll(f.waits);
            before.tools.addAll(f.tools);
            before.limits.addAll(f.limits);
            return true;
        }
        if (!before.action.equals(f.action) || f.from - before.to > (f.is("inspect") ? 8 : 3)) {
            return false;
        }
        boolean sameParts =
                f.parts.isEmpty()
                        || f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())));
        boolean adds =
                f.is("test", "inspect", "disconnect", "isolate", "wait", "clean")
                        && (f.parts.isEmpty() || !f.unsure.isEmpty() || sameParts);
        boolean twice =
                f.sentence == before.sentence
                        && f.condition == null
                        && before.condition == null
                        && sameParts
                        && f.torques.isEmpty()
                        && f.limits.isEmpty()
                        && (f.is(
                                        "test",
                                        "inspect",
                                        "disconnect",
                                        "isolate",
                                        "wait",
                                        "loosen",
                                        "remove",
                                        "turn",
                                        "tighten")
                                || f.is("clean") && f.tools.isEmpty() && f.consumables.isEmpty());
        boolean sought =
                f.is("inspect")
                        && before.is("inspect")
                        && f.from - before.to <= 8
                        && (f.parts.isEmpty()
                                || speech.has(f.from, f.to, "looking for", "look for"));
        twice |= sought;
        if (!(adds && f.is("test", "disconnect", "isolate") || twice)) {
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

    /**
     * "flakes mean that it must be replaced", "more than that, its a new rotor", "torn ones go".
     */
    private void rejected(Finding f, Clause clause) {
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
        } else if (text.matches("(any )?(more|less|over|under)( than)?( that)? .*")) {
            Finding measured = weave.last();
            String figure =
                    measured == null || measured.limits.isEmpty()
                            ? "that"
                            : Wording.figure(
                                            measured.limits
                                                    .get(measured.limits.size() - 1)
                                                    .measure())
                                    .replaceFirst("^at (most|least) ", "");
            f.condition =
                    (text.contains("less") || text.contains("under") ? "under " : "over ") + figure;
        } else if (text.matches("(torn|worn|damaged|cracked|broken|bent|scored) .*")) {
            f.condition = speech.word(clause.body());
        }
    }

    /** "under 55: new" says what the measurement before must give. */
    private void judged(Finding f, int from, int to) {
        if (!f.is("replace", "discard")) {
            return;
        }
        if (speech.has(from, to, "shows", "reads")) {
            f.condition = weave.conditions.judged(from, to);
            f.limits.clear();
        }
        for (Measure m : speech.measures(from, to)) {
            Finding measured = weave.last();
            if (m.bound() == Measure.Bound.NONE || m.turnedRound().equals(m)) {
                continue;
            }
            if (measured == null || !measured.is("measure") || from - measured.to > 24) {
                boolean length = m.length() || m.bare();
                if (length && !f.parts.isEmpty()) {
                    Finding own =
                            new Finding(
                                    Kind.MEASUREMENT,
                                    "measure",
                                    new Clause(from, to, "", from, f.sentence));
                    own.parts.add(f.parts.get(0).withQuantity(null));
                    Values.limit(own, "", (m.bare() ? m.in(speech.lengthUnit()) : m).turnedRound());
                    own.confidence = 0.5;
                    findings.add(own);
                }
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
                        || f.is("remove", "loosen", "pull", "lower")
                                && before.is("remove", "install"));
    }

    private boolean heated() {
        return findings.stream().skip(Math.max(0, findings.size() - 4)).anyMatch(f -> f.is("heat"));
    }

    private void phase(Finding f) {
        boolean fresh = false;
        for (int i = f.from; i < f.to; i++) {
            fresh |= speech.word(i).equals("new");
        }
        boolean back = speech.has(f.from, f.to, "back in", "back on", "back together", "back up");
        boolean inPlace =
                findings.stream()
                                .anyMatch(
                                        x ->
                                                x.sentence == f.sentence
                                                        && x.is("remove", "loosen", "clean"))
                        && !speech.runsOn();
        if (inPlace) {
            return;
        }
        if (f.is("install", "press", "lift", "heat")
                && (fresh || back && !f.is("heat"))
                && (weave.later || findings.size() > 12)) {
            context.goBack();
        }
    }

    /**
     * "the screws" that go back are as many as came off, where only one number was told of them.
     */
    private Finding.Part counted(Finding.Part part) {
        if (!part.plural() || part.quantity() != null) {
            return part;
        }
        List<Integer> told =
                findings.stream()
                        .flatMap(f -> f.parts.stream())
                        .filter(p -> p.quantity() != null && sameThing(p.name(), part.name()))
                        .map(Finding.Part::quantity)
                        .distinct()
                        .toList();
        return told.size() == 1 ? part.withQuantity(told.get(0)) : part;
    }

    /**
     * "a little one you can polish out", "a big one, thats a new upper": what was found, which
     * decides what is done; or null.
     */
    private String foundOf(Clause clause) {
        String text = speech.text(clause.from(), clause.to());
        if (!text.matches("(and )?you (can|may|could|must|have to) .*|(thats|its) a new .*")) {
            return null;
        }
        for (int i = clause.from() - 3; i >= 0 && i > clause.from() - 9; i--) {
            boolean named = Set.of("a", "an").contains(speech.word(i));
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

    /** "back on thirteen and a half": the figure that was counted coming off, without its unit. */
    private void countedBefore(Finding f, Clause clause) {
        if (!f.is("install", "tighten", "hand-tighten", "turn", "adjust")) {
            return;
        }
        for (Measure m : speech.measures(clause.from(), clause.to())) {
            if (!m.bare() || !m.single() || m.whole()) {
                continue;
            }
            findings.stream()
                    .filter(x -> x.is("record"))
                    .flatMap(x -> x.limits.stream())
                    .map(Finding.LimitSaid::measure)
                    .filter(r -> r.single() && r.min().equals(m.min()))
                    .findFirst()
                    .ifPresent(r -> Values.limit(f, "", m.in(r.unit())));
        }
    }

    private boolean tightenedBefore(Finding.Part part) {
        return findings.stream()
                .filter(f -> f.is("tighten"))
                .flatMap(f -> f.parts.stream())
                .anyMatch(p -> sameThing(p.name(), part.name()));
    }

    private static boolean sameThing(String one, String other) {
        return one.equals(other) || one.endsWith(" " + other) || other.endsWith(" " + one);
    }

    /** Fastener counts carry over in one breath: "fit the six screws and tighten them". */
    private void inherit(Finding f) {
        if (!f.is(
                "discard", "measure", "inspect", "record", "clean", "turn", "push", "lift",
                "lower")) {
            return;
        }
        f.parts.replaceAll(p -> f.unsure.isEmpty() ? p : p.withQuantity(null).withSize(null));
    }
}
