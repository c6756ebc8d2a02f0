package methodos.desktop.stores;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.edit.StoreEdits;
import methodos.core.ledger.PartLine;
import methodos.core.manual.Consumable;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.PartUse.Supply;
import methodos.core.manual.Replacement;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.parts.PartsAnswer;
import methodos.core.typed.TypedList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsChooser;

/** The chosen line of the stores: what the lists say of it, and what each step does with it. */
final class StorePanel extends VBox {

    private static final double NAME = 74;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final Consumer<OpenPoint> go;
    private final PartEntry entry;
    private final InKits kits;
    private Shown shown;

    /** What the controls were made from. */
    private record Shown(
            String id, Manual manual, Sight sight, Optional<PartsAnswer.Offer> offer) {}

    StorePanel(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        super(5);
        this.project = project;
        this.words = project.words();
        this.message = message;
        this.go = go;
        this.entry = new PartEntry(project);
        this.kits = new InKits(project, message);
        setId("storePanel");
    }

    /**
     * @param row null where none is chosen
     */
    void show(StoreRow row) {
        Shown now =
                new Shown(
                        row == null ? null : row.id(),
                        project.manual(),
                        project.sight().get(),
                        row instanceof StoreRow.Parts p ? offer(p.row().part()) : Optional.empty());
        if (!now.equals(shown)) {
            shown = now; // else what is being typed stays
            Controls.anew(this, () -> fill(row));
        }
    }

    private void fill(StoreRow row) {
        getChildren().clear();
        if (row instanceof StoreRow.Parts p) {
            part(p.row().line());
        } else if (row instanceof StoreRow.Tools t) {
            tool(t.row().tool(), t.row().steps());
        } else if (row instanceof StoreRow.Consumables c) {
            Consumable consumable = c.row().consumable();
            used(
                    consumable.label(),
                    List.of(consumable.amount(), consumable.reason()),
                    c.row().steps());
            getChildren().addAll(kits.ofConsumable(consumable.id()));
        } else {
            getChildren().add(Controls.prose(words.of("stores.choose"), "soft"));
        }
    }

    private void part(PartLine line) {
        // what the list says, not what is practised
        Part part = project.manual().part(line.part().id()).orElseThrow();
        getChildren().add(Controls.prose(part.label(), "panel-head"));
        field("partNumber", part.number(), part, Part::withNumber);
        field("partItem", part.item(), part, Part::withItem);
        field("partName", part.name(), part, entry::name);
        field("partSize", part.size(), part, Part::withSize);
        field("partQuantity", String.valueOf(part.quantity()), part, entry::quantity);
        rule(part);
        field("partOn", entry.sitsOn(part), part, entry::sitsOn);
        field("partCovered", entry.coveredBy(part), part, entry::coveredBy);
        replaced(part);
        offered(part);
        field("partNote", part.note(), part, Part::withNote);
        field("partConverted", entry.convertedTo(part), part, entry::convertedTo);
        field("partSet", part.set(), part, Part::withSet);
        field("partMass", part.mass() == null ? "" : part.mass().print(), part, entry::mass);
        field("partLifting", part.lifting(), part, Part::withLifting);
        field("partWayRound", part.wayRound(), part, Part::withWayRound);
        field(
                "partPlaces",
                String.join(", ", part.places()),
                part,
                (p, typed) -> p.withPlaces(TypedList.names(typed)));
        getChildren()
                .add(
                        new UnitsChooser(
                                project,
                                "part",
                                part.applicability(),
                                a -> change(part, p -> p.withApplicability(a))));
        stops(part, line);
    }

    private void tool(Tool tool, List<Integer> steps) {
        String instead =
                tool.instead() == null
                        ? ""
                        : project.manual()
                                .tool(tool.instead().tool())
                                .map(i -> words.of("stores.or", i.label()))
                                .orElse("");
        String reason = tool.instead() == null ? "" : tool.instead().reason();
        used(tool.label(), List.of(tool.note(), instead, reason), steps);
        sketch(tool);
        getChildren().addAll(kits.ofTool(tool.id()));
    }

    /** A tool or a consumable, and the steps that use it. */
    private void used(String name, List<String> notes, List<Integer> steps) {
        getChildren().add(Controls.prose(name, "panel-head"));
        notes.stream().filter(n -> !n.isBlank()).forEach(n -> getChildren().add(Controls.prose(n)));
        getChildren().add(Controls.label(words.of("stores.inSteps"), "strong"));
        if (steps.isEmpty()) {
            getChildren().add(Controls.prose(words.of("stores.inNoStep"), "soft"));
        }
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        project.manual()
                .steps()
                .filter(s -> steps.contains(numbers.of(s.id()).orElse(0)))
                .forEach(
                        s ->
                                getChildren()
                                        .add(
                                                Controls.link(
                                                        "stop-" + s.id(),
                                                        words.of(
                                                                "stores.usedIn",
                                                                numbers.of(s.id()).orElseThrow()),
                                                        () -> go(s.id()))));
    }

    /** The figure that shows how a tool is made. */
    private void sketch(Tool tool) {
        ComboBox<Figure> box =
                Controls.named(new ComboBox<>(), "toolSketch", words.of("stores.sketch"));
        box.getItems().add(null);
        box.getItems().addAll(project.manual().figures());
        box.setConverter(
                new NameConverter<>(
                        f ->
                                f == null
                                        ? words.of("stores.noSketch")
                                        : f.title().isBlank() ? f.id().text() : f.title()));
        box.setValue(
                tool.sketch() == null ? null : project.manual().figure(tool.sketch()).orElse(null));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(
                e ->
                        project.apply(
                                StoreEdits.lists(
                                        StoreEdits.tool(
                                                tool.id(),
                                                t ->
                                                        t.withSketch(
                                                                box.getValue() == null
                                                                        ? null
                                                                        : box.getValue().id())))));
        row("sketch", box);
        if (box.getValue() != null) {
            Id<Figure> figure = box.getValue().id();
            getChildren()
                    .add(
                            Controls.link(
                                    "showSketch",
                                    words.of("stores.showSketch"),
                                    () -> go.accept(OpenPoint.toFigure(figure))));
        }
    }

