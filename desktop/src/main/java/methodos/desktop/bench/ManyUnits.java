package methodos.desktop.bench;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Slips;
import methodos.core.bench.WhatItTakes;
import methodos.core.manual.Sight;
import methodos.core.manual.Variant;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** What the overhaul of many units would take, by simulated ones. */
final class ManyUnits {

    private static final int UNITS = 1000;
    private static final double MINUTE = 60;

    private final OpenProject project;
    private final Words words;
    private final ExecutorService simulating;
    private final VBox told = new VBox(6);
    private final Button ask;
    private final VBox node;

    ManyUnits(OpenProject project) {
        this.project = project;
        this.words = project.words();
        simulating = project.background().thread("work.simulation");
        ask = Controls.button("manyUnits", words.of("bench.many", UNITS), this::simulate);
        told.setId("manyUnitsTold");
        node =
                new VBox(
                        8,
                        Controls.label(words.of("bench.manyHead"), "panel-head"),
                        ask,
                        told,
                        Controls.prose(words.of("bench.manyNote"), "soft"));
    }

    Region node() {
        return node;
    }

    /** Ends what simulates. */
    void end() {
        simulating.shutdown();
    }

    private void simulate() {
        ask.setDisable(true);
        told.getChildren().setAll(Controls.prose(words.of("bench.manyGoing"), "soft"));
        PractisedManual practised = project.practised();
        Sight sight = project.sight().get();
        List<Sight> sights =
                practised.manual().variants().stream()
                        .filter(v -> Sight.of(v).meets(sight))
                        .map((Variant v) -> Sight.of(v))
                        .toList();
        List<Sight> units = sights.isEmpty() || !sight.everything() ? List.of(sight) : sights;
        simulating.execute(
                () -> {
                    WhatItTakes takes = WhatItTakes.of(practised, units, UNITS, Slips.USUAL, 1);
                    Platform.runLater(() -> show(takes));
                });
    }

    private void show(WhatItTakes takes) {
        ask.setDisable(false);
        String parts =
                takes.parts().stream()
                        .map(
                                p ->
                                        words.of(
                                                "bench.manyPart",
                                                p.part().item(),
                                                p.part().name(),
                                                String.format(Locale.ROOT, "%.2f", p.mean())))
                        .collect(Collectors.joining("; "));
        told.getChildren()
                .setAll(
                        Controls.prose(
                                words.of(
                                        "bench.manyPass",
                                        takes.passed(),
                                        takes.units(),
                                        takes.deviating())),
                        Controls.prose(
                                words.of(
                                        "bench.manyTime",
                                        time(takes.hands().median()),
                                        time(takes.hands().tenth()),
                                        time(takes.hands().ninetieth()))));
        if (!parts.isEmpty()) {
            told.getChildren().add(Controls.prose(words.of("bench.manyParts", parts)));
        }
    }

    private String time(double seconds) {
        return words.duration(Math.max(1, Math.round(seconds / MINUTE)) * MINUTE);
    }
}
