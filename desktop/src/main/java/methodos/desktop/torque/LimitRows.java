package methodos.desktop.torque;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.fit.InstrumentFit;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.LimitTable;
import methodos.core.fit.ReadingVerdict;
import methodos.core.fit.SelectiveFit;
import methodos.core.fit.TriedFit;
import methodos.core.fit.TriedReadings;
import methodos.core.manual.Answer;
import methodos.core.manual.Fit;
import methodos.core.manual.Reading;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.words.ReadingText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;

/**
 * The limits of the steps, each along a rule of its own; readings can be typed to see what the
 * limit says of them. What is tried is not kept in the manual.
 */
final class LimitRows extends VBox {

    private static final double RULE = 344;

    private final OpenProject project;
    private final Words words;
    private final TorqueDrawing drawing;
    private final Consumer<String> message;

    /** What was tried, by step and reading. */
    private final Map<String, String> tried = new HashMap<>();

    private List<LimitTable.Row> shown = List.of();

    LimitRows(OpenProject project, TorqueDrawing drawing, Consumer<String> message) {
        super(2);
        this.project = project;
        this.words = project.words();
        this.drawing = drawing;
        this.message = message;
        setId("limits");
    }

    /** Fills the rows anew where the limits are others now, or the colours are. */
    void refresh(boolean anyway) {
        List<LimitTable.Row> rows = LimitTable.of(project.practised(), project.sight().get());
        if (rows.equals(shown) && !anyway) {
            return;
        }
        shown = rows;
        getChildren().clear();
        if (!rows.isEmpty()) {
            getChildren().add(Controls.label(words.of("torque.limits"), "panel-head"));
            rows.forEach(r -> getChildren().add(row(r)));
        }
    }

    /** How many limits the steps measure against. */
    int count() {
        return shown.size();
    }

    private HBox row(LimitTable.Row row) {
        Label step = Controls.label(String.valueOf(row.number()), "step-number");
        step.setMinWidth(JointRow.STEP);
        step.setPrefWidth(JointRow.STEP);
        String with = row.instrument().map(Tool::label).orElse("");
        String times = row.count() > 1 ? words.of("torque.limit.times", row.count(), with) : with;
        Label name = Controls.prose(row.reading().what(), "strong");
        VBox what = new VBox(0, name, Controls.prose(times, "soft"));
        row.fit()
                .filter(f -> f == InstrumentFit.TOO_COARSE)
                .ifPresent(
                        f ->
                                what.getChildren()
                                        .add(Controls.prose(words.of("torque.coarse"), "open")));
        Controls.width(what, JointRow.JOINT);
        HBox box = new HBox(6, step, what);
        box.getStyleClass().add("joint-row");
        boolean plain =
                row.reading().answer() == null
                        && row.reading().against() == null
                        && row.reading().known().filter(Quantity::about).isEmpty();
        Optional<Value.Open> openLimit = row.reading().open();
        if (plain && row.reading().limit() instanceof Value.Known known) {
            box.getChildren().addAll(known(row, known.quantity()));
        } else if (openLimit.isEmpty()) {
            box.getChildren().add(answered(row));
        } else {
            Value.Open open = openLimit.get();
            Label why =
                    Controls.prose(
                            open.where(project.manual())
                                    .map(w -> words.of("torque.see", w))
                                    .orElse(open.why()),
                            "open");
            why.setMaxWidth(JointRow.VALUE + RULE);
            box.getChildren().add(why);
        }
        return box;
    }

    /** What is answered in words, or held against an earlier reading: both are tried. */
    private Node answered(LimitTable.Row row) {
        Reading reading = row.reading();
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        Label asked =
                Controls.prose(new ReadingText(words, project.manual(), numbers).asked(reading));
        asked.setMaxWidth(JointRow.VALUE + RULE);
        if (reading.answer() instanceof Answer.Reckoned) {
            return asked;
        }
        String key = row.step().id() + "-" + row.index();
        String prompt = words.of(reading.against() == null ? "torque.tryAnswer" : "torque.tryBoth");
        TextField field =
                Controls.named(new TextField(tried.getOrDefault(key, "")), "try-" + key, prompt);
        field.setPromptText(prompt);
        Label verdict = Controls.prose("", "soft");
        verdict.setId("verdict-" + key);
        Controls.kept(
                field,
                text -> {
                    tried.put(key, text);
                    verdict.setText(text.isBlank() ? "" : judged(row, text));
                },
                message);
        return new VBox(2, asked, Controls.row(6, field, verdict));
    }

    /** Of two that are held against each other the earlier one is typed first, then ";". */
    private String judged(LimitTable.Row row, String typed) {
        int between = row.reading().against() == null ? -1 : typed.indexOf(';');
        String earlier = between < 0 ? null : typed.substring(0, between);
        JudgedAnswer answer =
                JudgedAnswer.of(
                        row.reading(),
                        typed.substring(between + 1),
                        earlier,
                        row.resolution().orElse(null));
        String value = answer.judged().map(Quantity::print).orElse(answer.given());
        return answer.verdict()
                .map(
                        v ->
                                switch (v) {
                                    case PASS -> words.of("torque.answer.pass", value);
                                    case MARGINAL -> words.of("torque.answer.marginal", value);
                                    case FAIL ->
                                            words.of(
                                                    "torque.answer.fail",
                                                    value,
                                                    row.reading().otherwise());
                                })
                .orElse(words.of("torque.answer.noted", value));
    }

