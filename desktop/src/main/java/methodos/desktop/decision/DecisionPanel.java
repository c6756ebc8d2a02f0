package methodos.desktop.decision;

import java.util.List;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.DecisionEdits;
import methodos.core.fit.ConditionText;
import methodos.core.fit.Formula;
import methodos.core.fit.MeasureText;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Again;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.typed.StepList;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/**
 * A decision table as a trainer thinks of it: what is measured, and after each measure, if this
 * then that. Readings can be tried; the way that they take is shown.
 */
public final class DecisionPanel extends ScrollPane {

    private static final double SYMBOL = 52;
    private static final double RANGE = 150;
    private static final double TOOL = 180;
    private static final double WHEN = 230;
    private static final double NEXT = 190;
    private static final double STEPS = 84;
    private static final double MOST = 40;
    private static final double THEN = 160;

    private final OpenProject project;
    private final Words words;
    private final Id<Decision> id;
    private final Consumer<String> message;
    private final Runnable back;
    private final VBox content = new VBox(6);
    private final DecisionTryOut tryOut;
    private Decision shown;

    /**
     * @param id of the decision
     * @param back called when the work on it is done, or it is taken out
     */
    public DecisionPanel(
            OpenProject project, Id<Decision> id, Consumer<String> message, Runnable back) {
        this.project = project;
        this.words = project.words();
        this.id = id;
        this.message = message;
        this.back = back;
        this.tryOut =
                new DecisionTryOut(project.background().thread("work.decision"), words, message);
        content.setPadding(new Insets(14, 18, 18, 18));
        setContent(content);
        setFitToWidth(true);
        setId("decision");
        getStyleClass().add("place");
        refresh();
    }

    /** What stands beside it: whether every path ends, and readings to try. */
    public VBox aside() {
        return tryOut;
    }

    /** Shows the decision as it is now. */
    public void refresh() {
        Decision now = project.manual().decision(id).orElse(null);
        if (now == null) {
            back.run();
        } else if (!now.equals(shown)) {
            shown = now;
            Controls.anew(content, () -> fill(now));
        }
    }

    /** Does what was typed, or says why not. */
    private void typed(TextField field, Consumer<String> keep) {
        try {
            keep.accept(field.getText().strip());
        } catch (IllegalArgumentException bad) {
            message.accept(bad.getMessage());
        }
    }

