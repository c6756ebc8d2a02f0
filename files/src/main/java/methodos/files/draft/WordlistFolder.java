package methodos.files.draft;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.drafting.Lexicon;
import methodos.core.hazard.HazardRules;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.problem.ProjectProblem;

/**
 * A company's own word lists: a folder with files of the names of the lists that come with the
 * program ({@code verbs.txt}, {@code tools.txt} ...), in their format. What they know goes before
 * what the program knows.
 */
public final class WordlistFolder {

    /** Hazards stood in a list of their own once. */
    private static final String OLD_HAZARDS = "hazards.txt";

    private WordlistFolder() {}

    /**
     * The program's lists with those of the folders on top, in order; folders and files that are
     * not there are passed over.
     *
     * @throws ProjectProblem if a file cannot be read or a line is not understood
     */
    public static Lexicon english(Path... folders) throws ProjectProblem {
        Lexicon lexicon = Lexicon.english().with(HazardRuleFolder.with(folders));
        for (Path folder : folders) {
            Path old = folder.resolve(OLD_HAZARDS);
            if (Files.isRegularFile(old)) {
                throw new ProjectProblem(
                        old
                                + " is no longer read: its lines go into "
                                + HazardRules.FILE
                                + ", behind “kind” and “says”.");
            }
            for (Lexicon.Wordlist list : Lexicon.Wordlist.values()) {
                Path file = folder.resolve(list.file());
                if (Files.isRegularFile(file)) {
                    lexicon = with(lexicon, list, file);
                }
            }
        }
        return lexicon;
    }

    private static Lexicon with(Lexicon lexicon, Lexicon.Wordlist list, Path file)
            throws ProjectProblem {
        try {
            return lexicon.with(list, Files.readAllLines(file, StandardCharsets.UTF_8));
        } catch (Lexicon.LineProblem e) {
            throw new ProjectProblem(file.getParent() + "/" + e.getMessage(), e);
        } catch (CharacterCodingException e) {
            throw new ProjectProblem(file + " is not written in UTF-8.", e);
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        }
    }
}
