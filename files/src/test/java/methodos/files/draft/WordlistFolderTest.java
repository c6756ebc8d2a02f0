package methodos.files.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import methodos.core.vocabulary.Wordlist;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WordlistFolderTest {

    private static final List<String> NAMES = List.of("verbs.txt", "tools.txt");

    @TempDir Path folder;

    @Test
    void theListsOfAFolderAreReadAndWhatIsNotThereIsPassedOver() throws Exception {
        Path verbs = folder.resolve("verbs.txt");
        Files.writeString(verbs, "# ours\nfrobble = remove\n");
        Files.writeString(folder.resolve("other.txt"), "nothing of the reader");

        assertThat(WordlistFolder.read(NAMES, folder.resolve("missing"), folder))
                .containsExactly(
                        new Wordlist(
                                "verbs.txt",
                                verbs.toString(),
                                List.of("# ours", "frobble = remove")));
    }

    @Test
    void aFileThatIsNoTextIsASentence() throws Exception {
        Files.write(folder.resolve("tools.txt"), new byte[] {(byte) 0xC3, (byte) 0x28});
        assertThatThrownBy(() -> WordlistFolder.read(NAMES, folder))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageEndingWith("is not written in UTF-8.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"hazards.txt", "phrases.txt"})
    void aListOfAnEarlierVersionIsNotPassedOverInSilence(String name) throws Exception {
        Files.writeString(folder.resolve(name), "");
        assertThatThrownBy(() -> WordlistFolder.read(NAMES, folder))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining(name + " is no longer read: ");
    }
}
