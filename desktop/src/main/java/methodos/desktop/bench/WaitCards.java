package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Task;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** The waits that run while other work goes on, each with what is left of it. */
final class WaitCards {

    private record Card(Task.RunningWait of, Label clock) {}

    private final Words words;
    private final VBox node = new VBox(10);
    private final List<Card> cards = new ArrayList<>();

    WaitCards(Words words) {
        this.words = words;
        node.setId("waitCards");
    }

    Region node() {
        return node;
    }

    /**
     * @param asked the wait that is told large beside; null where none is
     */
    void show(BenchDesk desk, Task.RunningWait asked) {
        node.getChildren().clear();
        cards.clear();
        for (Task.RunningWait wait : desk.run().running()) {
            if (wait.equals(asked)) {
                continue;
            }
            Label clock = Controls.label("", "bench-clock");
            VBox card =
                    new VBox(
                            2,
                            Controls.prose(
                                    words.of(
                                            "bench.waitFor",
                                            desk.run().work().number(wait.visit()),
                                            wait.of().what()),
                                    "strong"),
                            clock);
            if (!wait.of().until().isEmpty()) {
                card.getChildren()
                        .add(Controls.prose(words.of("bench.until", wait.of().until()), "soft"));
            }
            card.getStyleClass().add("bench-wait");
            node.getChildren().add(card);
            cards.add(new Card(wait, clock));
        }
        node.setManaged(!cards.isEmpty());
        node.setVisible(!cards.isEmpty());
        tick(desk);
    }

    /** Shows what is left now. */
    void tick(BenchDesk desk) {
        for (Card card : cards) {
            card.clock.setText(left(words, desk, card.of));
        }
    }

    /** "12:40", or that it is over. */
    static String left(Words words, BenchDesk desk, Task.RunningWait wait) {
        if (wait.of().seconds() <= 0) {
            return "";
        }
        long left = (long) Math.ceil(desk.left(wait));
        return left <= 0
                ? words.of("bench.over")
                : left >= 3600
                        ? String.format(
                                Locale.ROOT, "%d:%02d:%02d", left / 3600, left / 60 % 60, left % 60)
                        : String.format(Locale.ROOT, "%d:%02d", left / 60, left % 60);
    }
}
