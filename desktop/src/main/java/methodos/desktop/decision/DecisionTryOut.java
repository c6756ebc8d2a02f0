package methodos.desktop.decision;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.DecisionTables;
import methodos.core.fit.TableCheck;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Measure;
import methodos.core.quantity.Rational;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** Whether every path of a decision ends, and the way that typed readings take through it. */
final class DecisionTryOut extends VBox {

    private static final double FIELD = 90;

    private final ExecutorService checking;
    private final Words words;
    private final Consumer<String> message;
    private final VBox path = new VBox(2);
    private final VBox checked = new VBox(2);
    private Decision shown;

    /** What was typed, by symbol; it stays while the decision is worked on. */
    private final Map<String, String> tried = new LinkedHashMap<>();

    DecisionTryOut(ExecutorService checking, Words words, Consumer<String> message) {
        super(6);
        this.checking = checking;
        this.words = words;
        this.message = message;
        path.setId("path");
    }

    void show(Decision decision) {
        Controls.anew(
                this,
                () -> {
                    getChildren()
                            .setAll(
                                    Controls.label(words.of("decision.check"), "panel-head"),
                                    checked);
                    tryOut(decision);
                });
        check(decision);
    }

    /** Checked beside the interface: a table of many readings takes a while. */
    private void check(Decision decision) {
        shown = decision;
        checking.execute(
                () -> {
                    List<String> found = findings(decision);
                    Platform.runLater(
                            () -> {
                                if (decision.equals(shown)) {
                                    tell(found);
                                }
                            });
                });
    }

    private List<String> findings(Decision decision) {
        List<String> open = new ArrayList<>();
        try {
            TableCheck check = TableCheck.of(DecisionTables.of(decision));
            check.missing()
                    .forEach(
                            m -> {
                                List<String> all = new ArrayList<>();
                                m.example()
                                        .forEach(
                                                (k, v) ->
                                                        all.add(k + " = " + told(decision, k, v)));
                                open.add(words.of("decision.hole", String.join(", ", all)));
                            });
            check.unreachable().forEach(r -> open.add(words.of("decision.unreached", r + 1)));
            check.endless()
                    .forEach(r -> open.add(words.of("decision.endless", String.join(", ", r))));
        } catch (IllegalArgumentException notYet) {
            open.add(notYet.getMessage());
        }
        return open;
    }

    private void tell(List<String> open) {
        checked.getChildren().clear();
        if (open.isEmpty()) {
            checked.getChildren().add(Controls.label(words.of("decision.complete"), "accent"));
        }
        open.forEach(o -> checked.getChildren().add(Controls.prose(o, "open")));
    }

    private void tryOut(Decision decision) {
        Label head = Controls.label(words.of("decision.try"), "panel-head");
        VBox.setMargin(head, new Insets(10, 0, 0, 0));
        getChildren().add(head);
        for (Measure m : decision.measures()) {
            Label name = Controls.prose(m.name().isEmpty() ? m.symbol() : m.name());
            HBox.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            TextField field =
                    Controls.named(
                            new TextField(tried.getOrDefault(m.symbol(), "")),
                            "tried-" + m.symbol(),
                            words.of("decision.reading"));
            Controls.width(field, FIELD);
            Controls.kept(
                    field,
                    text -> {
                        tried.put(m.symbol(), text);
                        walk(decision);
                    },
                    message);
            getChildren().add(Controls.row(6, name, field));
        }
        getChildren().add(path);
        path.getChildren().clear();
        try {
            walk(decision);
        } catch (IllegalArgumentException otherMeasures) {
            path.getChildren().clear(); // what was tried suited the decision as it was
        }
    }

    /** Shows the way that the typed readings take, and what is to be measured next. */
    private void walk(Decision decision) {
        path.getChildren().clear();
        if (tried.values().stream().allMatch(String::isBlank)) {
            return;
        }
        DecisionTable table = DecisionTables.of(decision);
        Map<String, Rational> values = DecisionTables.readings(decision, tried);
        DecisionTable.Steps steps = table.follow(values);
        for (DecisionTable.Taken taken : steps.taken()) {
            path.getChildren()
                    .add(
                            Controls.prose(
                                    words.of(
                                            taken.rule() < 0
                                                    ? "decision.path.hole"
                                                    : "decision.path",
                                            decision.nameOf(taken.reading()),
                                            told(
                                                    decision,
                                                    taken.reading(),
                                                    values.get(taken.reading())),
                                            taken.rule() + 1)));
        }
        table.withDerived(values)
                .forEach(
                        (symbol, value) -> {
                            if (table.derived().containsKey(symbol)) {
                                path.getChildren()
                                        .add(
                                                Controls.label(
                                                        symbol + " = " + value.toDecimal(),
                                                        "soft"));
                            }
                        });
        String end = end(decision, steps);
        path.getChildren()
                .add(Controls.prose(end, steps.verdict() == null ? "open" : "accent-strong"));
    }

    private String end(Decision decision, DecisionTable.Steps steps) {
        if (steps.verdict() != null) {
            return words.of("decision.path.verdict", steps.verdict());
        }
        if (steps.asks() != null) {
            return words.of("decision.path.next", decision.nameOf(steps.asks()));
        }
        return words.of(steps.exhausted() ? "decision.path.exhausted" : "decision.path.none");
    }

    /** A value as it is read: the word that is chosen, or the number. */
    private static String told(Decision decision, String symbol, Rational value) {
        return decision.measures().stream()
                .filter(m -> m.symbol().equals(symbol) && !m.choices().isEmpty())
                .findFirst()
                .map(m -> m.choices().get((int) value.toDouble()))
                .orElse(value.toDecimal());
    }
}
