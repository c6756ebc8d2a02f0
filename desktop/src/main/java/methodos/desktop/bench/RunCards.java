package methodos.desktop.bench;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.files.bench.KeptRun;

/** The runs of a project: those to go on with, then the others, the newest of each first. */
final class RunCards {

    /** What can be done with a run. */
    interface Deeds {
        void goOn(KeptRun run);

        void write(KeptRun run, String ending);
    }

    private static final double MINUTE = 60;

    private final Words words;
    private final Deeds deeds;
    private final VBox node = new VBox(10);

    RunCards(Words words, Deeds deeds) {
        this.words = words;
        this.deeds = deeds;
        node.setId("runCards");
    }

    Region node() {
        return node;
    }

    void show(List<KeptRun> runs) {
        node.getChildren().clear();
        if (runs.isEmpty()) {
            node.getChildren().add(Controls.prose(words.of("bench.noRuns"), "soft"));
        }
        List<KeptRun> newestFirst = new ArrayList<>(runs);
        Collections.reverse(newestFirst);
        newestFirst.sort(Comparator.comparing(r -> !r.open()));
        newestFirst.forEach(r -> node.getChildren().add(card(r)));
    }

    private Region card(KeptRun run) {
        VBox card = new VBox(4);
        card.getStyleClass().add("run-card");
        FlowPane keys = new FlowPane(8, 6);
        keys.setAlignment(Pos.CENTER_LEFT);
        if (run.record() == null) {
            card.getChildren()
                    .addAll(
                            Controls.label(run.name(), "strong"),
                            Controls.prose(run.problem(), "problem"));
            return card;
        }
        Deed.Begun begun = run.record().run().begun().orElseThrow();
        Label name =
                Controls.label(
                        words.of("bench.unitNo", begun.model(), begun.serial()).strip(), "strong");
        card.getChildren().addAll(name, Controls.prose(told(run), "soft"));
        if (!run.problem().isEmpty()) {
            card.getChildren().add(Controls.prose(run.problem(), "problem"));
        }
        if (run.open()) {
            Button on =
                    Controls.button(
                            "goOn-" + run.name(), words.of("bench.goOn"), () -> deeds.goOn(run));
            keys.getChildren().add(on);
        }
        for (String ending : List.of("pdf", "csv", "json")) {
            keys.getChildren()
                    .add(
                            Controls.button(
                                    "record-" + ending + "-" + run.name(),
                                    words.of("bench.record." + ending),
                                    () -> deeds.write(run, ending)));
        }
        card.getChildren().add(keys);
        return card;
    }

    private String told(KeptRun run) {
        var record = run.record();
        String when =
                DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT)
                        .format(record.from().atZone(ZoneId.systemDefault()));
        BenchRun.State state = record.run().state();
        String result =
                state == BenchRun.State.FINISHED
                        ? words.of(record.passes() ? "bench.passes" : "bench.departs")
                        : words.of(
                                "bench.state." + state,
                                record.run().here().map(h -> h.number()).orElse(0));
        return words.of(
                "bench.run",
                when,
                String.join(", ", record.people()),
                result,
                words.duration(Math.max(1, Math.round(record.hands() / MINUTE)) * MINUTE));
    }
}
