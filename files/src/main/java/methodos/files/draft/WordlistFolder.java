package methodos.files.draft;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.core.hazard.HazardRules;
import methodos.core.vocabulary.Wordlist;
import methodos.files.problem.ProjectProblem;

/**
 * A company's own word lists: a folder with files of the names of the lists that come with the
 * program ({@code verbs.txt}, {@code tools.txt} ...). What they know goes before what the program
 * knows.
 */
public final class WordlistFolder {

    /** Lists of earlier versions, each with what has become of it. */
    private static final Map<String, String> OLD =
            Map.of(
                    "hazards.txt",
                    "its lines go into " + HazardRules.FILE + ", behind “kind” and “says”.",
                    "phrases.txt",
                    "what is talk and what is work has been learned from narrations.");

    private WordlistFolder() {}

    /**
     * The lists that stand in some folders, in their order; folders and files that are not there
     * are passed over.
     *
     * @param names of the files
     * @throws ProjectProblem if a file cannot be read
     */
    public static List<Wordlist> read(List<String> names, Path... folders) throws ProjectProblem {
        List<Wordlist> lists = new ArrayList<>();
        for (Path folder : folders) {
            for (Map.Entry<String, String> old : OLD.entrySet()) {
                Path file = folder.resolve(old.getKey());
                if (Files.isRegularFile(file)) {
                    throw new ProjectProblem(file + " is no longer read: " + old.getValue());
                }
            }
            for (String name : names) {
                Path file = folder.resolve(name);
                if (Files.isRegularFile(file)) {
                    lists.add(new Wordlist(name, file.toString(), lines(file)));
                }
            }
        }
        return lists;
    }

    private static List<String> lines(Path file) throws ProjectProblem {
        try {
            return Files.readAllLines(file, StandardCharsets.UTF_8);
        } catch (CharacterCodingException e) {
            throw new ProjectProblem(file + " is not written in UTF-8.", e);
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        }
    }
}
