package methodos.narration.vocabulary;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Lists of words that come with the program: text, a line for each entry, "#" before comments. */
final class WordList {

    private WordList() {}

    /** The lines of a list that are no comments. */
    static List<String> lines(String file) {
        try (InputStream in = WordList.class.getResourceAsStream(file);
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return entries(lines.lines().toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<String> entries(List<String> lines) {
        return lines.stream()
                .map(String::strip)
                .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                .toList();
    }
}
