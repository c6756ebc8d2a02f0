package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.typed.AmountAndPlace;
import methodos.core.typed.TypedList;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.PartLine;
import methodos.desktop.control.PickField;
import methodos.desktop.project.OpenProject;

/** The parts of a step with how many, where and which way round; and what it uses up. */
final class StepSupplies {

    private final OpenProject project;
    private final Words words;
    private final StepFields fields;

    StepSupplies(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.words = project.words();
        this.fields = new StepFields(words, message);
    }

    // ---------------------------------------------------------------- parts

    Node parts(Step step) {
        VBox list = new VBox(4);
        for (PartUse use : step.parts()) {
            project.manual()
                    .part(use.part())
                    .ifPresent(p -> list.getChildren().add(part(step, use, p)));
        }
        List<String> known = project.manual().parts().stream().map(PartLine::of).toList();
        list.getChildren().add(pick("addPart", "step.addPart", known, n -> addPart(step, n)));
        return list;
    }

    private Node part(Step step, PartUse use, Part part) {
        Label balloon = Controls.label(part.heard() ? "?" : part.item(), "balloon");
        Label name = Controls.prose(part.label());
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        TextField count =
                Controls.named(
                        new TextField(String.valueOf(use.count())),
                        "partCount-" + part.id(),
                        words.of("step.partCount", part.name()));
        count.setPrefColumnCount(2);
        Controls.kept(
                count,
                typed ->
                        TypedNumber.count(typed)
                                .ifPresentOrElse(
                                        n -> project.apply(StepEdits.part(step.id(), part.id(), n)),
                                        () -> count.setText(String.valueOf(use.count()))));
        HBox line = new HBox(6, balloon, name, count);
        line.setAlignment(Pos.CENTER_LEFT);
        Button out =
                Controls.button(
                        "removePart-" + part.id(),
                        "×",
                        () -> project.apply(StepEdits.part(step.id(), part.id(), 0)));
        out.setAccessibleText(words.of("step.removeTool", part.label()));
        line.getChildren().add(out);
        VBox all = new VBox(3, line);
        // asked only where the part has a way round or places of its own
        if (!part.wayRound().isBlank() || !use.wayRound().isBlank()) {
            all.getChildren()
                    .add(
                            fields.named(
                                    "partWayRound-" + part.id(),
                                    words.of("step.partWayRound", part.wayRound()),
                                    use.wayRound(),
                                    typed -> change(step, part, u -> u.withWayRound(typed))));
        }
        if (!part.places().isEmpty() || !use.places().isEmpty()) {
            all.getChildren()
                    .add(
                            fields.named(
                                    "partPlaces-" + part.id(),
                                    words.of("step.partPlaces", String.join(", ", part.places())),
                                    String.join(", ", use.places()),
                                    typed ->
                                            change(
                                                    step,
                                                    part,
                                                    u -> u.withPlaces(TypedList.names(typed)))));
        }
        return all;
    }

    private void change(Step step, Part part, UnaryOperator<PartUse> change) {
        project.apply(StepEdits.use(step.id(), part.id(), change));
    }

    private void addPart(Step step, String name) {
        Optional<Part> known = PartLine.part(project.manual(), name);
        project.apply(
                known.map(p -> StepEdits.part(step.id(), p.id(), 1))
                        .orElseGet(() -> StepEdits.newPart(step.id(), name)));
    }

    // ---------------------------------------------------------------- consumables

    Node consumables(Step step) {
        VBox list = new VBox(4);
        for (ConsumableUse use : step.consumables()) {
            project.manual()
                    .consumable(use.consumable())
                    .ifPresent(c -> list.getChildren().add(consumable(step, use, c)));
        }
        List<String> known =
                project.manual().consumables().stream().map(Consumable::label).toList();
        list.getChildren()
                .add(
                        pick(
                                "addConsumable",
                                "step.addConsumable",
                                known,
                                n -> addConsumable(step, n)));
        return list;
    }

    private Node consumable(Step step, ConsumableUse use, Consumable consumable) {
        UsedLine line =
                new UsedLine(
                        project,
                        "removeConsumable-" + consumable.id(),
                        consumable.label(),
                        StepEdits.consumable(step.id(), consumable.id(), false));
        TextField much =
                fields.named(
                        "consumableMuch-" + consumable.id(),
                        words.of("step.consumableMuch"),
                        new AmountAndPlace(use.amount(), use.place()).text(),
                        typed -> {
                            AmountAndPlace told = AmountAndPlace.parse(typed);
                            project.apply(
                                    StepEdits.consumable(
                                            step.id(),
                                            use.withAmount(told.amount()).withPlace(told.place())));
                        });
        return new VBox(3, line, much);
    }

    private void addConsumable(Step step, String name) {
        project.apply(
                project.manual().consumables().stream()
                        .filter(c -> c.label().equalsIgnoreCase(name))
                        .findFirst()
                        .map(c -> StepEdits.consumable(step.id(), c.id(), true))
                        .orElseGet(() -> StepEdits.newConsumable(step.id(), name)));
    }

    private PickField pick(String id, String key, List<String> known, Consumer<String> add) {
        PickField field = new PickField(known, words, add);
        field.setPromptText(words.of(key));
        return Controls.named(field, id, words.of(key));
    }
}
