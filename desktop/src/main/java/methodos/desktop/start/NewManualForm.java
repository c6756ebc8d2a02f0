package methodos.desktop.start;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.files.recent.RecentProject;

/** Asks what a new manual is called, where it is kept, and what it begins with. */
final class NewManualForm extends VBox {

    private final Words words;
    private final TextField title = new TextField();
    private final TextField folder = new TextField();
    private final Label begin = Controls.prose("", "soft");
    private final Label problem = Controls.prose("", "problem");
    private final ComboBox<RecentProject> like = new ComboBox<>();
    private final List<Path> files = new ArrayList<>();
    private final Consumer<NewManual> make;
    private Path parent = Path.of(System.getProperty("user.home")).resolve("manuals");

    /** Whether somebody has typed a folder, which then no longer follows the title. */
    private boolean own;

    /**
     * @param recent whose manuals a new one may begin with
     */
    NewManualForm(
            List<RecentProject> recent, Words words, FileChoice choice, Consumer<NewManual> make) {
        super(6);
        this.words = words;
        this.make = make;
        Controls.named(title, "newTitle", words.of("start.titleField"));
        title.setPromptText(words.of("start.titlePrompt"));
        Controls.named(folder, "newFolder", words.of("start.folderField"));
        Controls.named(like, "newLike", words.of("start.like"));
        like.setMaxWidth(Double.MAX_VALUE);
        like.setPromptText(words.of("start.likeNone"));
        like.getItems().add(null);
        recent.stream().filter(RecentProject::there).forEach(like.getItems()::add);
        like.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(RecentProject project) {
                        return project == null ? words.of("start.likeNone") : project.title();
                    }

                    @Override
                    public RecentProject fromString(String text) {
                        return null; // nothing is typed here
                    }
                });
        title.textProperty().addListener(o -> follow());
        folder.textProperty()
                .addListener((o, was, is) -> own = own || folder.isFocused() && !is.equals(was));
        title.setOnAction(e -> make());
        folder.setOnAction(e -> make());
        problem.setId("newProblem");
        begin.setId("newFiles");
        Controls.seen(problem, false);
        Button go = Controls.button("makeManual", words.of("start.make"), this::make);
        go.setDefaultButton(true);
        getChildren()
                .setAll(
                        Controls.label(words.of("start.new"), "section-head"),
                        Controls.label(words.of("start.titleField"), "row-name"),
                        title,
                        Controls.label(words.of("start.folderField"), "row-name"),
                        folder,
                        Controls.link(
                                "newElsewhere",
                                words.of("start.elsewhere"),
                                () ->
                                        choice.folder(this, words.of("start.elsewhere"))
                                                .ifPresent(this::below)),
                        Controls.label(words.of("start.beginWith"), "row-name"),
                        begin,
                        Controls.link(
                                "newChooseFiles",
                                words.of("start.chooseFiles"),
                                () ->
                                        choice.open(this, words.of("start.chooseFiles"), true)
                                                .forEach(this::beginWith)),
                        Controls.label(words.of("start.like"), "row-name"),
                        like,
                        go,
                        problem);
        follow();
        told();
    }

    private void below(Path other) {
        parent = other;
        own = false;
        follow();
    }

    private void follow() {
        if (!own) {
            folder.setText(HomePath.shown(NewManual.folder(parent, title.getText())));
        }
    }

    /** A clip or a list that the manual begins with. */
    void beginWith(Path file) {
        if (!files.contains(file)) {
            files.add(file);
        }
        told();
        title.requestFocus();
    }

    /** Offers to make a manual in a folder that was asked for and is not there. */
    void at(Path asked) {
        own = true;
        folder.setText(HomePath.shown(asked));
        String name = String.valueOf(asked.getFileName()).replace(".methodos", "");
        title.setText(
                name.isEmpty()
                        ? name
                        : name.substring(0, 1).toUpperCase(Locale.ROOT)
                                + name.substring(1).replace('-', ' '));
        title.requestFocus();
        title.selectAll();
    }

    private void told() {
        begin.setText(
                files.isEmpty()
                        ? words.of("start.dropHere")
                        : files.stream()
                                .map(f -> f.getFileName().toString())
                                .collect(Collectors.joining(", ")));
    }

    private void make() {
        String called = title.getText().strip();
        if (called.isEmpty()) {
            refuse(words.of("start.titleNeeded"));
            title.requestFocus();
            return;
        }
        Path target = HomePath.of(folder.getText()).toAbsolutePath();
        if (Files.exists(target) && !Files.isDirectory(target)) {
            refuse(words.of("start.isFile", target));
            return;
        }
        Path other = like.getValue() == null ? null : like.getValue().path();
        make.accept(new NewManual(called, target, other, List.copyOf(files)));
    }

    /** Says why nothing was made. */
    void refuse(String sentence) {
        problem.setText(sentence);
        Controls.seen(problem, true);
    }
}