    /** A clearance that a size is chosen by: what is in and what was measured are tried. */
    private List<Node> fitted(LimitTable.Row row, Quantity limit, Fit fit) {
        String key = row.step().id() + "#" + row.index();
        TextField field =
                Controls.named(
                        new TextField(tried.getOrDefault(key, "")),
                        "try-" + key.replace('#', '-'),
                        words.of("torque.tryFit"));
        field.setPromptText(words.of("torque.tryFit"));
        Surface canvas = new Surface(RULE, TorqueDrawing.FIT);
        Label verdict = Controls.prose("", "soft");
        verdict.setId("verdict-" + key.replace('#', '-'));
        try {
            choose(limit, fit, tried.getOrDefault(key, ""), canvas, verdict);
        } catch (IllegalArgumentException otherLimit) {
            drawing.fit(canvas, limit, List.of(), List.of(), -1);
        }
        Controls.kept(
                field,
                text -> {
                    try {
                        choose(limit, fit, text, canvas, verdict);
                        tried.put(key, text);
                    } catch (IllegalArgumentException e) {
                        message.accept(e.getMessage());
                    }
                });
        return List.of(value(limit, field), new VBox(0, canvas, verdict));
    }

    private static VBox value(Quantity limit, TextField field) {
        VBox value = new VBox(2, Controls.label(limit.print(), "strong"), field);
        Controls.width(value, JointRow.VALUE);
        return value;
    }

    private void choose(Quantity limit, Fit fit, String typed, Surface canvas, Label verdict) {
        List<String> sizes = fit.stock().stream().map(Quantity::digits).toList();
        if (typed.isBlank()) {
            drawing.fit(canvas, limit, List.of(), List.of(), -1);
            verdict.setText(words.of("torque.fit.stock", String.join(", ", sizes)));
            return;
        }
        TriedFit tried =
                TriedFit.of(limit, fit, typed)
                        .orElseThrow(
                                () -> new IllegalArgumentException(words.of("torque.fit.two")));
        SelectiveFit chosen = tried.choice();
        drawing.fit(
                canvas,
                limit,
                sizes,
                tried.left().stream().map(Rational::toDouble).toList(),
                chosen.chosen().orElse(-1));
        verdict.setText(
                chosen.chosen()
                        .map(
                                i ->
                                        words.of(
                                                "torque.fit.take",
                                                sizes.get(i),
                                                chosen.clearance().orElseThrow().toDecimal(),
                                                limit.unit().symbol()))
                        .orElse(words.of("torque.fit.none", chosen.needed().toDecimal())));
    }

    private List<Node> known(LimitTable.Row row, Quantity limit) {
        if (row.reading().fit() != null) {
            return fitted(row, limit, row.reading().fit());
        }
        String key = row.step().id() + "#" + row.index();
        TextField field =
                Controls.named(
                        new TextField(tried.getOrDefault(key, "")),
                        "try-" + key.replace('#', '-'),
                        words.of("torque.try"));
        field.setPromptText(words.of("torque.try"));
        Surface canvas = new Surface(RULE, TorqueDrawing.LIMIT);
        Label verdict = Controls.prose("", "soft");
        verdict.setId("verdict-" + key.replace('#', '-'));
        try {
            TriedReadings before = tried(row, limit, tried.getOrDefault(key, ""));
            drawing.limit(canvas, limit, before.readings(), before.verdicts());
        } catch (IllegalArgumentException otherLimit) {
            drawing.limit(canvas, limit, List.of(), List.of());
        }
        Controls.kept(
                field,
                text -> {
                    try {
                        TriedReadings now = tried(row, limit, text);
                        tried.put(key, text);
                        drawing.limit(canvas, limit, now.readings(), now.verdicts());
                        verdict.setText(told(now, row.reading().otherwise()));
                    } catch (IllegalArgumentException e) {
                        message.accept(e.getMessage());
                    }
                });
        return List.of(value(limit, field), new VBox(0, canvas, verdict));
    }

    /**
     * With an instrument whose resolution is not known nothing is marginal but the limit itself.
     */
    private static TriedReadings tried(LimitTable.Row row, Quantity limit, String typed) {
        return TriedReadings.of(limit, row.resolution().orElse(null), typed);
    }

    private String told(TriedReadings tried, String otherwise) {
        long failed = tried.count(ReadingVerdict.FAIL);
        long marginal = tried.count(ReadingVerdict.MARGINAL);
        if (tried.readings().isEmpty()) {
            return "";
        }
        if (failed > 0) {
            return words.of("torque.try.fail", failed, otherwise);
        }
        return marginal > 0
                ? words.of("torque.try.marginal", marginal)
                : words.of("torque.try.pass", tried.readings().size());
    }
}
