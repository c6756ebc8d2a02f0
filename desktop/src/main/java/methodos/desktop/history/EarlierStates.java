package methodos.desktop.history;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.manual.Manual;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.KeptState;

/**
 * The earlier states of the manual: when, what was done, how many steps; the chosen one with what
 * is different in it, to be named or taken back.
 */
public final class EarlierStates {

    private static final int DIFFERENCES = 60;
    private static final double KIND_WIDTH = 150;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final Runnable back;
    private final ExecutorService reading;
    private final BorderPane node = new BorderPane();
    private final ListView<KeptState> list = new ListView<>();
    private final VBox look = new VBox(10);
    private Instant looked = Instant.MIN;

    /**
     * @param back called when somebody is done with them
     */
    public EarlierStates(OpenProject project, Consumer<String> message, Runnable back) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        this.back = back;
        this.reading = project.background().thread("work.states");
        list.setId("states");
        list.getStyleClass().add("pick-list");
        list.setAccessibleText(words.of("states.title"));
        list.setCellFactory(l -> new Row());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> look(now));
        list.setPrefWidth(470);
        list.setMinWidth(300);
        look.setPadding(new Insets(14, 20, 20, 20));
        ScrollPane seen = new ScrollPane(look);
        seen.setFitToWidth(true);
        Label intro = Controls.prose(words.of("states.intro"), "soft");
        Button done = Controls.button("statesBack", words.of("states.back"), back);
        done.setMinWidth(Region.USE_PREF_SIZE);
        HBox top = new HBox(12, done, intro);
        top.setAlignment(Pos.CENTER_LEFT);
        top.setPadding(new Insets(10, 20, 10, 20));
        HBox.setHgrow(intro, Priority.ALWAYS);
        node.setTop(top);
        node.setLeft(list);
        node.setCenter(seen);
        node.getStyleClass().add("place");
        Controls.onEscape(node, back);
        look.getChildren().setAll(Controls.prose(words.of("states.choose"), "soft"));
        refresh(null);
    }

    public Region node() {
        return node;
    }

    public void focus() {
        list.requestFocus();
    }

    public void close() {
        reading.shutdownNow();
    }

    private void refresh(KeptState chosen) {
        reading.execute(
                () -> {
                    List<KeptState> states = project.states();
                    Platform.runLater(
                            () -> {
                                list.getItems().setAll(states);
                                for (KeptState s : states) {
                                    if (chosen != null && s.when().equals(chosen.when())) {
                                        list.getSelectionModel().select(s);
                                    }
                                }
                            });
                });
    }

    /** Reads the chosen state beside the interface, and shows what is different in it. */
    private void look(KeptState state) {
        if (state == null) {
            return;
        }
        looked = state.when();
        Manual now = project.manual();
        reading.execute(
                () -> {
                    try {
                        Manual earlier = project.state(state);
                        StateDifference difference = StateDifference.of(earlier, now);
                        Platform.runLater(() -> show(state, earlier, difference));
                    } catch (ProjectProblem e) {
                        Platform.runLater(
                                () -> look.getChildren().setAll(Controls.prose(e.getMessage())));
                    }
                });
    }

    private void show(KeptState state, Manual earlier, StateDifference difference) {
        if (!state.when().equals(looked)) {
            return; // another one was chosen meanwhile
        }
        TextField name =
                Controls.named(new TextField(state.name()), "stateName", words.of("states.name"));
        name.setPromptText(words.of("states.namePrompt"));
        name.setOnAction(e -> name(state, name.getText()));
        HBox.setHgrow(name, Priority.ALWAYS);
        Button take =
                Controls.button(
                        "takeBack", words.of("states.takeBack"), () -> takeBack(state, earlier));
        take.setDisable(difference.none());
        HBox naming =
                new HBox(
                        8,
                        name,
                        Controls.button(
                                "nameState",
                                words.of("states.keepName"),
                                () -> name(state, name.getText())));
        Label head = Controls.label(when(state.when()), "section-head");
        look.getChildren().setAll(head, Controls.prose(about(state)), naming, take);
        look.getChildren()
                .add(
                        Controls.label(
                                difference.none()
                                        ? words.of("states.same")
                                        : words.of("states.different"),
                                "panel-head"));
        List<StateDifference.Line> lines = difference.lines();
        lines.stream().limit(DIFFERENCES).forEach(l -> look.getChildren().add(line(l)));
        if (lines.size() > DIFFERENCES) {
            look.getChildren()
                    .add(
                            Controls.label(
                                    words.of("states.more", lines.size() - DIFFERENCES), "soft"));
        }
    }

    private Region line(StateDifference.Line line) {
        Label kind = Controls.label(words.of("states." + line.kind()), "soft");
        kind.setMinWidth(KIND_WIDTH);
        kind.setPrefWidth(KIND_WIDTH);
        String text =
                line.kind().equals("list")
                        ? words.of("states.of." + line.text())
                        : line.text().isEmpty() ? words.of("states.noWords") : line.text();
        Label shown = Controls.prose(text);
        shown.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(shown, Priority.ALWAYS);
        return new HBox(10, kind, shown);
    }

    private void name(KeptState state, String name) {
        reading.execute(
                () -> {
                    try {
                        project.nameState(state, name);
                        refresh(state);
                        Platform.runLater(
                                () ->
                                        message.accept(
                                                words.of(
                                                        name.isBlank()
                                                                ? "states.unnamed"
                                                                : "states.named",
                                                        name.strip())));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void takeBack(KeptState state, Manual earlier) {
        project.takeBack(earlier);
        message.accept(words.of("states.taken", when(state.when())));
        back.run();
    }

    private String about(KeptState state) {
        String steps = state.steps() < 0 ? words.of("states.stepsUnknown") : steps(state.steps());
        String what = state.what().isEmpty() ? words.of("states.opened") : state.what();
        return what + " · " + steps;
    }

    private String steps(int steps) {
        return words.of("states.steps", steps);
    }

    /** Today's by the clock, others with their day. */
    private String when(Instant when) {
        ZonedDateTime time = when.atZone(ZoneId.systemDefault());
        boolean today = time.toLocalDate().equals(LocalDate.now());
        String pattern = today ? "HH:mm:ss" : "EEE d MMM, HH:mm";
        String text = time.format(DateTimeFormatter.ofPattern(pattern, Locale.getDefault()));
        return today ? words.of("states.today", text) : text;
    }

    /** A state in the list: its time, what was done, its steps, and why it stays. */
    private final class Row extends ListCell<KeptState> {
        @Override
        protected void updateItem(KeptState state, boolean empty) {
            super.updateItem(state, empty);
            if (empty || state == null) {
                setText(null);
                setGraphic(null);
                return;
            }
            Label time = Controls.label(when(state.when()), "state-time");
            time.setMinWidth(KIND_WIDTH);
            Label what = Controls.label(about(state), "state-what");
            VBox text = new VBox(2, what);
            if (!state.name().isEmpty()) {
                text.getChildren().add(0, Controls.label(state.name(), "state-name"));
            }
            if (state.published()) {
                text.getChildren().add(Controls.label(words.of("states.published"), "soft"));
            }
            HBox row = new HBox(10, time, text);
            row.getStyleClass().add("state-row");
            setGraphic(row);
            setText(null);
        }
    }
}
