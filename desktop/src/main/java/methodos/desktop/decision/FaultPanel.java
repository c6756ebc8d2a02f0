package methodos.desktop.decision;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.FaultEdits;
import methodos.core.fault.FaultFinding;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;
import methodos.core.typed.StepList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/**
 * The checks of a symptom in their order, where each answer leads, and which steps cure the cause.
 */
public final class FaultPanel extends ScrollPane {

    private static final double ANSWER = 46;
    private static final double TARGET = 130;
    private static final double STEPS = 110;

    private final OpenProject project;
    private final Words words;
    private final Id<Symptom> id;
    private final Consumer<String> message;
    private final Runnable back;
    private final VBox content = new VBox(6);
    private final VBox aside = new VBox(6);
    private final VBox open = new VBox(2);
    private final Map<Id<Symptom.Check>, Boolean> answers = new LinkedHashMap<>();
    private final Label found = Controls.prose("", "accent-strong");
    private Symptom shown;

    /**
     * @param id of the symptom
     * @param back called when the work on it is done, or it is taken out
     */
    public FaultPanel(
            OpenProject project, Id<Symptom> id, Consumer<String> message, Runnable back) {
        this.project = project;
        this.words = project.words();
        this.id = id;
        this.message = message;
        this.back = back;
        content.setPadding(new Insets(14, 18, 18, 18));
        setContent(content);
        setFitToWidth(true);
        setId("fault");
        found.setId("found");
        getStyleClass().add("place");
        refresh();
    }

    /** What stands beside it: whether every answer leads to a cause, and what was tried. */
    public VBox aside() {
        return aside;
    }

    /** Shows the symptom as it is now. */
    public void refresh() {
        Symptom now = project.manual().symptom(id).orElse(null);
        if (now == null) {
            back.run();
            return;
        }
        if (!now.equals(shown)) {
            shown = now;
            Controls.anew(content, () -> fill(now));
        }
        points(now);
    }

    private void points(Symptom symptom) {
        List<OpenPoint> now =
                project.openPoints().get().stream()
                        .filter(p -> p.matter() == Matter.VALUES && id.text().equals(p.subject()))
                        .toList();
        open.getChildren().clear();
        now.forEach(
                p ->
                        open.getChildren()
                                .add(
                                        Controls.prose(
                                                words.of(p.key(), p.arguments().toArray()),
                                                "open")));
        if (now.isEmpty() && !symptom.checks().isEmpty()) {
            open.getChildren().add(Controls.label(words.of("fault.complete"), "accent"));
        }
    }

    private static HBox row(Node... nodes) {
        return Controls.row(6, nodes);
    }

