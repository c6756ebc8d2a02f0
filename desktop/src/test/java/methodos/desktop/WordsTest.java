package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.edit.EditKind;
import methodos.core.words.Words;
import methodos.desktop.place.Place;
import methodos.desktop.project.EditWords;
import org.junit.jupiter.api.Test;

class WordsTest {

    private static final Pattern KEY =
            Pattern.compile(
                    "(?:words(?:\\(\\))?\\.of|adding|hazardField|field|column|action|adder|fact|section|row|name)\\(\\s*(?:\"[A-Za-z]+\",\\s*)?\"([a-z]+(?:\\.[A-Za-z]+)+)\"");

    @Test
    void everyKeyInTheCodeHasItsWords() throws IOException {
        Words words = new Words("methodos.desktop.desktop", Locale.ENGLISH);
        TreeSet<String> keys = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                Matcher m = KEY.matcher(Files.readString(file));
                while (m.find()) {
                    keys.add(m.group(1));
                }
            }
        }
        assertThat(keys).hasSizeGreaterThan(100);
        for (String key : keys) {
            assertThat(words.of(key)).as(key).isNotBlank();
        }
    }

    @Test
    void everyEditAndPlaceHasAName() {
        Words words = new Words("methodos.desktop.desktop", Locale.ENGLISH);
        for (Place place : Place.values()) {
            assertThat(words.of("place." + place.name())).isNotBlank();
        }
        for (EditKind kind : EditKind.values()) {
            assertThat(words.of(EditWords.key(kind))).as(kind.name()).isNotBlank();
        }
    }
}