    private TextField field(
            String name, String key, String now, double width, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), name, words.of(key));
        if (width > 0) {
            Controls.width(field, width);
        } else {
            HBox.setHgrow(field, Priority.ALWAYS);
        }
        Controls.kept(field, keep, message);
        return field;
    }

    private static HBox row(Node... nodes) {
        return Controls.row(6, nodes);
    }

    private void fill(Decision decision) {
        content.getChildren()
                .setAll(
                        row(
                                field(
                                        "decisionName",
                                        "decision.name",
                                        decision.name(),
                                        320,
                                        text ->
                                                project.apply(
                                                        DecisionEdits.decision(
                                                                id, d -> d.withName(text)))),
                                Controls.label(words.of("decision.step"), "soft"),
                                field(
                                        "decisionStep",
                                        "decision.step",
                                        number(decision.step()),
                                        56,
                                        this::step),
                                Controls.button("decisionBack", words.of("decision.back"), back),
                                Controls.link(
                                        "deleteDecision",
                                        words.of("decision.delete"),
                                        () -> project.apply(DecisionEdits.deleteDecision(id)))));
        measures(decision);
        derived(decision);
        for (int i = 0; i < decision.measures().size(); i++) {
            rules(decision, decision.measures().get(i));
        }
        tryOut.show(decision);
    }

    private String number(Id<Step> step) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        return step == null || numbers.of(step).isEmpty()
                ? ""
                : String.valueOf(numbers.of(step).getAsInt());
    }

    private void step(String typed) {
        Id<Step> step =
                typed.isEmpty()
                        ? null
                        : new StepNumbers(project.manual(), project.sight().get())
                                .step(typed)
                                .orElseThrow(
                                        () ->
                                                new IllegalArgumentException(
                                                        words.of("decision.noStep", typed)));
        project.apply(DecisionEdits.decision(id, d -> d.withStep(step)));
    }

    // ---------------------------------------------------------------- what is measured

    private void measures(Decision decision) {
        content.getChildren().add(Controls.label(words.of("decision.measures"), "panel-head"));
        for (int i = 0; i < decision.measures().size(); i++) {
            content.getChildren().add(measure(decision.measures().get(i), i));
        }
        TextField add =
                Controls.named(new TextField(), "newMeasure", words.of("decision.newMeasure"));
        add.setMaxWidth(420);
        add.setOnAction(
                e ->
                        typed(
                                add,
                                text ->
                                        project.apply(
                                                DecisionEdits.addMeasure(
                                                        id, MeasureText.measure(text)))));
        content.getChildren().add(add);
    }

    private HBox measure(Measure m, int at) {
        Label symbol = Controls.label(m.symbol(), "strong");
        symbol.setMinWidth(SYMBOL);
        ComboBox<Tool> tool =
                Controls.named(
                        new ComboBox<>(),
                        "measureTool-" + m.symbol(),
                        words.of("decision.instrument"));
        tool.getItems().add(null);
        tool.getItems().addAll(project.manual().tools());
        tool.setConverter(
                new NameConverter<>(
                        t -> t == null ? words.of("decision.noInstrument") : t.label()));
        tool.setValue(m.tool() == null ? null : project.manual().tool(m.tool()).orElse(null));
        tool.setPrefWidth(TOOL);
        tool.setOnAction(
                e ->
                        measure(
                                at,
                                m.withTool(tool.getValue() == null ? null : tool.getValue().id())));
        return row(
                symbol,
                field(
                        "measureName-" + m.symbol(),
                        "decision.what",
                        m.name(),
                        0,
                        text -> measure(at, m.withName(text))),
                field(
                        "measureRange-" + m.symbol(),
                        "decision.between",
                        MeasureText.ranged(m),
                        RANGE,
                        text -> measure(at, MeasureText.ranged(m, text))),
                tool,
                Controls.link(
                        "deleteMeasure-" + m.symbol(),
                        words.of("decision.out"),
                        () ->
                                project.apply(
                                        DecisionEdits.deleteMeasure(
                                                id, at, words.of("decision.verdict.new")))));
    }

    private void measure(int at, Measure measure) {
        project.apply(DecisionEdits.measure(id, at, measure));
    }

    // ---------------------------------------------------------------- what is reckoned

    private void derived(Decision decision) {
        content.getChildren().add(Controls.label(words.of("decision.derived"), "panel-head"));
        for (int i = 0; i < decision.derived().size(); i++) {
            int at = i;
            Derived d = decision.derived().get(i);
            Label symbol = Controls.label(d.symbol() + "  =", "strong");
            symbol.setMinWidth(SYMBOL);
            content.getChildren()
                    .add(
                            row(
                                    symbol,
                                    field(
                                            "formula-" + d.symbol(),
                                            "decision.formula",
                                            d.formula(),
                                            260,
                                            text -> {
                                                Formula.parse(text);
                                                project.apply(
                                                        DecisionEdits.derived(
                                                                id,
                                                                at,
                                                                new Derived(d.symbol(), text)));
                                            }),
                                    Controls.link(
                                            "deleteDerived-" + d.symbol(),
                                            words.of("decision.out"),
                                            () ->
                                                    project.apply(
                                                            DecisionEdits.derived(id, at, null)))));
        }
        TextField add =
                Controls.named(new TextField(), "newDerived", words.of("decision.newDerived"));
        add.setMaxWidth(420);
        add.setOnAction(
                e ->
                        typed(
                                add,
                                text ->
                                        project.apply(
                                                DecisionEdits.addDerived(
                                                        id, MeasureText.derived(text)))));
        content.getChildren().add(add);
    }

    // ---------------------------------------------------------------- if this, then that

    private void rules(Decision decision, Measure measure) {
        String name = measure.name().isEmpty() ? measure.symbol() : measure.name();
        content.getChildren()
                .addAll(
                        Controls.prose(words.of("decision.after", name), "section-head"),
                        Controls.prose(
                                measure.choices().isEmpty()
                                        ? words.of("decision.when.how")
                                        : words.of(
                                                "decision.when.choice",
                                                String.join(", ", measure.choices())),
                                "soft"));
        for (int i = 0; i < decision.rules().size(); i++) {
            if (decision.rules().get(i).after().equals(measure.symbol())) {
                content.getChildren().add(rule(decision, decision.rules().get(i), i));
            }
        }
        content.getChildren()
                .add(
                        Controls.link(
                                "newRule-" + measure.symbol(),
                                words.of("decision.newRule"),
                                () ->
                                        project.apply(
                                                DecisionEdits.addRule(
                                                        id,
                                                        new Rule(
                                                                measure.symbol(),
                                                                List.of(),
                                                                words.of("decision.verdict.new"),
                                                                null)))));
    }

    /** What a rule leads to: a verdict, another measure, or one that is taken again. */
    private record Next(Measure measure, boolean again) {}

    private static final Next DECIDED = new Next(null, false);

    private VBox rule(Decision decision, Rule rule, int at) {
        Label head = Controls.label((at + 1) + "  " + words.of("decision.if"), "soft");
        head.setMinWidth(USE_PREF_SIZE);
        HBox row =
                row(
                        head,
                        field(
                                "when-" + at,
                                "decision.when",
                                ConditionText.of(rule),
                                WHEN,
                                text ->
                                        rule(
                                                at,
                                                rule.withWhen(
                                                        ConditionText.parse(
                                                                decision, rule.after(), text)))),
                        next(decision, rule, at));
        if (rule.verdict() != null) {
            row.getChildren()
                    .add(
                            field(
                                    "verdict-" + at,
                                    "decision.verdict",
                                    rule.verdict(),
                                    0,
                                    text -> rule(at, rule.withVerdict(text))));
        }
        row.getChildren()
                .addAll(
                        Controls.link(
                                "up-" + at,
                                words.of("decision.up"),
                                () -> project.apply(DecisionEdits.ruleUp(id, at))),
                        Controls.link(
                                "deleteRule-" + at,
                                words.of("decision.out"),
                                () -> rule(at, null)));
        VBox all = new VBox(3, row);
        if (rule.measure() == null) {
            all.getChildren().add(led(rule, at));
        }
        return all;
    }

    private ComboBox<Next> next(Decision decision, Rule rule, int at) {
        ComboBox<Next> next =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(DECIDED)),
                        "next-" + at,
                        words.of("decision.then"));
        decision.measures().forEach(m -> next.getItems().add(new Next(m, false)));
        decision.measures().forEach(m -> next.getItems().add(new Next(m, true)));
        next.setConverter(new NameConverter<>(this::name));
        next.setValue(
                next.getItems().stream()
                        .filter(n -> n.measure() != null && leads(rule, n))
                        .findFirst()
                        .orElse(DECIDED));
        next.setPrefWidth(NEXT);
        next.setOnAction(e -> rule(at, leading(rule, next.getValue())));
        return next;
    }

    private String name(Next next) {
        if (next.measure() == null) {
            return words.of("decision.decided");
        }
        String key = next.again() ? "decision.again" : "decision.measure";
        return words.of(key, next.measure().symbol());
    }

    private static boolean leads(Rule rule, Next next) {
        String symbol = next.measure().symbol();
        return next.again()
                ? rule.again() != null && rule.again().measure().equals(symbol)
                : symbol.equals(rule.measure());
    }

    private Rule leading(Rule rule, Next next) {
        Rule bare = new Rule(rule.after(), rule.when(), null, null);
        if (next.measure() == null) {
            return bare.withVerdict(words.of("decision.verdict.new"));
        }
        String symbol = next.measure().symbol();
        return next.again()
                ? bare.withAgain(new Again(symbol, "", 1, "")).withSteps(rule.steps())
                : bare.withMeasure(symbol);
    }

    /** The steps that a verdict or a going-back leads to, and how that ends. */
    private HBox led(Rule rule, int at) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        HBox row =
                row(
                        Controls.label(words.of("decision.steps"), "soft"),
                        field(
                                "ruleSteps-" + at,
                                "decision.stepsField",
                                StepList.text(rule.steps(), numbers),
                                STEPS,
                                text -> rule(at, rule.withSteps(StepList.parse(text, numbers)))));
        row.setPadding(new Insets(0, 0, 0, 26));
        Again again = rule.again();
        if (again == null) {
            return row;
        }
        row.getChildren()
                .addAll(
                        Controls.label(words.of("decision.changes.before"), "soft"),
                        field(
                                "againChanges-" + at,
                                "decision.changes",
                                again.changes(),
                                0,
                                text -> rule(at, rule.withAgain(again.withChanges(text)))),
                        Controls.label(words.of("decision.most.before"), "soft"),
                        field(
                                "againMost-" + at,
                                "decision.most",
                                again.most() == 0 ? "" : String.valueOf(again.most()),
                                MOST,
                                text -> rule(at, rule.withAgain(again.withMost(times(text))))),
                        Controls.label(words.of("decision.exhausted.before"), "soft"),
                        field(
                                "againExhausted-" + at,
                                "decision.exhausted",
                                again.exhausted(),
                                THEN,
                                text -> rule(at, rule.withAgain(again.withExhausted(text)))));
        return row;
    }

    private static int times(String typed) {
        return typed.isEmpty() ? 0 : TypedNumber.needed(typed);
    }

    private void rule(int at, Rule rule) {
        project.apply(DecisionEdits.rule(id, at, rule));
    }
}
