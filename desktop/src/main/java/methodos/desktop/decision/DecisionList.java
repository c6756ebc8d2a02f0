package methodos.desktop.decision;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.edit.DecisionEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.FaultEdits;
import methodos.core.fit.ConditionText;
import methodos.core.manual.Decision;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Decision tables, what is judged by eye, and fault finding, each in a few lines. */
public final class DecisionList extends VBox {

    private static final double NAME = 292;
    private static final int RULES_SHOWN = 4;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> open;
    private final Consumer<OpenPoint> go;
    private List<Object> shown = List.of();

    /**
     * @param open called with the id of a decision or symptom that is to be worked on
     * @param go goes to a step or figure
     */
    public DecisionList(OpenProject project, Consumer<String> open, Consumer<OpenPoint> go) {
        super(4);
        this.project = project;
        this.words = project.words();
        this.open = open;
        this.go = go;
        setId("decisions");
    }

    /** Fills the lines anew where something is other than before. */
    public void refresh() {
        Manual manual = project.manual();
        StepNumbers numbers = new StepNumbers(manual, project.sight().get());
        List<Object> now =
                List.of(
                        manual.decisions(),
                        manual.symptoms(),
                        manual.steps().map(Step::looks).toList(),
                        project.sight().get(),
                        project.openPoints().get());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().setAll(head("decision.head"));
        manual.decisions().forEach(d -> getChildren().add(row(d, numbers)));
        getChildren().add(adder("newDecision", DecisionEdits::newDecision));
        if (manual.steps().anyMatch(s -> !s.looks().isEmpty())) {
            getChildren().add(head("decision.looks"));
            manual.steps()
                    .filter(s -> numbers.of(s.id()).isPresent())
                    .forEach(s -> s.looks().forEach(l -> getChildren().add(row(s, l, numbers))));
        }
        getChildren().add(head("fault.head"));
        manual.symptoms().forEach(s -> getChildren().add(row(s)));
        getChildren().add(adder("newSymptom", FaultEdits::newSymptom));
    }

    private Label head(String key) {
        Label head = Controls.label(words.of(key), "panel-head");
        VBox.setMargin(head, new javafx.geometry.Insets(12, 0, 0, 0));
        return head;
    }

    private TextField adder(String id, java.util.function.Function<String, Edit> edit) {
        TextField field = Controls.named(new TextField(), id, words.of("decision." + id));
        field.setMaxWidth(NAME);
        field.setOnAction(
                e -> {
                    String name = field.getText().strip();
                    if (!name.isEmpty()) {
                        project.apply(edit.apply(name));
                    }
                });
        return field;
    }

    private HBox line(VBox name, VBox content) {
        Controls.width(name, NAME);
        HBox.setHgrow(content, Priority.ALWAYS);
        HBox row = new HBox(8, name, content);
        row.getStyleClass().add("joint-row");
        return row;
    }

    private HBox row(Decision decision, StepNumbers numbers) {
        String step =
                decision.step() == null || numbers.of(decision.step()).isEmpty()
                        ? ""
                        : words.of("decision.inStep", numbers.of(decision.step()).getAsInt());
        VBox content = new VBox(0);
        decision.rules().stream()
                .limit(RULES_SHOWN)
                .forEach(r -> content.getChildren().add(Controls.prose(told(decision, r))));
        if (decision.rules().size() > RULES_SHOWN) {
            content.getChildren()
                    .add(
                            Controls.label(
                                    words.of("points.more", decision.rules().size() - RULES_SHOWN),
                                    "soft"));
        }
        state(content, decision.id().text(), words.of("decision.complete"));
        return line(name(decision.id().text(), decision.name(), step), content);
    }

    private VBox name(String id, String name, String note) {
        VBox box = new VBox(0, Controls.prose(name, "strong"));
        if (!note.isEmpty()) {
            box.getChildren().add(Controls.label(note, "soft"));
        }
        box.getChildren()
                .add(Controls.link("open-" + id, words.of("decision.open"), () -> open.accept(id)));
        return box;
    }

    /** A rule in a sentence: "end float 0.06 to 0.16: leave the washer in". */
    private String told(Decision decision, Decision.Rule rule) {
        boolean own = rule.when().stream().anyMatch(w -> w.symbol().equals(rule.after()));
        String when =
                rule.when().isEmpty() ? words.of("decision.otherwise") : ConditionText.of(rule);
        String then =
                rule.measure() == null
                        ? rule.verdict()
                        : words.of("decision.thenMeasure", decision.nameOf(rule.measure()));
        return (own ? decision.nameOf(rule.after()) + " " : "") + when + ": " + then;
    }

    /** What is open about it, or that nothing is. */
    private void state(VBox content, String subject, String complete) {
        List<OpenPoint> open =
                project.openPoints().get().stream()
                        .filter(p -> p.matter() == Matter.VALUES && subject.equals(p.subject()))
                        .toList();
        if (open.isEmpty()) {
            content.getChildren().add(Controls.label(complete, "accent"));
        }
        open.forEach(
                p ->
                        content.getChildren()
                                .add(
                                        Controls.prose(
                                                words.of(p.key(), p.arguments().toArray()),
                                                "open")));
    }

    private HBox row(Step step, Look look, StepNumbers numbers) {
        VBox name =
                new VBox(
                        0,
                        Controls.prose(look.what(), "strong"),
                        Controls.link(
                                "look-" + step.id(),
                                words.of("decision.inStep", numbers.of(step.id()).getAsInt()),
                                () -> go.accept(OpenPoint.toStep(step.id()))));
        VBox content =
                new VBox(
                        0,
                        Controls.prose(words.of("decision.pass", look.pass())),
                        Controls.prose(words.of("decision.fail", look.fail())));
        if (look.figure() != null) {
            content.getChildren()
                    .add(
                            Controls.link(
                                    "lookFigure-" + step.id(),
                                    words.of("decision.figure"),
                                    () -> go.accept(OpenPoint.toFigure(look.figure()))));
        } else {
            content.getChildren().add(Controls.label(words.of("decision.noFigure"), "open"));
        }
        return line(name, content);
    }

    private HBox row(Symptom symptom) {
        VBox content = new VBox(0);
        symptom.checks().forEach(c -> content.getChildren().add(Controls.prose(c.ask())));
        state(content, symptom.id().text(), words.of("fault.complete"));
        return line(name(symptom.id().text(), symptom.what(), ""), content);
    }
}
