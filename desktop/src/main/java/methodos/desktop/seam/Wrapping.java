package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Breaks text into lines of a width, between words; a word that is too long stands alone. */
final class Wrapping {

    private final TextWidth width;
    private final Map<String, Double> known = new HashMap<>();

    Wrapping(TextWidth width) {
        this.width = width;
    }

    List<String> lines(String text, double room) {
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
