package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/**
 * Fragments: what they add to the step before, to the one behind, or that they are a step by
 * themselves.
 */
final class Additions {

    private static final Set<String> WHERE_MEASURED = WordSet.of("on over across under in between");

    private static final Set<String> GAUGED =
            Set.of("gauge", "pressure", "manometer", "battery", "winding");

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

    private static final Set<String> METERED = WordSet.of("bar psi V ohm");

    private static final Set<String> MEASURING =
            WordSet.ofPhrases(
                    "feeler gauge, dial gauge, micrometer, caliper, vernier caliper, vernier, ruler"
                            + ", multimeter, meter, straight edge, thermometer, insulation tester, ohmmeter");

    void addition(Clause clause, Said said) {
        Added f = new Added(clause, said, weave.last(), unnamed(clause, said));
        if (weave.remarks.hands(clause)
                || torque(f)
                || pressure(f)
                || angle(f)
                || figureOfMeasurement(f)
                || measuring(clause, said)
                || pattern(f)
                || otherTool(f)
                || byHand(f)
                || spanner(f)
                || figureOfTopic(f)
                || fastenerTold(f)
                || wayRound(f)) {
            return;
        }
        if (said.orientation == null) {
            weave.remarks.remember(clause);
        }
        if (!listed(clause, said, f.last)) {
            join(f);
        }
    }

    /**
     * A clause that may add to a step.
     *
     * @param last the step before it, or null
     * @param unnamed whether no part is named in it
     */
    private record Added(Clause clause, Said said, Finding last, boolean unnamed) {

        boolean within(int words) {
            return last != null && clause.from() - last.to <= words;
        }

        boolean sameSentence() {
            return last != null && last.sentence == clause.sentence();
        }
    }

    private boolean unnamed(Clause clause, Said said) {
        return NounPhrases.at(speech, clause.body(), clause.to())
                .filter(n -> n.part() && !said.taken(n.to() - 1))
                .isEmpty();
    }

    private boolean any(Added f, Predicate<Measure> test) {
        return speech.measures(f.clause.from(), f.clause.to()).stream().anyMatch(test);
    }

    private void attach(Added f) {
        weave.attaching.attach(f.last, f.said, f.clause.from(), f.clause.to());
        f.last.extend(f.clause);
    }

    private boolean make(Added f, Finding own) {
        weave.steps.step(own, f.clause, f.said);
        return true;
    }

    /** A step with the parts of another. */
    private Finding like(Added f, Kind kind, String action) {
        Finding own = new Finding(kind, action, f.clause);
        f.last.parts.forEach(p -> own.parts.add(p.withQuantity(null)));
        return own;
    }

    private boolean torque(Added f) {
        if (!any(f, Measure::torque)) {
            return false;
        }
        boolean brought =
                f.last != null && f.last.is("lift", "pull") && f.clause.from() == f.last.to;
        if (f.last == null || !f.last.is("tighten") && !brought) {
            return weave.remarks.remark(f.clause, f.said);
        }
        boolean near = f.clause.from() - f.last.to < 16;
        boolean nothing = NounPhrases.at(speech, f.clause.body(), f.clause.to()).isEmpty();
        boolean follows = f.sameSentence() && f.clause.from() == f.last.to;
        boolean stage = follows && nothing && f.said.pattern == null;
        if (near && (f.last.torques.isEmpty() || stage) && (f.sameSentence() || nothing)) {
            attach(f);
            return true;
        }
        return near && nothing && !follows && make(f, like(f, Kind.ACTION, "tighten"));
    }

    /** "measure the free length. At least sixty-two millimetres." */
    private boolean figureOfMeasurement(Added f) {
        boolean measured =
                f.within(2)
                        && f.last.is("measure")
                        && f.last.limits.isEmpty()
                        && f.unnamed
                        && f.said.tools.isEmpty()
                        && any(f, m -> m.length() || METERED.contains(m.unit()));
        if (measured) {
            attach(f);
        }
        return measured;
    }

    private boolean pressure(Added f) {
        boolean pumped = f.within(4) && f.last.is("pressurise") && any(f, Measure::pressure);
        if (pumped) {
            attach(f);
        }
        return pumped;
    }

    /** "stuck? strap wrench": the same work with another tool, where it is needed. */
    boolean askedOf(Clause clause, Said said) {
        Added f = new Added(clause, said, weave.last(), unnamed(clause, said));
        int asked = f.clause.from() - 1;
        boolean otherTool =
                f.last != null
                        && f.last.kind == Kind.ACTION
                        && f.last.parts.size() == 1
                        && f.unnamed
                        && !f.said.tools.isEmpty()
                        && asked - f.last.to < 3
                        && asked > 0
                        && speech.token(asked).mark().equals("?")
                        && speech.token(asked - 1).endsSentence();
        if (!otherTool) {
            return false;
        }
        Finding own = like(f, Kind.ACTION, f.last.action);
        own.condition = f.last.parts.get(0).name() + " is " + speech.word(asked);
        weave.pending = null;
        return make(f, own);
    }

    /** "a final ninety degrees" */
    private boolean angle(Added f) {
        boolean turned =
                f.within(8) && f.last.is("tighten") && f.unnamed && any(f, FiguresTold::angle);
        if (turned) {
            attach(f);
        }
        return turned;
    }

    private boolean pattern(Added f) {
        boolean again =
                f.said.pattern != null
                        && !any(f, Measure::torque)
                        && f.within(3)
                        && f.last.is("hand-tighten", "install")
                        && context.fastener().isPresent();
        if (!again) {
            return false;
        }
        Finding own = new Finding(Kind.ACTION, "tighten", f.clause);
        own.parts.add(context.fastener().get());
        return make(f, own);
    }

