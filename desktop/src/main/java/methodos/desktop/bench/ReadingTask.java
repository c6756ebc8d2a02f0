package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.StepWork;
import methodos.core.bench.Taken;
import methodos.core.bench.Task;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Reading;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.desktop.control.Controls;

/** A number that is measured, with its rule, its field and its keys, and the verdict at once. */
final class ReadingTask {

    /** What is said of what is typed so far. */
    private record Said(String text, boolean bad) {}

    private final TaskHost host;
    private final StringBuilder typed = new StringBuilder();
    private final Label shown = Controls.label("", "bench-typed");
    private final Label said = Controls.prose("", "bench-said");
    private Function<String, Said> judge = t -> new Said("", false);

    ReadingTask(TaskHost host) {
        this.host = host;
        shown.setId("benchTyped");
        said.setId("benchSaid");
    }

    /** A reading of the step. */
    AskedTask reading(StepWork at, Task.Measure task) {
        Reading of = task.of();
        if (of.answer() instanceof Answer.Choice choice) {
            return choice(of.what(), choice.answers(), a -> measured(at, task, a, ""));
        }
        if (of.answer() instanceof Answer.Written) {
            return written(at, task);
        }
        BenchRun run = host.desk().run();
        judge = text -> verdict(() -> run.judge(at, task.reading(), task.which(), text));
        ReadingRule rule = new ReadingRule(host.theme());
        List<ReadingRule.Dot> dots = new ArrayList<>();
        StringBuilder row = new StringBuilder();
        for (int n = 0; n < of.count(); n++) {
            List<Taken> all = at.taken(task.reading(), n);
            if (!all.isEmpty()) {
                Taken last = all.get(all.size() - 1);
                number(of, last.answer())
                        .ifPresent(v -> dots.add(new ReadingRule.Dot(v, standing(last.answer()))));
                row.append(row.length() == 0 ? "" : "   ")
                        .append(of.count() > 1 ? of.labels().get(n) + "  " : "")
                        .append(digits(of, last.answer().given()))
                        .append(close(last));
            }
        }
        rule.show(of.known().orElse(null), dots, host.words().of("bench.rule", of.what(), row));
        // without a limit there is nothing that a reading could be held against
        Controls.seen(rule.node(), of.known().isPresent());
        VBox body =
                LargeControls.card(
                        LargeControls.head(of.what()),
                        LargeControls.prose(limit(of), "soft"),
                        rule.node(),
                        Controls.named(
                                LargeControls.prose(row.toString(), "soft"), "benchTaken", ""),
                        entry(of.count() > 1 ? of.labels().get(task.which()) : "", unit(of)));
        if (task.before().filter(b -> b.is(ReadingVerdict.MARGINAL)).isPresent()) {
            body.getChildren().add(1, LargeControls.prose(host.words().of("bench.again"), "open"));
        }
        return typing(
                body,
                (name, text) -> measured(at, task, text, name),
                of.known().map(Quantity::unit));
    }

    /** The number alone: the unit stands beside the field. */
    private static String digits(Reading of, String given) {
        String unit = unit(of);
        return !unit.isEmpty() && given.endsWith(" " + unit)
                ? given.substring(0, given.length() - unit.length() - 1)
                : given;
    }

    private static MeasureRule.Standing standing(JudgedAnswer answer) {
        return answer.is(ReadingVerdict.FAIL)
                ? MeasureRule.Standing.OUTSIDE
                : answer.is(ReadingVerdict.MARGINAL)
                        ? MeasureRule.Standing.CLOSE
                        : MeasureRule.Standing.WELL;
    }

    private String close(Taken taken) {
        return switch (standing(taken.answer())) {
            case WELL -> "";
            case CLOSE -> " " + host.words().of("bench.close");
            case OUTSIDE -> " " + host.words().of("bench.outside");
        };
    }

    private String limit(Reading of) {
        String limit =
                of.known()
                        .map(q -> host.words().of("bench.limit", q.print()))
                        .orElse(host.words().of("bench.noted"));
        return of.otherwise().isBlank()
                ? limit
                : limit + " · " + host.words().of("bench.otherwise", of.otherwise());
    }

    private static String unit(Reading of) {
        return JudgedAnswer.knownUnit(of).map(MeasureUnit::symbol).orElse("");
    }

    private static Optional<Double> number(Reading of, JudgedAnswer answer) {
        return answer.judged()
                .filter(q -> of.known().isPresent())
                .map(q -> new Conversion(q, of.known().get().unit()).exact(q.min()).toDouble());
    }

    private Said verdict(Supplier<JudgedAnswer> answer) {
        try {
            JudgedAnswer judged = answer.get();
            ReadingVerdict verdict = judged.verdict().orElse(null);
            if (verdict == null) {
                return new Said("", false);
            }
            return new Said(
                    host.words().of("bench.verdict." + verdict), verdict == ReadingVerdict.FAIL);
        } catch (IllegalArgumentException notYet) {
            return new Said(host.words().of("bench.notANumber"), true);
        }
    }

    private void measured(StepWork at, Task.Measure task, String text, String instrument) {
        host.enter(new Deed.Measured(at.visit(), task.reading(), task.which(), text, instrument));
    }

