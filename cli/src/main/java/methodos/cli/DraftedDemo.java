package methodos.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import methodos.narration.draft.NarrationReader;

/** A copy of the demo as it is on the first morning: footage, narration and parts, and a draft. */
final class DraftedDemo {

    private DraftedDemo() {}

    static void draft(Path folder) throws ProjectProblem {
        try (ProjectFolder project = ProjectFolder.open(folder)) {
            Workspace workspace = project.workspace();
            Manual manual = unwritten(workspace.manual());
            NarrationReader reader = NarrationReader.english();
            Words words = new Words(null, Locale.getDefault());
            for (Clip clip : manual.clips()) {
                Captions captions = workspace.captions(clip.id());
                manual =
                        DraftEdits.draft(
                                        clip.id(),
                                        reader.read(
                                                captions,
                                                DraftEdits.startOf(manual, clip.id()),
                                                List.of()),
                                        words)
                                .change()
                                .apply(manual);
            }
            project.save(manual);
        }
    }

    private static Manual unwritten(Manual manual) {
        return manual.withStages(manual.stages().stream().map(s -> s.withSteps(List.of())).toList())
                .withFigures(List.of())
                .withJoints(List.of())
                .withDismissals(List.of())
                .withEnergies(List.of())
                .withDecisions(List.of())
                .withSymptoms(List.of())
                .withAcceptances(List.of());
    }
}
