package methodos.desktop.drafting;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.scan.Scan;
import methodos.core.vocabulary.Wordlist;
import methodos.desktop.project.OpenProject;
import methodos.files.draft.WordlistFolder;
import methodos.files.folders.AppFolders;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.problem.ProjectProblem;
import methodos.narration.draft.NarrationReader;
import methodos.narration.vocabulary.Vocabulary;
import org.slf4j.LoggerFactory;

/** Reads the narration of clips in the background. */
public final class DraftDesk implements AutoCloseable {

    private static final String WORDLISTS = "words";

    private final OpenProject project;
    private final ExecutorService background;
    private final Set<Id<Clip>> reading = new HashSet<>();
    private NarrationReader reader;
    private boolean prepared;

    public DraftDesk(OpenProject project) {
        this.background = project.background().thread("work.narration");
        this.project = project;
    }

    /**
     * Reads a clip's narration.
     *
     * @param done called on the interface thread, when the draft stands beside the manual
     * @param problem called on the interface thread with a sentence
     */
    public void read(Clip clip, Consumer<Draft> done, Consumer<String> problem) {
        if (!reading.add(clip.id())) {
            return;
        }
        Captions captions = project.workspace().get().captions(clip.id());
        Stage.Kind from = DraftEdits.startOf(project.manual(), clip.id());
        List<Scan.Pause> pauses =
                project.workspace().get().scan(clip.id()).map(Scan::pauses).orElse(List.of());
        background.execute(
                () -> {
                    try {
                        Draft draft = reader().read(captions, from, pauses);
                        Platform.runLater(() -> keep(clip, captions, draft, done));
                    } catch (ProjectProblem e) {
                        LoggerFactory.getLogger(DraftDesk.class).warn("not drafted", e);
                        Platform.runLater(
                                () -> {
                                    reading.remove(clip.id());
                                    problem.accept(e.getMessage());
                                });
                    }
                });
    }

    /** Makes ready to read, which takes a second or two at first. */
    public void prepare() {
        if (!prepared) {
            prepared = true;
            background.execute(
                    () -> {
                        try {
                            reader();
                        } catch (ProjectProblem e) {
                            // said when something is read
                            LoggerFactory.getLogger(DraftDesk.class).info("no reader yet", e);
                        }
                    });
        }
    }

    /**
     * Reads what is said in a stretch, of which a step is to be made.
     *
     * @param stage the part of the work that it is of
     * @param done called on the interface thread
     * @param problem called on the interface thread with a sentence
     */
    public void read(Span span, Stage.Kind stage, Consumer<Draft> done, Consumer<String> problem) {
        Captions said =
                project.workspace().get().captions(span.clip()).said(span.start(), span.end());
        if (said.captions().isEmpty()) {
            done.accept(new Draft(List.of(), List.of()));
            return;
        }
        background.execute(
                () -> {
                    try {
                        Draft draft = reader().read(said, stage, List.of());
                        Platform.runLater(() -> done.accept(draft));
                    } catch (ProjectProblem e) {
                        LoggerFactory.getLogger(DraftDesk.class).warn("not read", e);
                        Platform.runLater(() -> problem.accept(e.getMessage()));
                    }
                });
    }

    private void keep(Clip clip, Captions captions, Draft draft, Consumer<Draft> done) {
        reading.remove(clip.id());
        if (captions.equals(project.workspace().get().captions(clip.id()))) {
            done.accept(draft);
        }
    }

    private NarrationReader reader() throws ProjectProblem {
        if (reader == null) {
            Path[] folders = {
                AppFolders.ofThisMachine().settings().resolve(WORDLISTS),
                project.path().resolve(WORDLISTS)
            };
            try {
                reader =
                        NarrationReader.english(
                                WordlistFolder.read(Vocabulary.LISTS, folders),
                                HazardRuleFolder.with(folders));
            } catch (Wordlist.LineProblem e) {
                throw new ProjectProblem(e.getMessage(), e);
            }
        }
        return reader;
    }

    @Override
    public void close() {
        background.shutdownNow();
    }
}