    /** Words or a number from a plate, typed on the keyboard. */
    private AskedTask written(StepWork at, Task.Measure task) {
        var field = LargeControls.field("benchWords", task.of().what());
        Runnable enter = () -> measured(at, task, field.getText().strip(), "");
        Runnable keep =
                () -> {
                    if (field.getText().isBlank()) {
                        host.say(host.words().of("bench.typeFirst"));
                    } else {
                        enter.run();
                    }
                };
        field.setOnAction(e -> keep.run());
        VBox body = LargeControls.card(LargeControls.head(task.of().what()), field);
        if (task.of().answer() instanceof Answer.Written w && !w.among().isEmpty()) {
            body.getChildren()
                    .add(
                            1,
                            LargeControls.prose(
                                    host.words().of("bench.among", join(w.among())), "soft"));
        }
        return AskedTask.of(body, host.words().of("bench.enter"), keep);
    }

    private static String join(List<String> words) {
        return String.join(", ", words);
    }

    /** One of a few words, a key for each. */
    AskedTask choice(String what, List<String> answers, Consumer<String> take) {
        GridPane keys = new GridPane();
        keys.setHgap(12);
        keys.setVgap(12);
        for (int i = 0; i < answers.size(); i++) {
            String answer = answers.get(i);
            Button key =
                    LargeControls.key("benchAnswer" + (i + 1), answer, () -> take.accept(answer));
            GridPane.setHgrow(key, Priority.ALWAYS);
            keys.add(key, i % 2, i / 2);
        }
        return AskedTask.of(LargeControls.card(LargeControls.head(what), keys));
    }

    /** What a decision asks for. */
    AskedTask decision(StepWork at, Task.Try task) {
        Decision.Measure measure = task.measure();
        String name = task.decision().nameOf(measure.symbol());
        BiConsumer<String, String> take =
                (instrument, text) ->
                        host.enter(
                                new Deed.Tried(
                                        at.visit(),
                                        task.decision().id(),
                                        measure.symbol(),
                                        text,
                                        instrument));
        List<Node> above = new ArrayList<>();
        above.add(LargeControls.prose(task.decision().name(), "accent-strong"));
        at.decisions().stream()
                .filter(d -> d.decision().equals(task.decision()))
                .findFirst()
                .ifPresent(
                        d -> {
                            d.change()
                                    .filter(c -> !c.isBlank())
                                    .ifPresent(
                                            c ->
                                                    above.add(
                                                            LargeControls.prose(
                                                                    host.words()
                                                                            .of(
                                                                                    "bench.change",
                                                                                    c))));
                            d.entered()
                                    .forEach(
                                            v ->
                                                    above.add(
                                                            LargeControls.prose(
                                                                    task.decision()
                                                                                    .nameOf(
                                                                                            v
                                                                                                    .symbol())
                                                                            + "  "
                                                                            + v.typed(),
                                                                    "soft")));
                        });
        if (!measure.choices().isEmpty()) {
            AskedTask choice = choice(name, measure.choices(), a -> take.accept("", a));
            ((VBox) choice.body()).getChildren().addAll(0, above);
            return choice;
        }
        VBox body = LargeControls.card(above);
        body.getChildren()
                .addAll(
                        LargeControls.head(name),
                        LargeControls.prose(
                                host.words().of("bench.range", measure.range().print()), "soft"),
                        entry("", measure.range().unit().symbol()));
        return typing(body, take, Optional.of(measure.range().unit()));
    }

    /** A number of any kind: the size that is in, what a wrench showed. */
    AskedTask number(Region above, String unit, Consumer<String> take) {
        VBox body = LargeControls.card(above, entry("", unit));
        return typing(body, (name, text) -> take.accept(text), Optional.empty());
    }

    private Region entry(String label, String unit) {
        Label units = Controls.label(unit, "bench-unit");
        units.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox field = new HBox(6, shown, gap, units);
        field.setAlignment(Pos.BASELINE_LEFT);
        field.getStyleClass().add("bench-entry");
        field.setMinWidth(190);
        HBox.setHgrow(field, Priority.ALWAYS);
        said.setMinWidth(110);
        HBox row = new HBox(12, field, said);
        if (!label.isEmpty()) {
            Label which = Controls.label(label, "bench-which");
            which.setMinWidth(Region.USE_PREF_SIZE);
            row.getChildren().add(0, which);
        }
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private AskedTask typing(
            VBox body, BiConsumer<String, String> take, Optional<MeasureUnit> unit) {
        show();
        Runnable enter =
                () -> {
                    if (typed.length() == 0) {
                        host.say(host.words().of("bench.typeFirst"));
                        return;
                    }
                    String text = typed.toString();
                    typed.setLength(0);
                    show();
                    take.accept("", text);
                };
        return new AskedTask(
                body,
                host.words().of("bench.enter"),
                enter,
                this::press,
                (name, value) -> {
                    boolean fits =
                            unit.filter(u -> u.dimension() != value.quantity().unit().dimension())
                                    .isEmpty();
                    if (fits) {
                        take.accept(name, value.text());
                    } else {
                        host.say(host.words().of("bench.otherKind", name, value.text()));
                    }
                });
    }

    private void press(String key) {
        if (key.equals(NumberPad.BACK)) {
            typed.setLength(Math.max(0, typed.length() - 1));
        } else if (typed.length() < 24) {
            typed.append(key);
        }
        show();
    }

    private void show() {
        shown.setText(typed.toString());
        Said now = typed.length() == 0 ? new Said("", false) : judge.apply(typed.toString());
        said.setText(now.text());
        said.pseudoClassStateChanged(PseudoClass.getPseudoClass("bad"), now.bad());
    }
}
