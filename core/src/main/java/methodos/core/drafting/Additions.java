package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;

/**
 * Fragments: what they add to the step before, to the one behind, or that they are a step by
 * themselves.
 */
final class Additions {

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;

    Additions(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
    }

    private static final Set<String> MEASURING =
            Set.of(
                    "feeler gauge",
                    "dial gauge",
                    "micrometer",
                    "caliper",
                    "vernier caliper",
                    "vernier",
                    "ruler",
                    "multimeter",
                    "meter",
                    "straight edge",
                    "thermometer",
                    "insulation tester",
                    "ohmmeter");

    void addition(Clause clause, Said said) {
        Finding f = weave.last();
        boolean torque =
                speech.measures(clause.from(), clause.to()).stream().anyMatch(Measure::torque);
        if (torque
                && f != null
                && f.is("tighten")
                && f.torques.isEmpty()
                && f.sentence == clause.sentence()
                && clause.from() - f.to < 16) {
            weave.attaching.attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return;
        }
        if (torque
                && f != null
                && f.is("tighten")
                && clause.from() - f.to < 16
                && NounPhrases.at(speech, clause.body(), clause.to()).isEmpty()
                && !(clause.sentence() == f.sentence && clause.from() == f.to)) {
            if (f.torques.isEmpty()) {
                weave.attaching.attach(f, said, clause.from(), clause.to());
                f.extend(clause);
                return;
            }
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            own.parts.addAll(f.parts);
            weave.steps.step(own, clause, said);
            return;
        }
        if (torque && (f == null || !f.is("tighten")) && weave.remarks.remark(clause, said)) {
            return;
        }
        if (f != null
                && f.is("pressurise")
                && clause.from() - f.to <= 4
                && speech.measures(clause.from(), clause.to()).stream()
                        .anyMatch(m -> m.unit().equals("psi") || m.unit().equals("bar"))) {
            weave.attaching.attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return;
        }
        if (measuring(clause, said)) {
            return;
        }
        if (said.pattern != null
                && !torque
                && f != null
                && clause.from() - f.to <= 3
                && f.is("hand-tighten", "install")
                && context.fastener().isPresent()) {
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            own.parts.add(context.fastener().get());
            weave.steps.step(own, clause, said);
            return;
        }
        boolean nothingNamed =
                NounPhrases.at(speech, clause.body(), clause.to())
                        .filter(n -> n.part() && !said.taken(n.to() - 1))
                        .isEmpty();
        if (weave.condition != null
                && weave.conditionSentence >= clause.sentence() - 1
                && !said.tools.isEmpty()
                && nothingNamed
                && f != null
                && f.action != null) {
            Finding own = new Finding(f.kind, f.action, clause);
            own.parts.addAll(f.parts);
            weave.conditionSentence = clause.sentence();
            weave.steps.step(own, clause, said);
            return;
        }
        if (said.byHand
                && nothingNamed
                && f != null
                && f.is("install", "replace", "connect")
                && clause.from() - f.to <= 2) {
            Finding own = new Finding(Kind.ACTION, "hand-tighten", clause);
            own.parts.addAll(f.parts);
            weave.steps.step(own, clause, said);
            return;
        }
        Optional<Finding.Part> topic = context.topic(clause.sentence());
        if (nothingNamed
                && topic.isPresent()
                && Telegraphic.FASTENERS.contains(Nouns.head(topic.get().name()))
                && said.tools.isEmpty()
                && speech.measures(clause.from(), clause.to()).stream()
                        .anyMatch(m -> m.unit().equals("mm") && m.single())) {
            Measure m = speech.measures(clause.from(), clause.to()).get(0);
            Finding own = new Finding(Kind.ACTION, "support", clause);
            own.parts.add(topic.get());
            own.tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            own.confidence = 0.5;
            findings.add(own);
            weave.pending = null;
            return;
        }
        if (nothingNamed
                && topic.isPresent()
                && said.tools.isEmpty()
                && said.consumables.isEmpty()
                && (f == null || f.from < clause.from() - 8 || f.sentence != clause.sentence())
                && speech.measures(clause.from(), clause.to()).stream()
                        .anyMatch(
                                m ->
                                        m.unit().isEmpty()
                                                        && !Conditions.whole(m)
                                                        && Telegraphic.DIMENSIONS.contains(
                                                                Nouns.head(topic.get().name()))
                                                || m.length()
                                                || m.unit().equals("bar")
                                                || m.unit().equals("psi")
                                                || m.unit().equals("V")
                                                || m.unit().equals("ohm"))) {
            Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
            boolean gauged =
                    speech.measures(clause.from(), clause.to()).stream().noneMatch(Measure::length)
                            && !Set.of("gauge", "pressure", "manometer", "battery", "winding")
                                    .contains(Nouns.head(topic.get().name()));
            if (!gauged) {
                own.parts.add(topic.get());
            } else {
                context.about(-1, null);
            }
            weave.steps.step(own, clause, said);
            return;
        }
        String toldHead = weave.toldFastener == null ? "" : Nouns.head(weave.toldFastener.name());
        if (weave.toldFastener != null
                && said.tools.stream()
                        .anyMatch(t -> t.size() != null || t.name().startsWith(toldHead))
                && (f == null || clause.from() - f.to > 1 || weave.toldFastener.from() >= f.to)) {
            Finding own =
                    new Finding(Kind.ACTION, context.buildUp() ? "tighten" : "remove", clause);
            own.parts.add(
                    new Finding.Part(
                            weave.toldFastener.name(),
                            weave.toldFastener.quantity(),
                            weave.toldFastener.size(),
                            null,
                            weave.toldFastener.plural()));
            own.from = Math.min(own.from, weave.toldFastener.clauseFrom());
            weave.unleave(own.from);
            weave.steps.step(own, clause, said);
            return;
        }
        if (said.orientation != null && weave.pending != null && context.buildUp()) {
            Optional<NounPhrase> thing =
                    NounPhrases.at(speech, weave.pending.body(), weave.pending.to())
                            .filter(NounPhrase::part);
            if (thing.isPresent() && weave.pending.sentence() == clause.sentence()) {
                NounPhrase np = thing.get();
                Finding own = new Finding(Kind.ACTION, "install", clause);
                own.parts.add(
                        new Finding.Part(np.name(), np.quantity(), np.size(), null, np.plural()));
                weave.steps.step(own, clause, said);
                return;
            }
        }
        if (said.orientation == null) {
            weave.remarks.remember(clause);
        }
        if (listed(clause, said, f)) {
            return;
        }
        boolean same =
                f != null
                        && f.sentence == clause.sentence()
                        && clause.from() - f.to <= 1
                        && weave.pending == null;
        boolean close =
                f != null
                        && clause.from() - f.to <= 1
                        && weave.pending == null
                        && (said.orientation != null || !said.tools.isEmpty() && f.tools.isEmpty());
        if ((same || close) && f.kind != Kind.CAUTION) {
            if (f.telegraphic
                    && f.is("restore")
                    && speech.measures(clause.from(), clause.to()).stream()
                            .anyMatch(Measure::time)) {
                f.kind = Kind.TEST;
                f.action = "test";
            }
            weave.attaching.attach(f, said, clause.from(), clause.to());
            weave.attaching.thread(f, said);
            f.extend(clause);
        } else if (weave.pending == null) {
            weave.pending = clause;
        } else if (weave.pending.sentence() == clause.sentence()
                && weave.pending.to() == clause.from()) {
            weave.pending =
                    new Clause(
                            weave.pending.from(),
                            clause.to(),
                            weave.pending.lead(),
                            weave.pending.body(),
                            weave.pending.sentence());
        } else {
            weave.dropPending();
            weave.pending = clause;
        }
    }

