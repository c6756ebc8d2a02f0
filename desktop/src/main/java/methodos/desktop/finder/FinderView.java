package methodos.desktop.finder;

import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.finder.Query;
import methodos.core.manual.Clip;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/**
 * One field over all: steps, words that were spoken, parts, tools, values, figures, findings, and
 * what the program can do. Enter goes there, Escape back to where one was.
 */
public final class FinderView {

    private static final int MOST = 200;
    private static final double KIND = 92;

    private final Words words;
    private final Runnable back;
    private final List<Hit> all;
    private final BorderPane node = new BorderPane();
    private final TextField field = new TextField();
    private final ListView<Hit> list = new ListView<>();
    private final Label count = Controls.label("", "soft");

    /**
     * What the finder leads to.
     *
     * @param go leads to a step, a part, a figure
     * @param look leads to a moment of a clip
     * @param checks leads to the findings
     * @param back called when somebody is done with it
     */
    public record Ways(Consumer<OpenPoint> go, Look look, Runnable checks, Runnable back) {}

    /** Leads to a moment of a clip. */
    public interface Look {
        void at(Id<Clip> clip, double time);
    }

    /**
     * @param deeds what the program can do
     */
    public FinderView(OpenProject project, List<Deed> deeds, Ways ways) {
        this.words = project.words();
        this.back = ways.back();
        this.all = Hits.of(project, deeds, ways);
        Controls.named(field, "find", words.of("finder.field"));
        field.textProperty().addListener(o -> look());
        field.setOnAction(e -> take());
        Controls.named(list, "found", words.of("finder.found"));
        list.getStyleClass().add("pick-list");
        list.setFocusTraversable(false);
        list.setCellFactory(l -> new Row());
        list.setOnMouseClicked(e -> take());
        count.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(field, Priority.ALWAYS);
        Button done = Controls.button("findBack", words.of("states.back"), back);
        done.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = Controls.row(12, done, field, count);
        VBox top = new VBox(8, head, Controls.prose(words.of("finder.how"), "soft"));
        top.setPadding(new Insets(12, 20, 10, 20));
        node.setTop(top);
        node.setCenter(list);
        node.getStyleClass().add("place");
        node.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        look();
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case ESCAPE -> {
                back.run();
                e.consume();
            }
            case DOWN, UP -> {
                int by = e.getCode() == KeyCode.DOWN ? 1 : -1;
                int at = list.getSelectionModel().getSelectedIndex() + by;
                if (at >= 0 && at < list.getItems().size()) {
                    list.getSelectionModel().select(at);
                    list.scrollTo(Math.max(0, at - 3));
                }
                e.consume();
            }
            default -> {}
        }
    }

    private void look() {
        Query query = new Query(field.getText());
        record Found(Hit hit, int fit) {}
        List<Hit> found =
                query.isEmpty()
                        ? List.of()
                        : all.stream()
                                .map(h -> new Found(h, query.fit(h.line())))
                                .filter(f -> f.fit() > 0)
                                .sorted(Comparator.comparingInt((Found f) -> -f.fit()))
                                .map(Found::hit)
                                .toList();
        list.getItems().setAll(found.stream().limit(MOST).toList());
        list.getSelectionModel().select(0);
        count.setText(query.isEmpty() ? "" : words.of("finder.count", found.size()));
    }

    private void take() {
        Hit chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            back.run();
            chosen.go().run();
        }
    }

    /** Puts the cursor into the field. */
    public void focus() {
        field.requestFocus();
    }

    public Node node() {
        return node;
    }

    /** What is found, in its order. */
    Stream<Hit> found() {
        return list.getItems().stream();
    }

    private static final class Row extends ListCell<Hit> {
        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            setText(null);
            if (empty || hit == null) {
                setGraphic(null);
                return;
            }
            Label kind = Controls.width(Controls.label(hit.kind(), "soft"), KIND);
            Label text = Controls.label(hit.text());
            HBox.setHgrow(text, Priority.ALWAYS);
            text.setMaxWidth(Double.MAX_VALUE);
            Label more = Controls.label(hit.more(), "soft");
            more.setMinWidth(Region.USE_PREF_SIZE);
            HBox row = new HBox(10, kind, text, more);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMinWidth(0);
            row.setPrefWidth(1); // a long line is shortened, and not scrolled to its end
            setGraphic(row);
            setAccessibleText(hit.kind() + ": " + hit.text() + " " + hit.more());
        }
    }
}