    private TextField field(String name, String key, String now, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), name, words.of(key));
        HBox.setHgrow(field, Priority.ALWAYS);
        Controls.kept(field, keep, message);
        return field;
    }

    private void fill(Symptom symptom) {
        content.getChildren()
                .setAll(
                        row(
                                field(
                                        "symptomWhat",
                                        "fault.what",
                                        symptom.what(),
                                        text ->
                                                project.apply(
                                                        FaultEdits.symptom(
                                                                id, s -> s.withWhat(text)))),
                                Controls.button("faultBack", words.of("decision.back"), back),
                                Controls.link(
                                        "deleteSymptom",
                                        words.of("fault.delete"),
                                        () -> project.apply(FaultEdits.deleteSymptom(id)))),
                        Controls.label(words.of("fault.checks"), "panel-head"));
        for (int i = 0; i < symptom.checks().size(); i++) {
            check(symptom, i);
        }
        TextField add = Controls.named(new TextField(), "newCheck", words.of("fault.newCheck"));
        add.setOnAction(
                e -> {
                    String ask = add.getText().strip();
                    if (!ask.isEmpty()) {
                        project.apply(FaultEdits.addCheck(id, ask));
                    }
                });
        content.getChildren().add(add);
        aside.getChildren()
                .setAll(Controls.label(words.of("fault.check.head"), "panel-head"), open, found);
        tell(symptom);
    }

    private void check(Symptom symptom, int at) {
        Check check = symptom.checks().get(at);
        Label number = Controls.label(String.valueOf(at + 1), "step-number");
        number.setMinWidth(18);
        content.getChildren()
                .addAll(
                        row(
                                number,
                                field(
                                        "ask-" + at,
                                        "fault.ask",
                                        check.ask(),
                                        text ->
                                                project.apply(
                                                        FaultEdits.check(
                                                                id, at, c -> c.withAsk(text)))),
                                Controls.link(
                                        "deleteCheck-" + at,
                                        words.of("decision.out"),
                                        () -> project.apply(FaultEdits.deleteCheck(id, at)))),
                        answer(symptom, at, true),
                        answer(symptom, at, false));
    }

    private HBox answer(Symptom symptom, int at, boolean yes) {
        Check check = symptom.checks().get(at);
        Outcome outcome = yes ? check.yes() : check.no();
        String key = (yes ? "yes-" : "no-") + at;
        ToggleButton given = new ToggleButton(words.of(yes ? "fault.yes" : "fault.no"));
        given.setId(key);
        given.getStyleClass().add("framer");
        given.setMinWidth(ANSWER);
        given.setPrefWidth(ANSWER);
        given.setSelected(Boolean.valueOf(yes).equals(answers.get(check.id())));
        given.setOnAction(
                e -> {
                    answers.put(check.id(), yes);
                    Controls.anew(content, () -> fill(symptom));
                });
        ComboBox<Check> target =
                Controls.named(new ComboBox<>(), "leads-" + key, words.of("fault.leads"));
        target.getItems().add(null);
        symptom.checks().stream()
                .filter(c -> !c.id().equals(check.id()))
                .forEach(target.getItems()::add);
        target.setConverter(
                new NameConverter<>(
                        c ->
                                c == null
                                        ? words.of("fault.cause")
                                        : words.of(
                                                "fault.check", symptom.checks().indexOf(c) + 1)));
        target.setValue(outcome == null ? null : symptom.check(outcome.check()).orElse(null));
        target.setPrefWidth(TARGET);
        target.setMinWidth(TARGET);
        target.setOnAction(
                e ->
                        outcome(
                                at,
                                yes,
                                target.getValue() == null
                                        ? null
                                        : Outcome.next(target.getValue().id())));
        HBox row = row(given, target);
        row.setPadding(new Insets(0, 0, 0, 26));
        if (outcome == null || outcome.cause() != null) {
            cause(row, at, yes, key, outcome);
        }
        return row;
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    private void cause(HBox row, int at, boolean yes, String key, Outcome outcome) {
        List<Id<Step>> steps = outcome == null ? List.of() : outcome.steps();
        TextField cause =
                field(
                        "cause-" + key,
                        "fault.causeIs",
                        outcome == null ? "" : outcome.cause(),
                        text ->
                                outcome(
                                        at,
                                        yes,
                                        text.isEmpty() ? null : Outcome.cause(text, steps)));
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        TextField cured =
                field(
                        "steps-" + key,
                        "fault.steps",
                        StepList.text(steps, numbers),
                        text -> {
                            if (outcome == null) {
                                throw new IllegalArgumentException(words.of("fault.causeFirst"));
                            }
                            outcome(
                                    at,
                                    yes,
                                    Outcome.cause(outcome.cause(), StepList.parse(text, numbers)));
                        });
        Controls.width(cured, STEPS);
        row.getChildren().addAll(cause, Controls.label(words.of("fault.cure"), "soft"), cured);
    }

    private void outcome(int at, boolean yes, Outcome outcome) {
        project.apply(FaultEdits.outcome(id, at, yes, outcome));
    }

    /** What the answers that were given lead to. */
    private void tell(Symptom symptom) {
        Outcome end = FaultFinding.walk(symptom, answers);
        found.setText(
                answers.isEmpty()
                        ? ""
                        : end == null
                                ? words.of("fault.goOn")
                                : words.of("fault.found", end.cause()));
    }
}
