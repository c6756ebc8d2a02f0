package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.ActionEdits;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.quantity.Quantity;
import methodos.core.typed.Counted;
import methodos.core.typed.TypedList;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.control.PickField;
import methodos.desktop.project.OpenProject;

/** What a step loosens, puts in place, drains or marks, and where it is done once more. */
final class StepActions {

    private static final double VERB = 116;
    private static final double NUMBER = 48;

    private final OpenProject project;

    private final Words words;
    private final Consumer<String> message;
    private final StepFields fields;

    StepActions(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.message = message;
        this.words = project.words();
        this.fields = new StepFields(words, message);
    }

    Node actions(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.actions().size(); i++) {
            list.getChildren().add(action(step, i));
        }
        list.getChildren().add(adder(step));
        return list;
    }

    private Node action(Step step, int at) {
        Action action = step.actions().get(at);
        String text =
                words.of("step.action", words.of(action.verb()), name(action))
                        + (action.count() > 1 ? " × " + action.count() : "");
        UsedLine line =
                new UsedLine(
                        project, "removeAction-" + at, text, ActionEdits.remove(step.id(), at));
        return action.verb().of(LedgerItem.Kind.FLUID)
                ? project.manual()
                        .ledgerItem(action.object())
                        .map(item -> (Node) new VBox(3, line, fluid(step, at, action, item)))
                        .orElse(line)
                : line;
    }

    /** How much goes in or out here; and what is known of the fluid, the same at each step. */
    private Node fluid(Step step, int at, Action action, LedgerItem item) {
        TextField here =
                fields.field(
                        "actionAmount-" + at,
                        "step.fluidHere",
                        text(action.amount()),
                        typed ->
                                project.apply(
                                        ActionEdits.action(
                                                step.id(), at, a -> a.withAmount(amount(typed)))));
        TextField held =
                fields.field(
                        "fluidHeld-" + at,
                        "step.fluidHeld",
                        text(item.amount()),
                        typed -> change(item, i -> i.withAmount(amount(typed))));
        TextField level =
                fields.field(
                        "fluidLevel-" + at,
                        "step.fluidLevel",
                        item.level(),
                        typed -> change(item, i -> i.withLevel(typed)));
        TextField grade =
                fields.field(
                        "fluidGrade-" + at,
                        "step.fluidGrade",
                        item.grade(),
                        typed -> change(item, i -> i.withGrade(typed)));
        return new VBox(3, Controls.row(4, here, held), Controls.row(4, level, grade));
    }

    private void change(LedgerItem item, UnaryOperator<LedgerItem> change) {
        project.apply(ActionEdits.item(item.id(), change));
    }

    private static String text(Quantity amount) {
        return amount == null ? "" : amount.print();
    }

    private static Quantity amount(String typed) {
        return typed.isBlank() ? null : Quantity.parse(typed);
    }

    private String name(Action action) {
        Manual manual = project.manual();
        return manual.joint(action.object())
                .map(Joint::name)
                .or(() -> manual.ledgerItem(action.object()).map(LedgerItem::name))
                .orElse(action.object().text());
    }

    private HBox adder(Step step) {
        ComboBox<Action.Verb> verb =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(Action.Verb.values())),
                        "actionVerb",
                        words.of("step.actionVerb"));
        verb.setConverter(NameConverter.of(words));
        Controls.width(verb, VERB);
        HBox row = Controls.row(6, verb);
        verb.setOnAction(e -> object(step, verb.getValue(), row));
        verb.setValue(Action.Verb.LOOSEN);
        object(step, Action.Verb.LOOSEN, row);
        return row;
    }

    /** What the verb can be done to is offered; a new aid, fluid or mark is just named. */
    private void object(Step step, Action.Verb verb, HBox row) {
        List<String> known =
                verb.ofJoint()
                        ? project.manual().joints().stream().map(Joint::name).toList()
                        : Stream.concat(
                                        project.manual().ledgerItems().stream()
                                                .filter(m -> verb.of(m.kind()))
                                                .map(LedgerItem::name),
                                        verb == Action.Verb.PUT_IN_PLACE
                                                ? project.manual().tools().stream().map(Tool::label)
                                                : Stream.of())
                                .toList();
        PickField field =
                Controls.named(
                        new PickField(known, words, typed -> add(step, verb, typed)),
                        "actionObject",
                        words.of("step.actionObject"));
        HBox.setHgrow(field, Priority.ALWAYS);
        row.getChildren().setAll(row.getChildren().get(0), field);
    }

    private void add(Step step, Action.Verb verb, String typed) {
        Counted counted =
                verb.of(LedgerItem.Kind.AID) ? Counted.parse(typed) : new Counted(1, typed);
        project.apply(ActionEdits.add(step.id(), verb, counted.name(), counted.count()));
    }

    // ---------------------------------------------------------------- repeats

    /** Where the steps from this one on are done once more. */
    Node repeat(Step step) {
        Optional<Repeat> now = repeatFrom(step);
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        String last =
                numbers.of(now.map(Repeat::to).orElse(step.id())).stream()
                        .mapToObj(String::valueOf)
                        .findFirst()
                        .orElse("");
        TextField to = Controls.named(new TextField(last), "repeatTo", words.of("step.repeatTo"));
        Controls.width(to, NUMBER);
        TextField places =
                told("repeatPlaces", now.map(r -> String.join(", ", r.places())).orElse(""));
        TextField until = told("repeatUntil", now.map(Repeat::until).orElse(""));
        TextField least = told("repeatLeast", now.map(r -> count(r.least())).orElse(""));
        TextField most = told("repeatMost", now.map(r -> count(r.most())).orElse(""));
        TextField otherwise = told("repeatOtherwise", now.map(Repeat::otherwise).orElse(""));
        Label problem = Controls.prose("", "problem");
        Controls.seen(problem, false);
        UnaryOperator<Repeat> told =
                r ->
                        r.withPlaces(TypedList.names(places.getText()))
                                .withUntil(until.getText().strip())
                                .withLeast(times(least))
                                .withMost(times(most))
                                .withOtherwise(otherwise.getText().strip());
        Runnable keep =
                () -> {
                    Optional<Id<Step>> end = numbers.step(to.getText().strip());
                    boolean known = end.isPresent() && follows(step.id(), end.get());
                    problem.setText(words.of("step.repeatWrong"));
                    Controls.seen(problem, !known);
                    boolean empty =
                            Stream.of(places, until, least, most, otherwise)
                                    .allMatch(f -> f.getText().isBlank());
                    if (known && (repeatFrom(step).isPresent() || !empty)) {
                        project.apply(ActionEdits.repeat(step.id(), end.get(), told));
                    }
                };
        Stream.of(to, places, until, least, most, otherwise)
                .forEach(f -> Controls.kept(f, typed -> keep.run(), message));
        VBox all =
                new VBox(
                        4,
                        places,
                        Controls.row(6, Controls.label(words.of("step.repeatUpTo"), "soft"), to));
        // how rounds end is asked where they go on until something, or nothing is said of it yet
        if (now.isEmpty() || now.get().places().isEmpty() || !now.get().until().isEmpty()) {
            all.getChildren().addAll(until, Controls.row(4, least, most), otherwise);
        }
        all.getChildren().add(problem);
        return all;
    }

    private TextField told(String id, String now) {
        return Controls.named(new TextField(now), id, words.of("step." + id));
    }

    private static String count(int times) {
        return times == 0 ? "" : String.valueOf(times);
    }

    private static int times(TextField field) {
        String typed = field.getText().strip();
        return typed.isEmpty() ? 0 : TypedNumber.needed(typed);
    }

    private Optional<Repeat> repeatFrom(Step step) {
        return project.manual().repeats().stream()
                .filter(r -> r.from().equals(step.id()))
                .findFirst();
    }

    /** Whether a step stands in the stage of another, at or behind it. */
    private boolean follows(Id<Step> from, Id<Step> to) {
        return project.manual()
                .stageOf(from)
                .map(
                        stage -> {
                            List<Id<Step>> ids = stage.steps().stream().map(Step::id).toList();
                            return ids.indexOf(to) >= ids.indexOf(from);
                        })
                .orElse(false);
    }
}
