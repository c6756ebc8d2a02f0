package methodos.core.drafting;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;

/**
 * Puts findings into words for print: the condition first, then the verb, the parts with how many
 * and what size, where from, with what, to what value.
 */
final class Wording {

    private static final Map<String, String> VERBS =
            Map.of(
                    "install",
                    "Install",
                    "hand-tighten",
                    "Tighten",
                    "lubricate",
                    "Lubricate",
                    "test",
                    "Run",
                    "record",
                    "Write down",
                    "pressurise",
                    "Pressurise");
    private static final String FILLERS =
            "^(?:(?:and|so|um|uh|eh|then|now|okay|ok|well|right|but|next|alright|just|please|also|you"
                    + "|we|i|can|want to|need to|have to|going to|go ahead and|lets|were|youre|its|is)\\b\\s*)+";

    private final Speech speech;

    Wording(Speech speech) {
        this.speech = speech;
    }

    String of(Finding f) {
        String text =
                f.kind == Kind.CAUTION || f.action == null || f.parts.isEmpty()
                        ? asSaid(f)
                        : composed(f);
        String condition = f.condition == null ? "" : "If " + clean(f.condition) + ": ";
        String sentence = condition + (condition.isEmpty() ? text : lower(text));
        return sentence.endsWith(".") ? sentence : sentence + ".";
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private static String clean(String words) {
        String plain =
                words.replaceAll("^(if|when|once) ", "")
                        .replaceAll("^its ", "it is ")
                        .replaceAll("^theyre ", "they are ")
                        .replaceAll("^theres ", "there is ")
                        .replaceAll("\\bdont\\b", "do not")
                        .replaceAll("\\bwont\\b", "will not");
        return plain.strip();
    }

    /** The speaker's own words, without what only holds speech together. */
    private String asSaid(Finding f) {
        String said = speech.text(f.from, f.to).replaceAll("\\b(um|uh|eh|er|erm)\\b ?", "");
        String plain = said.replaceFirst(FILLERS, "");
        plain = plain.isBlank() ? said : plain;
        plain =
                plain.replaceAll("\\bdont\\b", "do not")
                        .replaceAll("\\btheyre\\b", "they are")
                        .strip();
        return Character.toUpperCase(plain.charAt(0)) + plain.substring(1);
    }

    private String composed(Finding f) {
        StringBuilder text = new StringBuilder(verb(f.action));
        text.append(' ').append(parts(f.parts));
        if (f.is("hand-tighten")) {
            text.append(" by hand");
        }
        if (f.restsOn != null) {
            text.append(' ').append(f.restsOn);
        }
        f.parts.stream()
                .map(Finding.Part::from)
                .filter(from -> from != null && !speech.lexicon().tool(from).isPresent())
                .findFirst()
                .ifPresent(from -> text.append(" from the ").append(from));
        if (!f.consumables.isEmpty()) {
            text.append(" with ").append(String.join(" and ", f.consumables));
        }
        if (!f.tools.isEmpty()) {
            text.append(f.consumables.isEmpty() ? " with " : ", using ")
                    .append(
                            f.tools.stream()
                                    .map(Wording::tool)
                                    .distinct()
                                    .collect(Collectors.joining(" and ")));
        }
        if (f.orientation != null) {
            text.append(", ").append(f.orientation);
        }
        if (!f.torques.isEmpty()) {
            text.append(" to ")
                    .append(
                            f.torques.stream()
                                    .map(Wording::figure)
                                    .collect(Collectors.joining(" (")));
            text.append(f.torques.size() > 1 ? ")".repeat(f.torques.size() - 1) : "");
        }
        if (!f.limits.isEmpty()) {
            text.append(f.kind == Kind.MEASUREMENT || f.kind == Kind.INSPECTION ? ": " : ", ")
                    .append(
                            f.limits.stream()
                                    .map(l -> figure(l.measure()))
                                    .distinct()
                                    .collect(Collectors.joining(", ")));
        }
        if (!f.waits.isEmpty()) {
            text.append(" for ").append(figure(f.waits.get(0)));
        }
        if (f.pattern != null) {
            text.append(
                    f.pattern.matches("\\d.*") ? ", in the order " + f.pattern : ", " + f.pattern);
        }
        if (f.count != null) {
            text.append(", ")
                    .append(f.count)
                    .append(f.countMax == null ? "" : " to " + f.countMax)
                    .append(" times");
        }
        if (f.leftHand) {
            text.append(" (left-hand thread)");
        }
        if (f.reference != null) {
            text.append("; for the value see the ").append(f.reference);
        }
        return text.toString();
    }

    private static String verb(String action) {
        return VERBS.getOrDefault(
                action, Character.toUpperCase(action.charAt(0)) + action.substring(1));
    }

    private static String parts(List<Finding.Part> parts) {
        return parts.stream().map(Wording::part).collect(Collectors.joining(" and "));
    }

    private static String part(Finding.Part part) {
        StringBuilder text = new StringBuilder("the ");
        int count = part.quantity() != null ? part.quantity() : part.plural() ? 2 : 1;
        if (part.quantity() != null && part.quantity() > 1) {
            text.append(part.quantity()).append(' ');
        }
        if (part.size() != null) {
            text.append(part.size().replace(" x ", " × ")).append(' ');
        }
        return text.append(Nouns.plural(part.name(), count)).toString();
    }

    private static String tool(Finding.ToolSaid tool) {
        String name = (tool.size() == null ? "" : tool.size() + " ") + tool.name();
        String article = name.matches("[aeiou8].*|11.*|18.*") ? "an " : "a ";
        return name.endsWith("pliers") || name.endsWith("grips") ? name : article + name;
    }

    /** As it is printed: "22 to 26 N·m", "at most 0.03 mm". */
    static String figure(Measure m) {
        String unit =
                m.turns()
                        ? " turn"
                        : m.unit().equals("count")
                                ? ""
                                : m.unit().equals("deg") ? "°" : " " + m.unit();
        if (m.min() == null) {
            return "at most " + digits(m.max(), m.unit()) + unit;
        }
        if (m.max() == null) {
            return "at least " + digits(m.min(), m.unit()) + unit;
        }
        return m.single()
                ? digits(m.min(), m.unit()) + unit
                : digits(m.min(), m.unit()) + " to " + digits(m.max(), m.unit()) + unit;
    }

    private static String digits(methodos.core.quantity.Rational value, String unit) {
        if (unit.equals("in") || unit.equals("turn")) {
            return Sizes.print(value, "in").replace(" in", "");
        }
        return Sizes.decimal(value);
    }
}
