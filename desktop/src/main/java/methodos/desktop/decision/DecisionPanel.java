package methodos.desktop.decision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.DecisionEdits;
import methodos.core.fit.ConditionText;
import methodos.core.fit.Formula;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.quantity.Quantity;
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

    private final OpenProject project;
    private final Words words;
    private final String id;
    private final Consumer<String> message;
    private final Runnable back;
    private final VBox content = new VBox(6);
    private final DecisionTryOut tryOut;
    private Decision shown;

    /**
     * @param id of the decision
     * @param back called when the work on it is done, or it is taken out
     */
    public DecisionPanel(OpenProject project, String id, Consumer<String> message, Runnable back) {
        this.project = project;
        this.words = project.words();
        this.id = id;
        this.message = message;
        this.back = back;
        this.tryOut = new DecisionTryOut(words, message);
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
            fill(now);
        }
    }

    private void change(UnaryOperator<Decision> change) {
        project.apply(DecisionEdits.decision(id, change));
    }

    /** Does what was typed, or says why not. */
    private void typed(Runnable change) {
        try {
            change.run();
        } catch (IllegalArgumentException bad) {
            message.accept(bad.getMessage());
        }
    }

    private TextField field(
            String name, String key, String now, double width, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), name, words.of(key));
        if (width > 0) {
            field.setMinWidth(width);
            field.setPrefWidth(width);
            field.setMaxWidth(width);
        } else {
            HBox.setHgrow(field, Priority.ALWAYS);
        }
        Controls.kept(field, text -> typed(() -> keep.accept(text)));
        return field;
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(6, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
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
                                        text -> change(d -> d.withName(text))),
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

    private String number(String step) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        return step == null || numbers.of(step).isEmpty()
                ? ""
                : String.valueOf(numbers.of(step).getAsInt());
    }

    private void step(String typed) {
        if (typed.isEmpty()) {
            change(d -> d.withStep(null));
            return;
        }
        Optional<String> step =
                new StepNumbers(project.manual(), project.sight().get()).step(typed);
        if (step.isEmpty()) {
            throw new IllegalArgumentException(words.of("decision.noStep", typed));
        }
        change(d -> d.withStep(step.get()));
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
        add.setOnAction(e -> typed(() -> addMeasure(add.getText().strip())));
        content.getChildren().add(add);
    }

    /** "g end float 0 to 1 mm": a letter, what it is, and the range with its unit. */
    private void addMeasure(String text) {
        java.util.regex.Matcher m =
                java.util.regex.Pattern.compile(
                                "(\\p{L}[\\p{L}\\d]{0,3})\\s+(?:(.*?)\\s*,?\\s+)?([-\\d.,/½¼¾].*)")
                        .matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(words.of("decision.measure.how"));
        }
        Measure measure = new Measure(m.group(1), m.group(2), range(m.group(3)), null);
        change(d -> d.withMeasures(with(d.measures(), measure)));
    }

    private Quantity range(String text) {
        Quantity range = Quantity.parse(text);
        if (range.min() == null || range.max() == null || range.single()) {
            throw new IllegalArgumentException(words.of("decision.range"));
        }
        return range;
    }

    private static <T> List<T> with(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    private static <T> List<T> put(List<T> list, int at, T value) {
        List<T> all = new ArrayList<>(list);
        if (value == null) {
            all.remove(at);
        } else {
            all.set(at, value);
        }
        return all;
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
                                new Measure(
                                        m.symbol(),
                                        m.name(),
                                        m.range(),
                                        tool.getValue() == null ? null : tool.getValue().id())));
        return row(
                symbol,
                field(
                        "measureName-" + m.symbol(),
                        "decision.what",
                        m.name(),
                        0,
                        text -> measure(at, new Measure(m.symbol(), text, m.range(), m.tool()))),
                field(
                        "measureRange-" + m.symbol(),
                        "decision.between",
                        m.range().print(),
                        RANGE,
                        text ->
                                measure(
                                        at,
                                        new Measure(m.symbol(), m.name(), range(text), m.tool()))),
                tool,
                Controls.link(
                        "deleteMeasure-" + m.symbol(),
                        words.of("decision.out"),
                        () -> measure(at, null)));
    }

    private void measure(int at, Measure measure) {
        change(d -> d.withMeasures(put(d.measures(), at, measure)));
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
                                                change(
                                                        x ->
                                                                x.withDerived(
                                                                        put(
                                                                                x.derived(),
                                                                                at,
                                                                                new Derived(
                                                                                        d.symbol(),
                                                                                        text))));
                                            }),
                                    Controls.link(
                                            "deleteDerived-" + d.symbol(),
                                            words.of("decision.out"),
                                            () ->
                                                    change(
                                                            x ->
                                                                    x.withDerived(
                                                                            put(
                                                                                    x.derived(),
                                                                                    at,
                                                                                    null))))));
        }
        TextField add =
                Controls.named(new TextField(), "newDerived", words.of("decision.newDerived"));
        add.setMaxWidth(420);
        add.setOnAction(e -> typed(() -> addDerived(add.getText().strip())));
        content.getChildren().add(add);
    }

    private void addDerived(String text) {
        String[] sides = text.split("=", 2);
        if (sides.length < 2 || !sides[0].strip().matches("\\p{L}[\\p{L}\\d]{0,3}")) {
            throw new IllegalArgumentException(words.of("decision.newDerived"));
        }
        Formula.parse(sides[1].strip());
        change(
                d ->
                        d.withDerived(
                                with(
                                        d.derived(),
                                        new Derived(sides[0].strip(), sides[1].strip()))));
    }

    // ---------------------------------------------------------------- if this, then that

    private void rules(Decision decision, Measure measure) {
        String name = measure.name().isEmpty() ? measure.symbol() : measure.name();
        content.getChildren()
                .addAll(
                        Controls.prose(words.of("decision.after", name), "section-head"),
                        Controls.prose(words.of("decision.when.how"), "soft"));
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
                                        change(
                                                d ->
                                                        d.withRules(
                                                                with(
                                                                        d.rules(),
                                                                        new Rule(
                                                                                measure.symbol(),
                                                                                List.of(),
                                                                                words.of(
                                                                                        "decision.verdict.new"),
                                                                                null))))));
    }

    private HBox rule(Decision decision, Rule rule, int at) {
        ComboBox<Measure> next =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList()),
                        "next-" + at,
                        words.of("decision.then"));
        next.getItems().add(null);
        next.getItems().addAll(decision.measures());
        next.setConverter(
                new NameConverter<>(
                        m ->
                                m == null
                                        ? words.of("decision.decided")
                                        : words.of("decision.measure", m.symbol())));
        next.setValue(
                decision.measures().stream()
                        .filter(m -> m.symbol().equals(rule.measure()))
                        .findFirst()
                        .orElse(null));
        next.setPrefWidth(NEXT);
        next.setOnAction(
                e -> {
                    Measure chosen = next.getValue();
                    rule(
                            at,
                            chosen == null
                                    ? new Rule(
                                            rule.after(),
                                            rule.when(),
                                            words.of("decision.verdict.new"),
                                            null)
                                    : new Rule(rule.after(), rule.when(), null, chosen.symbol()));
                });
        HBox row =
                row(
                        Controls.label((at + 1) + "  " + words.of("decision.if"), "soft"),
                        field(
                                "when-" + at,
                                "decision.when",
                                ConditionText.of(rule),
                                WHEN,
                                text ->
                                        rule(
                                                at,
                                                new Rule(
                                                        rule.after(),
                                                        ConditionText.parse(
                                                                decision, rule.after(), text),
                                                        rule.verdict(),
                                                        rule.measure()))),
                        next);
        if (rule.measure() == null) {
            row.getChildren()
                    .add(
                            field(
                                    "verdict-" + at,
                                    "decision.verdict",
                                    rule.verdict(),
                                    0,
                                    text ->
                                            rule(
                                                    at,
                                                    new Rule(
                                                            rule.after(),
                                                            rule.when(),
                                                            text,
                                                            null))));
        }
        row.getChildren()
                .addAll(
                        Controls.link("up-" + at, words.of("decision.up"), () -> up(at)),
                        Controls.link(
                                "deleteRule-" + at,
                                words.of("decision.out"),
                                () -> rule(at, null)));
        return row;
    }

    private void rule(int at, Rule rule) {
        change(d -> d.withRules(put(d.rules(), at, rule)));
    }

    /** Before the rule of the same measure that stands above it. */
    private void up(int at) {
        change(
                d -> {
                    List<Rule> all = new ArrayList<>(d.rules());
                    for (int i = at - 1; i >= 0; i--) {
                        if (all.get(i).after().equals(all.get(at).after())) {
                            all.add(i, all.remove(at));
                            return d.withRules(all);
                        }
                    }
                    return d;
                });
    }
}
