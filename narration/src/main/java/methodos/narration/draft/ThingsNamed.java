package methodos.narration.draft;

import java.util.ArrayList;
import java.util.List;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.NounPhrases;
import methodos.narration.grammar.Utterance;
import methodos.narration.things.Referents;
import methodos.narration.things.ThingsUsed;
import methodos.narration.values.Figures;
import methodos.narration.vocabulary.WordClass;

/** Gives each step what it names: what is worked on, worked with and used up. */
final class ThingsNamed {

    private final Utterance said;
    private final List<Clause> clauses;
    private final Sketch[] of;

    /**
     * @param of the step that each clause says or belongs to; null for none
     */
    ThingsNamed(Utterance said, List<Clause> clauses, Sketch[] of) {
        this.said = said;
        this.clauses = clauses;
        this.of = of;
    }

    /** Gives a step its parts, tools and consumables. */
    void give(Sketch s) {
        List<NounPhrase> objects = actedOn(s);
        ThingsUsed used = new ThingsUsed(said, s.action == null ? "" : s.action);
        if (s.kind != Kind.CAUTION) {
            s.consumables.addAll(used.consumables(s.from, s.to));
            s.tools.addAll(used.tools(phrases(s), objects));
        }
        for (NounPhrase np : objects) {
            boolean worked =
                    s.consumables.stream().anyMatch(np.name()::endsWith)
                            || s.tools.stream().anyMatch(t -> np.name().endsWith(t.name()));
            if (!worked || s.is("remove", "connect", "disconnect") && objects.size() == 1) {
                s.parts.add(counted(s, np));
            }
        }
        if (s.parts.isEmpty() && !s.consumables.isEmpty()) {
            s.clause
                    .complements()
                    .phrase("on", "to", "onto", "in", "into", "over", "round", "around")
                    .map(Prepositional::thing)
                    .ifPresent(t -> s.parts.add(part(s, t)));
        }
        if (s.parts.isEmpty() && s.kind != Kind.CAUTION) {
            stoodFor(s).forEach(np -> s.parts.add(part(s, np)));
        }
    }

    /** A part with how many there are of it, where only one number was told of it before. */
    private PartNamed counted(Sketch s, NounPhrase np) {
        if (np.quantity() != null || !np.plural() || !s.is("install", "tighten", "hand-tighten")) {
            return part(s, np);
        }
        List<Integer> told =
                clauses.stream()
                        .filter(c -> c.from() < s.from)
                        .flatMap(c -> c.complements().objects().stream())
                        .filter(other -> other.quantity() != null && same(other, np))
                        .map(NounPhrase::quantity)
                        .distinct()
                        .toList();
        return told.size() == 1
                ? new PartNamed(np.name(), told.get(0), np.size(), null, ofItsOwn(s, np))
                : part(s, np);
    }

    private static boolean same(NounPhrase one, NounPhrase other) {
        return one.name().equals(other.name())
                || one.name().endsWith(" " + other.name())
                || other.name().endsWith(" " + one.name());
    }

    private PartNamed part(Sketch s, NounPhrase np) {
        return new PartNamed(np.name(), np.quantity(), np.size(), null, ofItsOwn(s, np));
    }

    /** Whether somebody could hold it in his hand: a part that has a name, or what is moved. */
    private boolean ofItsOwn(Sketch s, NounPhrase np) {
        boolean part = !said.vocabulary().things().part(np.head()).isEmpty();
        boolean moved =
                s.is(
                        "remove",
                        "install",
                        "loosen",
                        "tighten",
                        "hand-tighten",
                        "disconnect",
                        "connect",
                        "replace",
                        "discard",
                        "lift",
                        "lower",
                        "pull",
                        "press",
                        "tap");
        boolean nothing =
                WordClass.PERSON.has(np.head())
                        || WordClass.DOCUMENT.has(np.head())
                        || WordClass.WASTE.has(np.head())
                        || said.vocabulary().things().consumable(np.head()).isPresent();
        boolean side = WordClass.FEATURE.has(np.head());
        return !nothing && (part && (moved || !side) || !part && moved && !side);
    }

    /** What "it" or "them" stands for, where nothing is named. */
    private List<NounPhrase> stoodFor(Sketch s) {
        String pronoun = s.clause.complements().pronoun();
        if (pronoun == null) {
            String subject = s.clause.lead().subject();
            boolean moves = subject.equals("it") || subject.equals("they");
            pronoun = moves ? subject : "";
        }
        boolean acted = s.clause.type() == Clause.Type.VERB && !pronoun.isEmpty();
        if (acted) {
            s.unsure.add(pronoun);
        }
        return acted
                ? new Referents(said, clauses)
                        .of(Figures.clauseAt(clauses, s.clause.from()), pronoun)
                : List.of();
    }

    /**
     * What is acted on: objects, the subject of what is done to it, or what a tool is moved along.
     */
    private List<NounPhrase> actedOn(Sketch s) {
        List<NounPhrase> objects =
                s.clause.complements().objects().stream().filter(ThingsNamed::thing).toList();
        NounPhrase subject = s.clause.lead().thing();
        boolean undergoes = s.clause.lead().be() || s.clause.complements().objects().isEmpty();
        if (subject != null && undergoes) {
            return thing(subject) ? List.of(subject) : List.of();
        }
        boolean moved =
                !objects.isEmpty()
                        && s.is("inspect", "measure", "clean", "test")
                        && objects.stream().allMatch(this::workedWith);
        if (moved) {
            return s.clause
                    .complements()
                    .phrase("along", "across", "over", "on", "round", "around", "through", "in")
                    .map(Prepositional::thing)
                    .filter(ThingsNamed::thing)
                    .map(List::of)
                    .orElse(List.of());
        }
        return objects;
    }

    private boolean workedWith(NounPhrase np) {
        return WordClass.PERSON.has(np.head())
                || said.vocabulary()
                        .things()
                        .toolAtEnd(List.of(np.name().split(" ")))
                        .filter(e -> !e.named().doubtful())
                        .isPresent();
    }

    private static boolean thing(NounPhrase np) {
        boolean named =
                !WordClass.ABSTRACT.has(np.head())
                        || np.name().contains(" ")
                                && !np.name().matches("\\w+ (time|way|turn|thing|pattern)s?");
        return named && !WordClass.WASTE.has(np.head());
    }

    /** All things that are named within the words of a step. */
    private List<NounPhrase> phrases(Sketch s) {
        List<NounPhrase> all = new ArrayList<>();
        for (int c = 0; c < clauses.size(); c++) {
            if (of[c] == s) {
                all.addAll(clauses.get(c).complements().objects());
                if (clauses.get(c).lead().thing() != null) {
                    all.add(clauses.get(c).lead().thing());
                }
                clauses.get(c).complements().phrases().stream()
                        .map(Prepositional::thing)
                        .filter(t -> t != null)
                        .forEach(all::add);
            }
        }
        // behind a comma: "undo the bolts, ten millimetre socket"
        if (!said.ends(s.to - 1)) {
            NounPhrases.at(said, s.to, said.size())
                    .filter(np -> np.size() != null)
                    .ifPresent(all::add);
        }
        return all;
    }
}
