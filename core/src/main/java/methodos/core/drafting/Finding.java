package methodos.core.drafting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;

/** A step in the making: what one clause says, and what later ones add to it. */
final class Finding {

    /** A part that is named, with what it sits on. */
    record Part(String name, Integer quantity, String size, String from, boolean plural) {
        static Part named(String name) {
            return new Part(name, null, null, null, Nouns.plural(name));
        }

        static Part of(NounPhrase phrase) {
            return new Part(phrase.name(), phrase.quantity(), phrase.size(), null, phrase.plural());
        }

        /** Only its name: how many there are is not what is told. */
        static Part bare(NounPhrase phrase) {
            return of(phrase).withQuantity(null).withSize(null);
        }

        Part withFrom(String other) {
            return new Part(name, quantity, size, other, plural);
        }

        Part withQuantity(Integer other) {
            return new Part(name, other, size, from, plural);
        }

        Part withSize(String other) {
            return new Part(name, quantity, other, from, plural);
        }
    }

    record ToolSaid(String name, String size) {}

    Kind kind;
    String action;

    /** The tokens from which it is drawn. */
    int from;

    int to;
    int sentence;
    final List<Part> parts = new ArrayList<>();
    final List<ToolSaid> tools = new ArrayList<>();
    final Set<String> consumables = new LinkedHashSet<>();
    final List<Measure> torques = new ArrayList<>();
    final List<LimitSaid> limits = new ArrayList<>();
    final List<Measure> waits = new ArrayList<>();
    final Set<String> hazards = new LinkedHashSet<>();
    Integer count;
    Integer countMax;
    Double then;
    String pattern;
    String orientation;
    String condition;

    /** "on the bench": where a part is laid, or null. */
    String restsOn;

    String reference;
    String why;
    String place;
    boolean leftHand;
    boolean byHand;

    /** Whether things go on again by now. */
    boolean buildUp;

    /** Whether it is drawn from words without a verb. */
    boolean telegraphic;

    /** The tokens of the work that it repeats at another place; null where it repeats none. */
    int[] repeated;

    double confidence = 0.8;
    final List<String> unsure = new ArrayList<>();

    /** Tokens that are quoted as evidence besides its own. */
    final List<int[]> also = new ArrayList<>();

    record LimitSaid(String of, Measure measure) {}

    /** Adds the parts among some things. */
    void addParts(List<NounPhrase> things) {
        things.stream().filter(NounPhrase::part).map(Part::of).forEach(parts::add);
    }

    void addNamed(List<String> names) {
        names.forEach(name -> parts.add(Part.named(name)));
    }

    /** Whether a load is put on to try whether it is held. */
    boolean loads() {
        return parts.stream().anyMatch(p -> p.name().matches("(test|trial) (weight|load)"));
    }

    Finding(Kind kind, String action, Clause clause) {
        this.kind = kind;
        this.action = action;
        this.from = clause.from();
        this.to = clause.to();
        this.sentence = clause.sentence();
    }

    /** The kind of step that an action makes. */
    static Kind kind(String action) {
        return switch (action) {
            case "inspect" -> Kind.INSPECTION;
            case "measure", "record" -> Kind.MEASUREMENT;
            case "test" -> Kind.TEST;
            default -> Kind.ACTION;
        };
    }

    boolean is(String... actions) {
        return action != null && List.of(actions).contains(action);
    }

    /** Takes the words of a clause that only adds to this one. */
    void extend(Clause clause) {
        from = Math.min(from, clause.from());
        to = Math.max(to, clause.to());
    }

    /** Whether one of the parts, named by its head, is among these. */
    boolean anyPart(Set<String> heads) {
        return parts.stream().anyMatch(p -> heads.contains(Nouns.head(p.name())));
    }

    /** Whether all parts, named by their heads, are among these; true where there are none. */
    boolean allParts(Set<String> heads) {
        return parts.stream().allMatch(p -> heads.contains(Nouns.head(p.name())));
    }

    boolean names(String head) {
        return parts.stream().anyMatch(p -> Nouns.head(p.name()).equals(head));
    }
}
