package methodos.files.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import methodos.core.drafting.Lexicon;
import methodos.core.drafting.NarrationReader;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.DraftedStep;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WordlistFolderTest {

    @TempDir Path folder;

    @Test
    void theListsOfAFolderAreReadOverTheProgramsOwn() throws Exception {
        Files.writeString(folder.resolve("verbs.txt"), "# ours\nfrobble = remove\n");
        Lexicon lexicon = WordlistFolder.english(folder.resolve("missing"), folder);
        DraftedStep step =
                new NarrationReader(lexicon, EnglishPartsOfSpeech.load())
                        .read(new Captions(List.of(new Caption(0, 4, "Frobble the end cap."))))
                        .steps()
                        .get(0);
        assertThat(step.action()).isEqualTo("remove");
    }

    @Test
    void aBrokenLineIsASentenceWithFileAndLine() throws Exception {
        Files.writeString(folder.resolve("verbs.txt"), "\nfrobble\n");
        assertThatThrownBy(() -> WordlistFolder.english(folder))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageEndingWith("verbs.txt, line 2: a verb needs “= action”.");
    }

    @Test
    void aFileThatIsNoTextIsASentence() throws Exception {
        Files.write(folder.resolve("tools.txt"), new byte[] {(byte) 0xC3, (byte) 0x28});
        assertThatThrownBy(() -> WordlistFolder.english(folder))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageEndingWith("is not written in UTF-8.");
    }
}
