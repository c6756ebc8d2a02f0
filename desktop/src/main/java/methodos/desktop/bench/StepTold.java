package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.BenchRun;
import methodos.core.bench.StepWork;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** A step as the technician reads it: its figure large, its words, what it is done with. */
final class StepTold {

    private final Words words;
    private final StepPicture picture;
    private final VBox text = new VBox(8);
    private final VBox node;

    StepTold(Words words, StepPicture picture) {
        this.words = words;
        this.picture = picture;
        text.setId("benchStep");
        text.setPadding(new Insets(4, 4, 8, 4));
        ScrollPane scroll = new ScrollPane(text);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("place", "bench-told");
        scroll.setMinHeight(150);
        scroll.setPrefHeight(196);
        node = new VBox(8, picture.node(), scroll);
        VBox.setVgrow(picture.node(), Priority.ALWAYS);
        VBox.setVgrow(scroll, Priority.SOMETIMES);
    }

    Region node() {
        return node;
    }

    void show(BenchRun run, StepWork work) {
        Step step = work.step();
        Manual manual = run.work().manual();
        picture.show(manual, step);
        boolean seen = picture.any();
        picture.node().setManaged(seen);
        picture.node().setVisible(seen);
        text.getChildren().clear();
        String stage = words.of(run.work().stage(work.visit()).kind());
        text.getChildren()
                .add(
                        LargeControls.prose(
                                work.place().isEmpty() ? stage : stage + " · " + work.place(),
                                "accent-strong"));
        Label number = Controls.label(String.valueOf(work.number()), "bench-number");
        number.setMinWidth(Region.USE_PREF_SIZE);
        Label said = Controls.prose(step.text(), "bench-step");
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox row = new HBox(12, number, said);
        row.setFillHeight(false);
        row.setAlignment(Pos.TOP_LEFT);
        text.getChildren().add(row);
        FlowPane facts = new FlowPane(18, 4);
        for (String fact : facts(run, manual, step)) {
            facts.getChildren().add(LargeControls.prose(fact));
        }
        if (!facts.getChildren().isEmpty()) {
            text.getChildren().add(facts);
        }
        if (!step.why().isBlank()) {
            text.getChildren().add(LargeControls.prose(step.why(), "soft"));
        }
        step.notes().forEach(n -> text.getChildren().add(LargeControls.prose(n, "soft")));
        if (picture.count() > 1) {
            text.getChildren()
                    .add(LargeControls.prose(words.of("bench.figures", picture.count()), "soft"));
        }
    }

    private List<String> facts(BenchRun run, Manual manual, Step step) {
        List<String> facts = new ArrayList<>();
        for (PartUse use : step.parts()) {
            manual.part(use.part())
                    .filter(p -> p.applicability().concerns(run.work().sight()))
                    .ifPresent(p -> facts.add(part(p, use)));
        }
        for (var tool : step.tools()) {
            manual.tool(tool).map(Tool::label).ifPresent(t -> facts.add(words.of("bench.with", t)));
        }
        for (ConsumableUse use : step.consumables()) {
            manual.consumable(use.consumable())
                    .ifPresent(
                            c ->
                                    facts.add(
                                            words.of(
                                                    "bench.with",
                                                    use.place().isBlank()
                                                            ? c.label()
                                                            : c.label() + ", " + use.place())));
        }
        return facts;
    }

    private static String part(Part part, PartUse use) {
        String round = use.wayRound().isBlank() ? "" : ", " + use.wayRound();
        return (part.item() + " " + part.name() + (use.count() > 1 ? " × " + use.count() : ""))
                        .strip()
                + round;
    }
}
