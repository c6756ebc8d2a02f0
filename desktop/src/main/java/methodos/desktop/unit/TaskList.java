package methodos.desktop.unit;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Task;
import methodos.core.manual.Training;
import methodos.core.typed.StepList;
import methodos.core.typed.TypedList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** What is due again and again, and where the manual stands in a series of trainings. */
final class TaskList extends VBox {

    private static final double EVERY = 130;
    private static final double COUNTER = 150;
    private static final double STEPS = 90;
    private static final double NAME = 110;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private List<Object> shown = List.of();

    TaskList(OpenProject project, Consumer<String> message) {
        super(5);
        this.project = project;
        this.words = project.words();
        this.message = message;
        setId("tasks");
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        List<Object> now =
                List.of(
                        project.manual().tasks(),
                        project.manual().training(),
                        project.manual().ledgerItems(),
                        project.manual().steps().map(s -> s.id()).toList(),
                        project.sight().get());
        if (!now.equals(shown)) {
            shown = now;
            Controls.anew(this, this::fill);
        }
    }

    private void fill() {
        getChildren().clear();
        for (int i = 0; i < project.manual().tasks().size(); i++) {
            getChildren().add(task(i));
        }
        Training training = project.manual().training();
        getChildren()
                .addAll(
                        named(
                                "trainingBefore",
                                "training.before",
                                String.join("; ", training.presupposes()),
                                typed ->
                                        project.apply(
                                                UnitEdits.training(
                                                        new Training(
                                                                TypedList.titles(typed),
                                                                training.leadsTo())))),
                        named(
                                "trainingAfter",
                                "training.after",
                                String.join("; ", training.leadsTo()),
                                typed ->
                                        project.apply(
                                                UnitEdits.training(
                                                        new Training(
                                                                training.presupposes(),
                                                                TypedList.titles(typed))))));
    }

    private HBox task(int at) {
        Task task = project.manual().tasks().get(at);
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        TextField what = task(at, "taskWhat", "task.what", task.what(), task::withWhat);
        HBox.setHgrow(what, Priority.ALWAYS);
        TextField every = task(at, "taskEvery", "task.every", task.every(), task::withEvery);
        Controls.width(every, EVERY);
        TextField steps =
                task(
                        at,
                        "taskSteps",
                        "task.steps",
                        StepList.text(task.steps(), numbers),
                        typed -> task.withSteps(StepList.parse(typed, numbers)));
        Controls.width(steps, STEPS);
        var out =
                Controls.button(
                        "deleteTask-" + at, "×", () -> project.apply(UnitEdits.task(at, null)));
        out.setAccessibleText(words.of("decision.out"));
        return Controls.row(6, what, every, counter(at, task), steps, out);
    }

    private Node counter(int at, Task task) {
        ComboBox<LedgerItem> box =
                Controls.named(new ComboBox<>(), "taskCounter-" + at, words.of("task.counter"));
        box.getItems().add(null);
        project.manual().ledgerItems().stream()
                .filter(i -> i.kind() == LedgerItem.Kind.COUNTER)
                .forEach(box.getItems()::add);
        box.setConverter(
                new NameConverter<>(i -> i == null ? words.of("task.calendar") : i.name()));
        box.setValue(
                task.counter() == null
                        ? null
                        : project.manual().ledgerItem(task.counter()).orElse(null));
        Controls.width(box, COUNTER);
        box.setOnAction(
                e ->
                        project.apply(
                                UnitEdits.task(
                                        at,
                                        task.withCounter(
                                                box.getValue() == null
                                                        ? null
                                                        : box.getValue().id()))));
        return box;
    }

    private TextField task(
            int at, String id, String key, String now, Function<String, Task> change) {
        return field(
                id + "-" + at,
                key,
                now,
                typed -> project.apply(UnitEdits.task(at, change.apply(typed))));
    }

    private HBox named(String id, String key, String now, Consumer<String> keep) {
        TextField field = field(id, key, now, keep);
        HBox.setHgrow(field, Priority.ALWAYS);
        Label name = Controls.label(words.of(key + ".name"), "soft");
        name.setMinWidth(NAME);
        name.setLabelFor(field);
        return Controls.row(6, name, field);
    }

    private TextField field(String id, String key, String now, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), id, words.of(key));
        Controls.kept(field, keep, message);
        return field;
    }
}
