package methodos.desktop.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.kit.FetchList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** What has to lie at the bench before the work begins: a row for each, ticked when it is there. */
final class FetchView {

    private final TaskHost host;
    private final Words words;
    private final VBox rows = new VBox(8);
    private final TextField why;
    private final ScrollPane node;

    FetchView(TaskHost host) {
        this.host = host;
        this.words = host.words();
        why = LargeControls.field("fetchWhy", words.of("bench.missingWhy"));
        rows.setPadding(new Insets(4, 12, 12, 4));
        node = new ScrollPane(rows);
        node.setFitToWidth(true);
        node.getStyleClass().add("place");
    }

    Region node() {
        return node;
    }

    /** How many are not settled yet. */
    static int open(BenchRun run) {
        return (int) run.work().fetch().stream().filter(t -> !run.fetched(t.key())).count();
    }

    void show() {
        BenchRun run = host.desk().run();
        double at = node.getVvalue();
        rows.getChildren().clear();
        rows.getChildren().add(LargeControls.head(words.of("bench.fetch")));
        rows.getChildren().add(LargeControls.prose(words.of("bench.fetchHint"), "soft"));
        rows.getChildren().add(why);
        Map<FetchList.Shelf, FlowPane> groups = new LinkedHashMap<>();
        List<FetchList.Thing> things = run.work().fetch();
        for (FetchList.Thing thing : things) {
            FlowPane group =
                    groups.computeIfAbsent(
                            thing.shelf(),
                            g -> {
                                FlowPane pane = new FlowPane(10, 8);
                                rows.getChildren()
                                        .addAll(
                                                Controls.label(
                                                        words.of("bench.shelf." + g),
                                                        "section-head"),
                                                pane);
                                return pane;
                            });
            group.getChildren().add(row(run, thing));
        }
        node.setVvalue(at);
    }

    private Region row(BenchRun run, FetchList.Thing thing) {
        String missing = run.missing().get(thing.key());
        boolean there = run.fetched(thing.key()) && missing == null;
        Label sign = Controls.label(there ? "✓" : missing == null ? "" : "–", "bench-tick");
        Label name = Controls.prose(thing.name(), "strong", "bench-prose");
        VBox text = new VBox(name);
        text.setAlignment(Pos.CENTER_LEFT);
        String detail = detail(thing);
        if (!detail.isEmpty()) {
            text.getChildren().add(Controls.prose(detail, "soft"));
        }
        if (missing != null) {
            text.getChildren().add(Controls.prose(words.of("bench.without", missing), "open"));
        }
        HBox face = new HBox(10, sign, text);
        face.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(text, Priority.ALWAYS);
        Button row = LargeControls.key("fetch-" + thing.key(), "", () -> fetched(thing, ""));
        row.setGraphic(face);
        face.setPrefWidth(250);
        row.setAccessibleText(thing.name());
        row.setAlignment(Pos.CENTER_LEFT);
        Button without =
                LargeControls.key(
                        "missing-" + thing.key(), words.of("bench.missing"), () -> without(thing));
        without.getStyleClass().add("bench-small");
        without.setMinWidth(Region.USE_PREF_SIZE);
        HBox both = new HBox(6, row, without);
        both.setAlignment(Pos.CENTER_LEFT);
        return both;
    }

    private String detail(FetchList.Thing thing) {
        String count = thing.count() > 1 ? "× " + thing.count() : "";
        String set =
                thing.settings().isEmpty()
                        ? ""
                        : words.of("bench.setTo", String.join(", ", thing.settings()));
        return Stream.of(count, thing.note(), set)
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    private void without(FetchList.Thing thing) {
        if (why.getText().isBlank()) {
            host.say(words.of("bench.sayWhy", thing.name()));
            why.requestFocus();
            return;
        }
        fetched(thing, why.getText().strip());
        why.clear();
    }

    private void fetched(FetchList.Thing thing, String missing) {
        host.enter(new Deed.Fetched(thing.key(), missing));
    }
}
