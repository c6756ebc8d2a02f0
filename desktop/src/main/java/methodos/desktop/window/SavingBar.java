package methodos.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.project.OpenProject;
import methodos.desktop.project.SaveState;
import methodos.files.problem.ProjectProblem;

/**
 * Stands across the window while what was typed cannot be saved: why, and what can be done. Nothing
 * else shows it, and it goes by itself when the disk is there again.
 */
final class SavingBar extends HBox {

    private final OpenProject project;
    private final Words words;
    private final FileChoice choice;
    private final Consumer<String> message;
    private final Label sentence = Controls.prose("", "saving-problem");
    private final Button loseThem;
    private final ExecutorService copying;
    private Runnable closeAnyhow;

    SavingBar(OpenProject project, FileChoice choice, Consumer<String> message) {
        this.project = project;
        this.words = project.words();
        this.choice = choice;
        this.message = message;
        this.copying = project.background().thread("work.elsewhere");
        sentence.setId("savingProblem");
        sentence.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        sentence.setMaxWidth(Double.MAX_VALUE);
        Button again = Controls.button("saveAgain", words.of("saving.again"), this::again);
        Button elsewhere =
                Controls.button("saveElsewhere", words.of("saving.elsewhere"), this::elsewhere);
        loseThem = Controls.link("closeUnsaved", "", () -> closeAnyhow.run());
        for (Button button : new Button[] {again, elsewhere, loseThem}) {
            button.setMinWidth(USE_PREF_SIZE); // the sentence gives way, not what can be done
        }
        getChildren().setAll(sentence, again, elsewhere, loseThem);
        setAlignment(Pos.CENTER_LEFT);
        setSpacing(12);
        getStyleClass().add("saving-bar");
        setId("savingBar");
        project.saving().addListener((o, was, now) -> show(now));
        show(project.saving().get());
    }

    private void show(SaveState state) {
        if (!state.failed()) {
            closeAnyhow = null;
        }
        sentence.setText(
                words.of(
                        closeAnyhow == null ? "saving.failed" : "saving.heldOpen",
                        state.unsaved(),
                        state.problem()));
        loseThem.setText(words.of("saving.lose", state.unsaved()));
        Controls.seen(loseThem, closeAnyhow != null);
        Controls.seen(this, state.failed());
    }

    /** The window was to be closed, and is not, since it would take unsaved work with it. */
    void holdOpen(Runnable anyhow) {
        closeAnyhow = anyhow;
        Platform.runLater(() -> show(project.saving().get())); // behind what the saving has to say
    }

    private void again() {
        copying.execute(
                () -> {
                    if (project.saveNow().isEmpty()) {
                        Platform.runLater(() -> message.accept(words.of("saving.done")));
                    }
                });
    }

    private void elsewhere() {
        choice.folder(this, words.of("saving.where")).ifPresent(this::elsewhere);
    }

    private void elsewhere(Path chosen) {
        Path target = target(chosen);
        copying.execute(
                () -> {
                    try {
                        project.saveElsewhere(target);
                        Platform.runLater(() -> message.accept(words.of("saving.movedTo", target)));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    /** A folder of its own in the chosen one, which may hold other things. */
    private Path target(Path chosen) {
        String name = String.valueOf(project.path().toAbsolutePath().normalize().getFileName());
        Path target = chosen.resolve(name);
        for (int i = 2; Files.exists(target); i++) {
            target = chosen.resolve(name.replaceFirst("(\\.methodos)?$", "-" + i + "$1"));
        }
        return target;
    }
}
