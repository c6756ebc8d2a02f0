package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Breaks text into lines of a width, between words; a word that is too long stands alone. */
final class Wrapping {

    private static final int MOST_KNOWN = 20_000;

    private record Text(String words, double room) {}

    private final TextWidth width;
    private final Map<String, Double> known = new HashMap<>();
    private final Map<Text, List<String>> broken = new HashMap<>();

    Wrapping(TextWidth width) {
        this.width = width;
    }

    /** The lines of a text; those of texts that were asked for before are at hand. */
    List<String> lines(String text, double room) {
        if (broken.size() > MOST_KNOWN) {
            broken.clear();
        }
        return broken.computeIfAbsent(new Text(text, room), t -> broken(text, room));
    }

    private List<String> broken(String text, double room) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        double used = 0;
        double space = of(" ");
        for (String word : text.strip().split("\\s+")) {
            double wide = of(word);
            if (!line.isEmpty() && used + space + wide > room) {
                lines.add(line.toString());
                line.setLength(0);
                used = 0;
            }
            used += (line.isEmpty() ? 0 : space) + wide;
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }

    double of(String word) {
        return known.computeIfAbsent(word, width::of);
    }
}
