package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;

/**
 * A stack as it is typed: a line for each row from the top down, such as {@code 4 × #14, hollow
 * down, alternating}. A number sign with an item number stands for that part of the list, and keeps
 * standing for it when the number changes.
 */
public final class StackWords {

    private static final Pattern ITEM = Pattern.compile("#([\\p{L}\\p{N}][\\p{L}\\p{N}.-]*)");

    /** Stands in the kept words where the part of the row is named. */
    static final String PLACE = "#";

    private StackWords() {}

    /** The rows of what was typed; empty lines are none. */
    public static List<Layer> read(String text, Manual manual) {
        List<Layer> layers = new ArrayList<>();
        for (String line : text.split("\\R")) {
            if (!line.isBlank()) {
                layers.add(layer(line.trim(), manual));
            }
        }
        return layers;
    }

    private static Layer layer(String line, Manual manual) {
        Matcher item = ITEM.matcher(line);
        Optional<Part> part =
                item.find()
                        ? manual.parts().stream()
                                .filter(p -> p.item().equals(item.group(1)))
                                .findFirst()
                        : Optional.empty();
        return part.map(p -> new Layer(p.id(), item.replaceFirst(PLACE)))
                .orElse(new Layer(null, line));
    }

    /** The rows as they are typed. */
    public static String of(List<Layer> layers, Manual manual) {
        return layers.stream()
                .map(
                        l ->
                                Optional.ofNullable(l.part())
                                        .flatMap(manual::part)
                                        .map(p -> typed(p, l.words()))
                                        .orElse(l.words()))
                .collect(Collectors.joining("\n"));
    }

    private static String typed(Part part, String words) {
        String item = PLACE + part.item();
        if (words.contains(PLACE)) {
            return words.replace(PLACE, item);
        }
        return words.isEmpty() ? item : item + ", " + words;
    }
}
