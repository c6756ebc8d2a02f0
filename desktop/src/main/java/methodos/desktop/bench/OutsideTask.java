package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.bench.Deed;
import methodos.core.bench.Outside;
import methodos.core.bench.StepWork;
import methodos.core.bench.Task;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.TriedFit;
import methodos.core.manual.Answer;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;

/** Something outside its limit, or bad, for which no step of the manual is. */
final class OutsideTask {

    private final TaskHost host;
    private final Words words;

    /** How something outside is settled, where that is being typed. */
    private enum Way {
        NONE,
        MEASURE,
        SIZE,
        WORDS
    }

    private Way way = Way.NONE;
    private Object wayOf;

    OutsideTask(TaskHost host) {
        this.host = host;
        this.words = host.words();
    }

    AskedTask of(StepWork at, Task.Deal task) {
        if (!task.what().equals(wayOf)) {
            wayOf = task.what();
            way = Way.NONE;
        }
        String what = outside(at, task);
        if (task.what() instanceof Outside.OfReading of && way == Way.MEASURE) {
            return new ReadingTask(host)
                    .reading(
                            at,
                            new Task.Measure(
                                    of.reading(), task.reading(), of.which(), Optional.empty()));
        }
        if (task.what() instanceof Outside.OfReading of && way == Way.SIZE) {
            return size(at, task.reading(), of);
        }
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.head(what));
        if (task.reading() != null && !task.reading().otherwise().isBlank()) {
            nodes.add(LargeControls.prose(words.of("bench.otherwise", task.reading().otherwise())));
        }
        if (task.what() instanceof Outside.OfReading
                && !(task.reading().answer() instanceof Answer.Reckoned)) {
            nodes.add(
                    LargeControls.key(
                            "benchMeasureAgain",
                            words.of("bench.measureAgain"),
                            () -> go(Way.MEASURE)));
            if (task.reading().fit() != null) {
                nodes.add(
                        LargeControls.key(
                                "benchSize", words.of("bench.chooseSize"), () -> go(Way.SIZE)));
            }
        }
        for (PartUse use : at.step().parts()) {
            host.desk()
                    .run()
                    .work()
                    .manual()
                    .part(use.part())
                    .ifPresent(p -> nodes.add(renewed(at, task, p)));
        }
        TextField how = LargeControls.field("benchHow", words.of("bench.how"));
        nodes.add(LargeControls.prose(words.of("bench.orAccept"), "soft"));
        nodes.add(how);
        return AskedTask.of(
                LargeControls.card(nodes),
                words.of("bench.leaveIt"),
                () ->
                        host.enter(
                                new Deed.Dealt(
                                        at.visit(), task.what(), how.getText().strip(), null)));
    }

    private void go(Way to) {
        way = to;
        host.again();
    }

    private Node renewed(StepWork at, Task.Deal task, Part part) {
        return LargeControls.key(
                "renewed-" + part.item(),
                words.of("bench.renewed", part.item(), part.name()),
                () -> host.enter(new Deed.Dealt(at.visit(), task.what(), "", part.id())));
    }

    private String outside(StepWork at, Task.Deal task) {
        if (task.what() instanceof Outside.OfReading of) {
            String label =
                    task.reading().count() > 1
                            ? ", " + task.reading().labels().get(of.which())
                            : "";
            String given =
                    host.desk()
                            .run()
                            .answer(at, of.reading(), of.which())
                            .map(JudgedAnswer::given)
                            .orElse("");
            return words.of("bench.isOutside", task.reading().what() + label, given);
        }
        if (task.what() instanceof Outside.OfLook of) {
            return words.of("bench.isBad", at.step().looks().get(of.look()).what());
        }
        return words.of("bench.noRule");
    }

    /** The size that is in is asked for, and the one to fit is reckoned. */
    private AskedTask size(StepWork at, Reading reading, Outside.OfReading of) {
        Quantity limit = reading.known().orElseThrow();
        String gap =
                host.desk()
                        .run()
                        .answer(at, of.reading(), of.which())
                        .map(JudgedAnswer::given)
                        .orElse("");
        VBox above =
                new VBox(
                        8,
                        LargeControls.head(words.of("bench.sizeIn")),
                        LargeControls.prose(
                                words.of(
                                        "bench.stock",
                                        join(reading.fit().stock()),
                                        reading.fit().wanted().print()),
                                "soft"));
        return new ReadingTask(host)
                .number(
                        above,
                        limit.unit().symbol(),
                        typed -> {
                            Optional<Quantity> size = chosen(limit, reading, typed, gap);
                            if (size.isEmpty()) {
                                host.say(words.of("bench.noSize"));
                                return;
                            }
                            way = Way.NONE;
                            host.say(words.of("bench.fitSize", size.get().print()));
                            host.enter(
                                    new Deed.Fitted(
                                            at.visit(),
                                            of.reading(),
                                            of.which(),
                                            typed,
                                            size.get().print()));
                        });
    }

    private static String join(List<Quantity> sizes) {
        return String.join(", ", sizes.stream().map(Quantity::print).toList());
    }

    private static Optional<Quantity> chosen(
            Quantity limit, Reading reading, String was, String gap) {
        try {
            return TriedFit.of(limit, reading.fit(), was + "; " + gap)
                    .flatMap(f -> f.choice().chosen())
                    .map(reading.fit().stock()::get);
        } catch (IllegalArgumentException notUnderstood) {
            return Optional.empty();
        }
    }
}
