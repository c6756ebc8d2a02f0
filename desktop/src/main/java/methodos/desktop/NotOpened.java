package methodos.desktop;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.KeptState;
import methodos.files.project.ManualDamaged;
import methodos.files.project.ProjectFolder;

/**
 * Says why a project cannot be opened; of a damaged manual the states that are kept are offered.
 */
final class NotOpened extends VBox {

    private final Words words = new Words("methodos.desktop.desktop", Locale.getDefault());
    private final Label sentence;

    /**
     * @param again called when an earlier state was put in its place
     * @param other goes back to where another project is chosen
     */
    NotOpened(ProjectProblem problem, Runnable again, Runnable other) {
        super(14);
        sentence =
                Controls.prose(
                        problem instanceof ManualDamaged
                                ? problem.getCause().getMessage()
                                : problem.getMessage(),
                        "section-head");
        sentence.setId("notOpened");
        sentence.setMinHeight(USE_PREF_SIZE);
        setPadding(new Insets(30, 36, 26, 36));
        Button close = Controls.button("closeNotOpened", words.of("open.close"), Platform::exit);
        Button choose = Controls.button("chooseOther", words.of("open.other"), other);
        getChildren().add(sentence);
        HBox buttons = new HBox(10, choose, close);
        if (problem instanceof ManualDamaged damaged && !damaged.states().isEmpty()) {
            ListView<KeptState> list = list(damaged);
            VBox.setVgrow(list, Priority.ALWAYS);
            Button take =
                    Controls.button(
                            "takeBackDamaged",
                            words.of("damaged.takeBack"),
                            () -> takeBack(damaged, list, again));
            take.setDefaultButton(true);
            buttons.getChildren().add(0, take);
            getChildren()
                    .addAll(
                            Controls.label(words.of("damaged.choose"), "panel-head"),
                            list,
                            Controls.prose(words.of("damaged.kept"), "soft"));
        }
        getChildren().add(buttons);
    }

    private ListView<KeptState> list(ManualDamaged damaged) {
        DateTimeFormatter format =
                DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM)
                        .withLocale(Locale.getDefault())
                        .withZone(ZoneId.systemDefault());
        ListView<KeptState> list = new ListView<>();
        list.setId("damagedStates");
        list.getStyleClass().add("pick-list");
        list.setAccessibleText(words.of("damaged.choose"));
        list.getItems().setAll(damaged.states());
        list.getSelectionModel().select(0);
        list.setCellFactory(
                l ->
                        new ListCell<>() {
                            @Override
                            protected void updateItem(KeptState state, boolean empty) {
                                super.updateItem(state, empty);
                                setText(empty || state == null ? null : text(state, format));
                            }
                        });
        return list;
    }

    private String text(KeptState state, DateTimeFormatter format) {
        String steps =
                state.steps() < 0
                        ? words.of("states.stepsUnknown")
                        : words.of("states.steps", state.steps());
        String what = state.what().isEmpty() ? words.of("states.opened") : state.what();
        String name = state.name().isEmpty() ? "" : " · " + state.name();
        return format.format(state.when()) + " · " + what + " · " + steps + name;
    }

    private void takeBack(ManualDamaged damaged, ListView<KeptState> list, Runnable again) {
        KeptState chosen = list.getSelectionModel().getSelectedItem();
        if (chosen == null) {
            return;
        }
        try {
            ProjectFolder.takeBack(damaged.folder(), chosen);
            again.run();
        } catch (ProjectProblem e) {
            sentence.setText(e.getMessage());
        }
    }
}