    /** "stuck? strap wrench": the same again with another tool. */
    private boolean otherTool(Added f) {
        boolean other =
                weave.conditions.holdsFor(f.clause)
                        && !f.said.tools.isEmpty()
                        && f.unnamed
                        && f.last != null
                        && f.last.action != null;
        if (!other) {
            return false;
        }
        weave.conditions.goesOnWith(f.clause);
        return make(f, like(f, f.last.kind, f.last.action));
    }

    private boolean byHand(Added f) {
        return f.said.byHand
                && f.unnamed
                && f.within(2)
                && f.last.is("install", "replace", "connect")
                && make(f, like(f, Kind.ACTION, "hand-tighten"));
    }

    /** "nuts underneath: 11 mm": they are held with a spanner of that size. */
    private boolean spanner(Added f) {
        Optional<Finding.Part> topic = context.topic(f.clause.sentence());
        boolean size =
                f.unnamed
                        && topic.isPresent()
                        && Things.FASTENERS.contains(Nouns.head(topic.get().name()))
                        && f.said.tools.isEmpty()
                        && any(f, m -> m.unit().equals("mm") && m.single());
        if (size) {
            Measure m = speech.measures(f.clause.from(), f.clause.to()).get(0);
            Finding own = new Finding(Kind.ACTION, "support", f.clause);
            own.parts.add(topic.get());
            own.tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            own.confidence = 0.5;
            findings.add(own);
            weave.pending = null;
        }
        return size;
    }

    /** "spring, free: 58 mm": a measurement without a verb. */
    private boolean figureOfTopic(Added f) {
        Optional<Finding.Part> topic = context.topic(f.clause.sentence());
        if (!f.unnamed
                || topic.isEmpty()
                || !f.said.tools.isEmpty()
                || !f.said.consumables.isEmpty()
                || f.last != null && f.last.from >= f.clause.from() - 8 && f.sameSentence()) {
            return false;
        }
        String head = Nouns.head(topic.get().name());
        boolean dimension = Things.DIMENSIONS.contains(head);
        boolean measured =
                any(
                        f,
                        m ->
                                m.bare() && !m.whole() && dimension
                                        || m.length()
                                        || METERED.contains(m.unit()));
        if (!measured) {
            return false;
        }
        Finding own = new Finding(Kind.MEASUREMENT, "measure", f.clause);
        if (any(f, Measure::length) || GAUGED.contains(head)) {
            own.parts.add(topic.get());
        } else {
            context.about(-1, null);
        }
        return make(f, own);
    }

    /** "held on by a lock nut. Twenty-four mil socket": how the fastener comes off. */
    private boolean fastenerTold(Added f) {
        Weave.Told told = weave.toldFastener;
        if (told == null) {
            return false;
        }
        String head = Nouns.head(told.part().name());
        boolean fits =
                f.said.tools.stream().anyMatch(t -> t.size() != null || t.name().startsWith(head));
        if (!fits
                || f.last != null && f.clause.from() - f.last.to <= 1 && told.from() < f.last.to) {
            return false;
        }
        Finding own = new Finding(Kind.ACTION, context.buildUp() ? "tighten" : "remove", f.clause);
        own.parts.add(told.part());
        own.from = Math.min(own.from, told.from());
        weave.unleave(own.from);
        return make(f, own);
    }

    /** "wiper last, lip outwards": what goes in so. */
    private boolean wayRound(Added f) {
        Clause before = weave.pending;
        if (f.said.orientation == null
                || before == null
                || !context.buildUp()
                || before.sentence() != f.clause.sentence()) {
            return false;
        }
        Optional<NounPhrase> thing =
                NounPhrases.at(speech, before.body(), before.to()).filter(NounPhrase::part);
        if (thing.isEmpty()) {
            return false;
        }
        NounPhrase np = thing.get();
        Finding own = new Finding(Kind.ACTION, "install", f.clause);
        own.parts.add(Finding.Part.of(np));
        return make(f, own);
    }

    /** To the step before where it belongs to that, otherwise it waits for the next. */
    private void join(Added f) {
        boolean adjoins = f.within(1) && weave.pending == null && f.last.kind != Kind.CAUTION;
        boolean completes =
                f.said.orientation != null
                        || f.said.pattern != null
                                && f.last != null
                                && f.last.is("tighten")
                                && f.last.pattern == null
                        || !f.said.tools.isEmpty() && f.last != null && f.last.tools.isEmpty();
        if (adjoins && (f.sameSentence() || completes)) {
            if (f.last.telegraphic && f.last.is("restore") && any(f, Measure::time)) {
                f.last.kind = Kind.TEST;
                f.last.action = "test";
            }
            weave.attaching.attach(f.last, f.said, f.clause.from(), f.clause.to());
            weave.attaching.thread(f.last, f.said);
            f.last.extend(f.clause);
        } else if (weave.pending == null) {
            weave.pending = f.clause;
        } else if (weave.pending.sentence() == f.clause.sentence()
                && weave.pending.to() == f.clause.from()) {
            Clause p = weave.pending;
            weave.pending = new Clause(p.from(), f.clause.to(), p.lead(), p.body(), p.sentence());
        } else {
            weave.dropPending();
            weave.pending = f.clause;
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
            f.parts.add(Finding.Part.of(n));
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
            context.about(clause.sentence(), Finding.Part.of(n));
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
            if (WHERE_MEASURED.contains(speech.word(i))) {
                NounPhrases.at(speech, i + 1, clause.to())
                        .filter(n -> n.part() && !Grammar.PARTITIVE.contains(n.head()))
                        .map(Finding.Part::of)
                        .ifPresent(p -> own.parts.add(p.withSize(null)));
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
