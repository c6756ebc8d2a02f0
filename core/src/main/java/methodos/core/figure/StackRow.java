package methodos.core.figure;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;

/**
 * One row of a stack as it is understood from the author's words: "4 disc springs, hollow down
 * first, alternating".
 *
 * @param count how many of it lie on each other, 1 at least
 * @param words what is printed beside it
 * @param way which way round the first from the top lies, as far as that is told
 * @param alternating whether each next lies the other way round
 */
record StackRow(int count, String words, Form form, Way way, boolean alternating) {

    /** As what it is drawn, in section. */
    enum Form {
        DISC_SPRING,
        LIP_SEAL,
        ROUND_RING,
        RETAINING_RING,
        SPRING,
        BEARING,
        FLAT,
        BLOCK
    }

    /** The way round of what has two different faces. */
    enum Way {
        UP,
        DOWN,
        NOT_TOLD;

        Way other() {
            return switch (this) {
                case UP -> DOWN;
                case DOWN -> UP;
                case NOT_TOLD -> NOT_TOLD;
            };
        }
    }

    /** The first form one of whose words is named; the more special ones come first. */
    private static final List<Map.Entry<Form, Pattern>> FORMS =
            List.of(
                    Map.entry(Form.DISC_SPRING, named("disc spring|cup|cupped|conical|dished")),
                    Map.entry(Form.ROUND_RING, named("o-ring|o ring|quad ring|sealing ring")),
                    Map.entry(Form.RETAINING_RING, named("snap ring|retaining ring|clip|circlip")),
                    Map.entry(Form.LIP_SEAL, named("seal|lip|wiper|collar")),
                    Map.entry(Form.BEARING, named("bearing")),
                    Map.entry(Form.SPRING, named("spring")),
                    Map.entry(Form.FLAT, named("washer|shim|plate|gasket|disc|ring|spacer")));

    private static final Pattern COUNT =
            Pattern.compile(
                    "^\\s*(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|a|an)\\b\\s*[×x*]?\\s*(?=\\S)",
                    Pattern.CASE_INSENSITIVE);

    private static final List<String> NUMBERS =
            List.of(
                    "", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                    "ten");

    private static final Pattern ALTERNATING = named("alternating|alternately|alternate");
    private static final Pattern WAY = Pattern.compile("\\b(upwards?|up|downwards?|down)\\b");
    private static final int MOST = 99;

    private static Pattern named(String words) {
        return Pattern.compile("\\b(" + words + ")(s|es)?\\b");
    }

    /** How a layer is understood; what is not told stays open, nothing is refused. */
    static StackRow of(Layer layer, Manual manual) {
        String typed = layer.words().trim();
        int count = 1;
        String rest = typed;
        Matcher first = COUNT.matcher(typed);
        if (first.find()) {
            count = number(first.group(1).toLowerCase(Locale.ROOT));
            rest = typed.substring(first.end());
        }
        var part = layer.part() == null ? null : manual.part(layer.part()).orElse(null);
        String name = part == null ? "" : part.label() + " (" + part.item() + ")";
        String low = ((part == null ? "" : part.name()) + " " + rest).toLowerCase(Locale.ROOT);
        Form form =
                FORMS.stream()
                        .filter(f -> f.getValue().matcher(low).find())
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(Form.BLOCK);
        Matcher way = WAY.matcher(rest.toLowerCase(Locale.ROOT));
        Way told = !way.find() ? Way.NOT_TOLD : way.group(1).startsWith("up") ? Way.UP : Way.DOWN;
        String words =
                rest.contains(StackWords.PLACE)
                        ? rest.replace(StackWords.PLACE, name)
                        : name.isEmpty() || rest.isBlank() ? name + rest : name + ": " + rest;
        return new StackRow(
                count,
                count > 1 ? count + " × " + words : words,
                form,
                told,
                ALTERNATING.matcher(low).find());
    }

    private static int number(String word) {
        if (Character.isDigit(word.charAt(0))) {
            return Math.max(1, Math.min(MOST, Integer.parseInt(word)));
        }
        return Math.max(1, NUMBERS.indexOf(word));
    }

    /** Which way round the piece lies, counted from the top, from 0. */
    Way way(int piece) {
        return alternating && piece % 2 == 1 ? way.other() : way;
    }
}
