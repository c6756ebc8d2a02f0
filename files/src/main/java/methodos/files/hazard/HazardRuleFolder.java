package methodos.files.hazard;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.hazard.HazardRules;
import methodos.files.folders.AppFolders;
import methodos.files.problem.ProjectProblem;

/** A company's own hazard rules: {@code hazard-rules.txt} in the folders of its word lists. */
public final class HazardRuleFolder {

    private HazardRuleFolder() {}

    /**
     * The program's rules, with those of this machine's settings and of the project on top.
     *
     * @throws ProjectProblem if a file cannot be read or a line is not understood
     */
    public static HazardRules of(Path project) throws ProjectProblem {
        return with(
                AppFolders.ofThisMachine().settings().resolve("words"), project.resolve("words"));
    }

    /**
     * The program's rules with those of the folders on top, in order; folders and files that are
     * not there are passed over.
     *
     * @throws ProjectProblem if a file cannot be read or a line is not understood
     */
    public static HazardRules with(Path... folders) throws ProjectProblem {
        HazardRules rules = HazardRules.shipped();
        for (Path folder : folders) {
            Path file = folder.resolve(HazardRules.FILE);
            if (Files.isRegularFile(file)) {
                rules = with(rules, file);
            }
        }
        return rules;
    }

    private static HazardRules with(HazardRules rules, Path file) throws ProjectProblem {
        try {
            return rules.with(Files.readAllLines(file, StandardCharsets.UTF_8));
        } catch (HazardRules.LineProblem e) {
            throw new ProjectProblem(file.getParent() + "/" + e.getMessage(), e);
        } catch (CharacterCodingException e) {
            throw new ProjectProblem(file + " is not written in UTF-8.", e);
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        }
    }
}