    private void go(Id<Step> step) {
        go.accept(OpenPoint.toStep(step));
    }

    private void change(Part part, UnaryOperator<Part> change) {
        project.apply(StoreEdits.lists(StoreEdits.part(part.id(), change)));
    }

    private void row(String id, Node control) {
        Label name = Controls.label(words.of("stores." + id), "soft");
        name.setMinWidth(NAME);
        name.setLabelFor(control);
        HBox.setHgrow(control, Priority.ALWAYS);
        getChildren().add(Controls.row(4, name, control));
    }

    private void field(String id, String now, Part part, BiFunction<Part, String, Part> change) {
        TextField field = Controls.named(new TextField(now), id, words.of("stores." + id));
        Controls.kept(
                field,
                typed -> {
                    if (!change.apply(part, typed).equals(part)) {
                        change(part, p -> change.apply(p, typed));
                    }
                },
                message);
        row(id, field);
    }

    private void rule(Part part) {
        ComboBox<ReuseRule> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(ReuseRule.values())),
                        "partRule",
                        words.of("stores.partRule"));
        box.setConverter(NameConverter.of(words));
        box.setValue(part.reuse());
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> change(part, p -> p.withReuse(box.getValue())));
        row("partRule", box);
    }

    private void replaced(Part part) {
        Replacement now = part.replacement();
        field(
                "partReplaced",
                now == null ? "" : now.number(),
                part,
                (p, typed) ->
                        p.withReplacement(
                                typed.isEmpty()
                                        ? null
                                        : new Replacement(
                                                typed,
                                                now == null ? null : now.serials(),
                                                now == null ? null : now.from())));
        if (now != null) {
            getChildren()
                    .add(
                            Controls.link(
                                    "takeReplacement",
                                    words.of("stores.takeReplacement", now.number()),
                                    () -> project.apply(StoreEdits.replace(part.id()))));
        }
    }

    /** What the parts service said of it. */
    private Optional<PartsAnswer.Offer> offer(Part part) {
        return project.workspace().get().partsAnswer().offer(part.number());
    }

    private void offered(Part part) {
        offer(part)
                .ifPresent(
                        o -> {
                            getChildren()
                                    .add(
                                            Controls.label(
                                                    words.of("stores.offer", o.price(), o.stock()),
                                                    "soft"));
                            if (o.replacement() != null
                                    && !o.replacement().equals(part.replacement())) {
                                getChildren()
                                        .add(
                                                Controls.link(
                                                        "noteReplacement",
                                                        words.of(
                                                                "stores.noteReplacement",
                                                                o.replacement().number()),
                                                        () ->
                                                                project.apply(
                                                                        StoreEdits.replaced(
                                                                                part.id(),
                                                                                o.replacement()))));
                            }
                        });
    }

    private void stops(Part part, PartLine line) {
        Label head = Controls.label(words.of("stores.inSteps"), "strong");
        VBox.setMargin(head, new Insets(6, 0, 0, 0));
        getChildren().add(head);
        if (line.stops().isEmpty()) {
            getChildren().add(Controls.prose(words.of("stores.inNoStep"), "soft"));
        }
        for (PartLine.Stop stop : line.stops()) {
            Button step =
                    Controls.link(
                            "stop-" + stop.step(),
                            words.of("stores.step", stop.number(), stop.count()),
                            () -> go(stop.step()));
            step.setMinWidth(NAME + 22);
            ComboBox<Handling> box =
                    Controls.named(
                            new ComboBox<>(FXCollections.observableArrayList(Handling.values())),
                            "handling-" + stop.step(),
                            words.of("stores.handling", stop.number()));
            box.setConverter(NameConverter.of(words));
            box.setValue(stop.handling());
            box.setMaxWidth(Double.MAX_VALUE);
            box.setOnAction(
                    e -> project.apply(StepEdits.handling(stop.step(), part.id(), box.getValue())));
            HBox.setHgrow(box, Priority.ALWAYS);
            getChildren().add(Controls.row(4, step, box));
            if (stop.handling() == Handling.PUT_ON) {
                getChildren().add(supply(part, stop));
            }
        }
    }

    /** Which ones a step puts on: those that the rule says, unless the step says otherwise. */
    private ComboBox<Supply> supply(Part part, PartLine.Stop stop) {
        ComboBox<Supply> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(Supply.values())),
                        "supply-" + stop.step(),
                        words.of("stores.supply", stop.number()));
        box.getItems().add(0, null);
        box.setConverter(
                new NameConverter<>(s -> s == null ? words.of("stores.supply.rule") : words.of(s)));
        box.setValue(
                project.manual().step(stop.step()).stream()
                        .flatMap(s -> s.parts().stream())
                        .filter(u -> u.part().equals(part.id()) && u.supply() != null)
                        .map(PartUse::supply)
                        .findFirst()
                        .orElse(null));
        box.setMaxWidth(Double.MAX_VALUE);
        VBox.setMargin(box, new Insets(0, 0, 0, NAME + 26));
        box.setOnAction(
                e -> project.apply(StepEdits.supply(stop.step(), part.id(), box.getValue())));
        return box;
    }
}
