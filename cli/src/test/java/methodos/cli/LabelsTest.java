package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Labels speak the trade's standard English, and are whole. */
class LabelsTest {

    /** What each says of all labels of the window, the domain and what is published. */
    private static final Map<String, String> LABELS = labels();

    private static Map<String, String> labels() {
        Map<String, String> all = new TreeMap<>();
        for (String file :
                List.of(
                        "/methodos/desktop/desktop.properties",
                        "/methodos/core/words/domain.properties",
                        "/methodos/publish/document/publication.properties")) {
            try (InputStream in = Methodos.class.getResourceAsStream(file)) {
                Properties read = new OnceEach(file);
                read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
                read.forEach((key, value) -> all.put(file + " " + key, value.toString()));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
        return all;
    }

    /** Of two labels with one key the first would be lost without a word. */
    private static final class OnceEach extends Properties {
        private static final long serialVersionUID = 1L;
        private final String file;

        OnceEach(String file) {
            this.file = file;
        }

        @Override
        public synchronized Object put(Object key, Object value) {
            assertThat(get(key)).as("%s twice in %s", key, file).isNull();
            return super.put(key, value);
        }
    }

    private static List<String> with(String pattern) {
        Pattern sought = Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
        return LABELS.entrySet().stream()
                .filter(e -> sought.matcher(e.getValue()).find())
                .map(e -> e.getKey() + ": " + e.getValue())
                .toList();
    }

    /** Words that people who were new to the program did not understand as labels. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "all changes kept",
                "seen as \\{",
                "nothing open",
                "bring in",
                "take it in",
                "leave it$",
                "take it out",
                "^out$",
                "put away",
                "take it up again",
                "what is it\\?",
                "when the job is due",
                "what is special about it",
                "built with",
                "what it holds",
                "made safe",
                "given? back",
                "what rules it",
                "done by$",
                "what good looks like",
                "as this manual does it",
                "how this manual does it",
                "goes on from",
                "listen to the sound",
                "looking at every frame",
                "to be filmed again$",
                "stands as after",
                "begin here",
                "end here",
                "keep still",
                "^does$",
                "^again$",
                "also at",
                "by eye",
                "may be left out$",
                "^heard",
                "^doubt",
                "put on the picture",
                "push, lift",
                "look closer",
                "which screw$",
                "screw order",
                "known size",
                "let its balloon",
                "it is right$",
                "beside it$",
                "take apart$",
                "tame glare",
                "as it was taken",
                "^reads as",
                "\\} off\\b",
                "in a unit$",
                "sits on",
                "^comes off$",
                "^goes on$",
                "is looked at$",
                "stays in place$",
                "^need$",
                "^extra$",
                "if needed",
                "what to order for",
                "or instead",
                "of the book",
                "order round",
                "^rounds$",
                "stages before",
                "once round again",
                "once more$",
                "then further by",
                "given also as",
                "as entered",
                "what the screw bears",
                "something soft",
                "usual torques",
                "not given\\b",
                "reckon",
                "finding the fault first",
                "what is the matter",
                "cured in steps",
                "does every path end",
                "^due$",
                "value that was entered rules",
                "record of the work"
            })
    void noLabelIsOneThatWasNotUnderstood(String pattern) {
        assertThat(with(pattern)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\\.\\.", // "350 bar.."
                " [.,;:!?]( |$)", // "WARNING ."
                "  +\\S", // joined with a gap
                "^\\s*$", // nothing at all
                "\\.\\.\\.$" // three stops for what goes on
            })
    void noLabelIsJoinedDoubledOrEmpty(String pattern) {
        assertThat(with(pattern)).isEmpty();
    }

    /** A key that is asked for and is nowhere would stop the window when it is shown. */
    @Test
    void eachKeyThatIsAskedForIsThere() throws IOException {
        Pattern asked =
                Pattern.compile("words(?:\\(\\))?\\.of\\(\\s*\"([A-Za-z.]+[a-z])\"\\s*[,)]");
        List<String> missing = new ArrayList<>();
        int looked = 0;
        for (String module : List.of("core", "desktop", "publish", "cli")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    Matcher keys = asked.matcher(Files.readString(file));
                    while (keys.find()) {
                        looked++;
                        String key = keys.group(1);
                        if (LABELS.keySet().stream().noneMatch(k -> k.endsWith(" " + key))) {
                            missing.add(file.getFileName() + ": " + key);
                        }
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(500);
        assertThat(missing).isEmpty();
    }
}
