package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/**
 * Clauses that tell something of a step without being one: a figure, a tool, a document, a danger.
 */
final class Remarks {

    private static final Set<String> NO_FASTENERS =
            WordSet.of("torque book manual kid handbook sheet figure chart value");
    private static final Set<String> TELLS_OF_TOOLS =
            WordSet.ofPhrases(
                    "see, there is, got, hold, is, its, thats, takes, its a, theyre, has, needs,"
                            + " wants, need");
    private static final Set<String> NEEDS = WordSet.ofPhrases("needs, takes, wants, need");

    private final Weave weave;
    private final FiguresTold figures;
    private final Speech speech;
    private final Context context;
    private final List<Weaver.Left> left;

    Remarks(Weave weave) {
        this.figures = new FiguresTold(weave, this);
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.left = weave.left;
    }

    /** "three screws ... M5": a size by itself. */
    private boolean sized(Clause clause, Said said) {
        Finding f = weave.last();
        Sizes.Size size = Sizes.at(speech, clause.body(), clause.to());
        boolean sized =
                size != null
                        && size.thread()
                        && size.to() == clause.to()
                        && f != null
                        && clause.from() - f.to <= 2
                        && f.parts.size() == 1
                        && f.parts.get(0).size() == null;
        if (sized) {
            weave.attaching.attach(f, said, clause.from(), clause.to());
            f.extend(clause);
        }
        return sized;
    }

    /** "straight", "from behind": how the part before goes, by itself. */
    private boolean posed(Clause clause, Said said) {
        Finding f = weave.last();
        boolean posed =
                said.orientation != null
                        && said.orientation.equals(speech.text(clause.body(), clause.to()))
                        && f != null
                        && f.kind == Kind.ACTION
                        && f.orientation == null
                        && clause.from() - f.to <= 2;
        if (posed) {
            f.orientation = said.orientation;
            f.extend(clause);
        }
        return posed;
    }

    /** "two people again": how many hands the work before takes. */
    boolean hands(Clause clause) {
        Finding f = weave.last();
        boolean hands =
                f != null
                        && f.is("lift", "lower", "install", "remove", "support")
                        && clause.from() - f.to <= 2
                        && speech.text(clause.body(), clause.to())
                                .matches(
                                        "(with )?(two|three) (people|persons|men|of you)( again)?");
        if (hands) {
            f.hazards.add("heavy load");
            f.extend(clause);
        }
        return hands;
    }

    /** Whether the clause only says more of a figure or a thread that was told before. */
    boolean belongs(Clause clause, Said said) {
        return figures.belongs(clause, said);
    }

    /** What a clause tells of a step without being one; whether it does. */
    boolean remark(Clause clause, Said said) {
        if (sized(clause, said)
                || posed(clause, said)
                || hands(clause)
                || toolTold(clause, said)
                || looksUp(clause, said)) {
            return true;
        }
        if (said.anticlockwise && context.buildUp()) {
            context.leftHandSaid();
        }
        return figures.told(clause, said);
    }