    /** "handle, 2 washers, spring": the next of a list, or how many of what was named. */
    private boolean listed(Clause clause, Said said, Finding f) {
        boolean plain =
                said.tools.isEmpty() && said.consumables.isEmpty() && said.orientation == null;
        Optional<NounPhrase> np = NounPhrases.at(speech, clause.body(), clause.to());
        boolean bare = np.isPresent() && np.get().part() && np.get().to() == clause.to();
        if (plain
                && bare
                && f != null
                && f.telegraphic
                && f.sentence == clause.sentence()
                && clause.from() == f.to
                && f.is("remove", "install")) {
            NounPhrase n = np.get();
            f.parts.add(new Finding.Part(n.name(), n.quantity(), n.size(), null, n.plural()));
            f.extend(clause);
            return true;
        }
        if (plain
                && np.isEmpty()
                && speech.text(clause.body(), clause.to())
                        .matches("\\d{1,2}|two|three|four|five|six|eight")
                && context.topic(clause.sentence()).isPresent()) {
            int n =
                    (int)
                            SpokenNumber.at(speech.tokens(), clause.body())
                                    .orElseThrow()
                                    .value()
                                    .toDouble();
            context.count(n);
            context.about(
                    clause.sentence(),
                    context.topic(clause.sentence()).orElseThrow().withQuantity(n));
        }
        boolean isTool =
                np.isPresent()
                        && speech.lexicon().tool(np.get().head()).isPresent()
                        && !speech.lexicon().doubtfulTool(np.get().head());
        if (isTool) {
            return false;
        }
        if (bare
                || np.isPresent()
                        && np.get().part()
                        && speech.token(clause.to() - 1).mark().matches("[:?-]")) {
            NounPhrase n = np.get();
            context.about(
                    clause.sentence(),
                    new Finding.Part(n.name(), n.quantity(), n.size(), null, n.plural()));
        }
        if (said.leftHand && context.topic(clause.sentence()).isPresent() && !speech.runsOn()) {
            Finding own =
                    new Finding(Kind.ACTION, context.buildUp() ? "tighten" : "loosen", clause);
            own.parts.add(context.topic(clause.sentence()).orElseThrow());
            if (own.is("loosen")
                    && (own.names("union") || own.names("hose") || own.names("pipe"))) {
                own.action = "disconnect";
            }
            weave.steps.step(own, clause, said);
            return true;
        }
        return false;
    }

    /** "dial gauge on the end": a measurement without its verb. */
    boolean measuring(Clause clause, Said said) {
        Finding f = weave.last();
        if (said.tools.stream()
                .noneMatch(t -> MEASURING.stream().anyMatch(m -> t.name().endsWith(m)))) {
            return false;
        }
        if (f != null && f.kind == Kind.MEASUREMENT && clause.from() - f.to <= 1) {
            weave.attaching.attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
        for (int i = clause.body(); i < clause.to(); i++) {
            if (Set.of("on", "over", "across", "under", "in", "between").contains(speech.word(i))) {
                NounPhrases.at(speech, i + 1, clause.to())
                        .filter(n -> n.part() && !Grammar.PARTITIVE.contains(n.head()))
                        .ifPresent(
                                n ->
                                        own.parts.add(
                                                new Finding.Part(
                                                        n.name(),
                                                        n.quantity(),
                                                        null,
                                                        null,
                                                        n.plural())));
                break;
            }
        }
        if (own.parts.isEmpty()) {
            context.last(clause.from()).ifPresent(own.parts::add);
        }
        weave.steps.step(own, clause, said);
        return true;
    }
}
