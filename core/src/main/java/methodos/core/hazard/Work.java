package methodos.core.hazard;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure;
import methodos.core.speech.Measures;
import methodos.core.speech.Token;
import methodos.core.vocabulary.WordSet;

/**
 * What a text tells somebody to do, as far as safety asks: the deeds, each with the things that it
 * is done to and those that it is done with or at. What is forbidden is no work.
 */
final class Work {

    /** A word, or some, with its senses. */
    record Mention(int from, int to, Set<String> senses) {
        boolean overlaps(Mention other) {
            return from < other.to && other.from < to;
        }

        boolean overlapsAny(List<Mention> others) {
            for (Mention other : others) {
                if (overlaps(other)) {
                    return true;
                }
            }
            return false;
        }

        boolean isAny(List<String> any) {
            for (String sense : any) {
                if (senses.contains(sense)) {
                    return true;
                }
            }
            return false;
        }
    }

    /**
     * A thing that is named.
     *
     * @param head what it is: the "cap" of a "spring cap"; null where nothing is known of it
     * @param more what else is known of it, such as by the words before its head
     * @param role the preposition before it, empty for what a deed is done to
     * @param paper whether it is only written or drawn: the picture of a thing is not the thing
     */
    record Thing(Mention head, List<Mention> more, String role, boolean paper) {
        boolean direct() {
            return role.isEmpty();
        }

        /** Whether it has one of some senses, by its head or by what else is known of it. */
        boolean isAny(List<String> senses) {
            if (head != null && head.isAny(senses)) {
                return true;
            }
            for (Mention mention : more) {
                if (mention.isAny(senses)) {
                    return true;
                }
            }
            return false;
        }
    }

    /**
     * Something that is done.
     *
     * @param verb where it stands
     */
    record Deed(Mention verb, List<Thing> things) {
        boolean isAny(List<String> senses) {
            return verb.isAny(senses);
        }

        /** Whether one of its things has one of some senses. */
        boolean mentionsAny(List<String> senses) {
            for (Thing thing : things) {
                if (thing.isAny(senses)) {
                    return true;
                }
            }
            return false;
        }
    }

    /** The sense of the unit itself. */
    static final String WHOLE = "whole";

    /** The senses that figures and the unit may have. */
    static final Set<String> FIGURES =
            Set.of("heavy", "shock", "hot", "degrees", "pressurised", "height", WHOLE);

    private static final Set<String> TELLING =
            WordSet.of("kg lb ton V °C degree °F bar psi kPa MPa m");

    private static final Set<String> TURNING =
            Set.of(
                    "turn", "turns", "rotate", "further", "angle", "tighten", "bend", "tilt",
                    "twist");
    private static final double HEAVY_KG = 10;
    private static final double SHOCK_VOLTS = 50;
    private static final double HOT_CELSIUS = 55;
    private static final double HIGH_METRES = 1.5;
    private static final double POUND_KG = 0.45359237;

    /** What stands behind the thing itself: "hand brake of a hoist trolley". */
    private static final Pattern MORE_OF_UNIT = Pattern.compile(",| of | for | with ");

    private final List<Deed> deeds;
    private final List<Mention> mentions;
    private final Set<String> acts = new HashSet<>();
    private final Set<String> things = new HashSet<>();

    Work(List<Deed> deeds, List<Mention> mentions) {
        this.deeds = List.copyOf(deeds);
        this.mentions = List.copyOf(mentions);
        deeds.forEach(d -> acts.addAll(d.verb().senses()));
        mentions.forEach(m -> things.addAll(m.senses()));
    }

    /** Whether one of the senses of deeds is in it at all. */
    boolean doesAny(List<String> senses) {
        for (String sense : senses) {
            if (acts.contains(sense)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a sense of things is in it at all. */
    boolean mentions(String sense) {
        return things.contains(sense);
    }

    /** Whether one of the senses of things is in it at all. */
    boolean mentionsAny(List<String> senses) {
        for (String sense : senses) {
            if (things.contains(sense)) {
                return true;
            }
        }
        return false;
    }

    /**
     * @param parts the words of the names of parts, which are never what is done
     * @param unit the word by which the unit itself is called, empty where none is known
     */
    static Work of(Sentence sentence, Senses senses, List<List<String>> parts, String unit) {
        WorkReader reader = new WorkReader(sentence, senses, figures(sentence));
        parts.forEach(reader::names);
        reader.whole(unit);
        return reader.read();
    }

    /** What a unit is: the "actuator" of a "quarter-turn actuator, pneumatic". */
    static String head(String unit) {
        List<String> words = Sentence.words(MORE_OF_UNIT.split(unit, 2)[0]);
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    /** The senses of all that is done. */
    Set<String> acts() {
        return acts;
    }

    List<Deed> deeds() {
        return deeds;
    }

    /** All that is mentioned and is not only written or drawn, figures too. */
    List<Mention> mentions() {
        return mentions;
    }

    /** Figures that say something by themselves: a heavy mass, a voltage that shocks. */
    private static List<Mention> figures(Sentence sentence) {
        if (!sentence.numbers() || sentence.words().stream().noneMatch(Work::telling)) {
            return List.of();
        }
        List<Token> tokens = new ArrayList<>();
        for (int i = 0; i < sentence.size(); i++) {
            String mark = sentence.parted(i + 1) == Sentence.NOT ? "" : ",";
            tokens.add(new Token(sentence.word(i), i, i + 1, mark, false));
        }
        List<Mention> found = new ArrayList<>();
        for (Measure m : Measures.in(tokens)) {
            sense(m, sentence).ifPresent(s -> found.add(new Mention(m.from(), m.to(), Set.of(s))));
        }
        return found;
    }

    /** Whether a figure in such a unit can say something by itself. */
    private static boolean telling(String word) {
        return Measures.unit(word).filter(TELLING::contains).isPresent();
    }

    private static Optional<String> sense(Measure m, Sentence sentence) {
        Rational most = m.max() == null ? m.min() : m.max();
        double v = most.toDouble();
        Set<String> behind = new LinkedHashSet<>();
        for (int i = m.to(); i < Math.min(m.to() + 2, sentence.size()); i++) {
            behind.add(sentence.word(i));
        }
        return switch (m.unit()) {
            case "kg" -> v >= HEAVY_KG ? Optional.of("heavy") : Optional.empty();
            case "lb" -> v * POUND_KG >= HEAVY_KG ? Optional.of("heavy") : Optional.empty();
            case "ton" -> Optional.of("heavy");
            case "V" -> v >= SHOCK_VOLTS ? Optional.of("shock") : Optional.empty();
            case "°C", "degree" ->
                    v >= HOT_CELSIUS && !turned(m, sentence)
                            ? Optional.of(m.unit().equals("degree") ? "degrees" : "hot")
                            : Optional.empty();
            case "°F" -> v >= HOT_CELSIUS * 9 / 5 + 32 ? Optional.of("hot") : Optional.empty();
            case "bar", "psi", "kPa", "MPa" -> Optional.of("pressurised");
            case "m" ->
                    v >= HIGH_METRES
                                    && (behind.contains("up")
                                            || behind.contains("high")
                                            || behind.contains("above"))
                            ? Optional.of("height")
                            : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static boolean turned(Measure m, Sentence sentence) {
        return m.unit().equals("degree") && sentence.words().stream().anyMatch(TURNING::contains);
    }
}