    /** "thats a seven eighths wrench", "it takes a ten mil socket": how the part comes off. */
    private boolean toolTold(Clause clause, Said said) {
        boolean needed = !said.tools.isEmpty() && speech.hasAny(clause.body(), clause.to(), NEEDS);
        if (said.tools.stream().noneMatch(t -> t.size() != null) && !needed
                || !speech.hasAny(clause.body(), clause.to(), TELLS_OF_TOOLS)) {
            return false;
        }
        Finding f = weave.last();
        Finding own = tightened(clause);
        boolean fastener =
                own != null
                        && own.parts.stream()
                                .anyMatch(p -> Things.FASTENERS.contains(Nouns.head(p.name())));
        if (!fastener) {
            own = null;
        }
        if (f != null
                && f.sentence == clause.sentence()
                && clause.from() - f.to <= 8
                && own == null
                && f.is("remove", "loosen", "tighten")) {
            weave.attaching.attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        if (own == null) {
            Optional<Finding.Part> meant = context.last(clause.from());
            if (meant.isEmpty()) {
                return false;
            }
            own = new Finding(Kind.ACTION, "loosen", clause);
            own.parts.add(meant.get());
        }
        own.action = context.buildUp() ? "tighten" : "loosen";
        weave.steps.step(own, clause, said);
        return true;
    }

    /** "axle torque, thats in your manual": a value that is not given. */
    private boolean looksUp(Clause clause, Said said) {
        if (said.reference == null
                || speech.measures(clause.from(), clause.to()).stream().anyMatch(Measure::torque)) {
            return false;
        }
        Finding tightened = weave.last();
        boolean ofTightening =
                tightened != null
                        && tightened.is("tighten")
                        && tightened.torques.isEmpty()
                        && tightened.sentence == clause.sentence()
                        && tightened.to == clause.from();
        if (ofTightening) {
            tightened.reference = said.reference;
            tightened.extend(clause);
            return true;
        }
        Weaver.Left asked = left.isEmpty() ? null : left.get(left.size() - 1);
        if (weave.pending == null
                && asked != null
                && asked.to() == clause.from()
                && asked.reason() == null) {
            left.remove(asked);
            weave.pending =
                    new Clause(asked.from(), asked.to(), "", asked.from(), asked.sentence());
        }
        int from = weave.pending != null ? weave.pending.from() : clause.from();
        Finding before = weave.last();
        boolean torque =
                speech.has(from, clause.to(), "torque", "tight", "newton metres", "tightness")
                        || before != null && before.is("tighten") && clause.from() - before.to < 16;
        Finding own =
                new Finding(
                        torque ? Kind.ACTION : Kind.MEASUREMENT,
                        torque ? "tighten" : "measure",
                        clause);
        own.reference = said.reference;
        if (!torque) {
            Finding f = weave.last();
            if (f != null
                    && f.sentence == clause.sentence()
                    && clause.from() - f.to <= 1
                    && f.kind != Kind.CAUTION) {
                f.reference = said.reference;
                f.extend(clause);
                return true;
            }
        }
        Optional<NounPhrase> np =
                NounPhrases.at(
                        speech,
                        weave.pending != null ? weave.pending.body() : clause.body(),
                        clause.to());
        if (np.isPresent()
                && np.get().part()
                && !np.get().name().contains(said.reference)
                && !said.reference.contains(np.get().head())) {
            String name = np.get().name().replaceFirst(" (torque|value|number|figure)$", "");
            own.parts.add(new Finding.Part(name, null, null, null, np.get().plural()));
        } else {
            context.last(clause.from()).ifPresent(own.parts::add);
        }
        weave.steps.step(own, clause, said);
        return true;
    }

    /** The fastener that is the subject of a torque. */
    Finding tightened(Clause clause) {
        Optional<NounPhrase> np = Optional.empty();
        for (int i = clause.body(); i < clause.to() && np.isEmpty(); i++) {
            np =
                    NounPhrases.at(speech, i, clause.to())
                            .filter(n -> Things.FASTENERS.contains(n.head()));
        }
        np = np.or(() -> NounPhrases.at(speech, clause.body(), clause.to()));
        if (np.isEmpty() || !np.get().part() || NO_FASTENERS.contains(np.get().head())) {
            return null;
        }
        Finding f = new Finding(Kind.ACTION, "tighten", clause);
        f.parts.add(Finding.Part.of(np.get()));
        return f;
    }

    /** "the rubber is very soft" warns in passing: the talk goes on about what was handled. */
    private boolean described(Clause clause) {
        int verb =
                NounPhrases.at(speech, clause.body(), clause.to()).map(NounPhrase::to).orElse(-1);
        return verb > 0
                && Set.of("is", "are").contains(speech.word(verb))
                && Set.of("very", "quite", "pretty", "real").contains(speech.word(verb + 1));
    }

    /** Things that were told of: what "it" and "them" stand for next. */
    void remember(Clause clause) {
        int i = clause.body();
        if (speech.text(i, i + 1).matches("itll|youll|theyll")) {
            return;
        }
        if (speech.word(i).equals("theres") && speech.number(i + 1)) {
            Optional<SpokenNumber> n = SpokenNumber.at(speech.tokens(), i + 1);
            if (n.isPresent()
                    && NounPhrases.at(speech, i + 1, clause.to())
                            .filter(NounPhrase::part)
                            .isEmpty()) {
                int count = (int) n.get().value().toDouble();
                context.count(count);
                Finding f = weave.last();
                if (f != null
                        && !f.parts.isEmpty()
                        && clause.from() - f.to <= 2
                        && f.parts.get(0).quantity() == null) {
                    f.parts.set(0, f.parts.get(0).withQuantity(count));
                }
                return;
            }
        }
        if (described(clause)) {
            return;
        }
        while (i < clause.to()) {
            Optional<NounPhrase> np = NounPhrases.at(speech, i, clause.to());
            boolean inPlace =
                    i > clause.from() && Grammar.PREPOSITIONS.contains(speech.word(i - 1));
            boolean tool =
                    np.isPresent()
                            && speech.lexicon().tool(np.get().head()).isPresent()
                            && !speech.lexicon().doubtfulTool(np.get().head());
            if (np.isPresent()
                    && np.get().part()
                    && !tool
                    && Things.FASTENERS.contains(np.get().head())) {
                weave.toldFastener = new Weave.Told(Finding.Part.of(np.get()), clause.from());
            }
            boolean adjective =
                    np.isPresent()
                            && clause.body() == i
                            && speech.phrase(i, "its")
                            && np.get().from() == i
                            && np.get().name().endsWith("ing")
                            && np.get().to() - i == 2;
            if (np.isPresent()
                    && np.get().part()
                    && !adjective
                    && !np.get().head().equals("part")
                    && !(np.get().to() < clause.to() && speech.word(np.get().to()).equals("one"))
                    && !(clause.conditional() && !speech.determiner(np.get().from()))
                    && !(clause.conditional() && speech.word(np.get().from()).equals("its"))
                    && !inPlace
                    && !tool
                    && !Defects.is(np.get().head())) {
                context.remember(Finding.Part.of(np.get()), clause.from());
            }
            i = np.map(n -> Math.max(n.to(), 0)).filter(n -> n > 0).orElse(i + 1);
        }
    }

    /** "its eleven kilos", "glasses on": what is dangerous in the step before, or in the next. */
    void warned(Clause clause, Said said) {
        Finding f = weave.last();
        boolean gloved =
                f != null
                        && f.is("apply", "clean", "fill", "drain")
                        && clause.from() - f.to <= 2
                        && speech.has(clause.from(), clause.to(), "gloves");
        if (gloved) {
            f.hazards.add("chemical");
        }
        if (said.hazards.isEmpty()) {
            return;
        }
        if (f != null
                && f.kind != Kind.CAUTION
                && clause.from() - f.to <= 2
                && (f.sentence >= clause.sentence() - 1)) {
            f.hazards.addAll(said.hazards);
        } else {
            weave.warnings.addAll(said.hazards);
            weave.warnedAt = clause.to();
        }
    }
}
