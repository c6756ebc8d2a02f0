package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import methodos.core.bench.Deed;
import methodos.core.bench.StepWork;
import methodos.core.bench.Taken;
import methodos.core.manual.Reading;
import methodos.core.words.Words;

/** A step that was done before: what was entered, and how a wrong entry is put right. */
final class EarlierStep {

    private final TaskHost host;
    private final Words words;

    EarlierStep(TaskHost host) {
        this.host = host;
        this.words = host.words();
    }

    Region of(StepWork work) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.head(words.of("bench.outcome." + work.outcome(), work.number())));
        TextField value = LargeControls.field("correctValue", words.of("bench.rightValue"));
        TextField why = LargeControls.field("correctWhy", words.of("bench.whyWrong"));
        List<Node> rows = new ArrayList<>();
        List<Reading> readings = work.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            for (int n = 0; n < readings.get(i).count(); n++) {
                List<Taken> taken = work.taken(i, n);
                if (!taken.isEmpty()) {
                    rows.add(row(work, i, n, taken.get(taken.size() - 1), value, why));
                }
            }
        }
        if (rows.isEmpty()) {
            nodes.add(LargeControls.prose(words.of("bench.nothingEntered"), "soft"));
        } else {
            nodes.add(LargeControls.prose(words.of("bench.correctHint"), "soft"));
            nodes.add(value);
            nodes.add(why);
            nodes.addAll(rows);
        }
        return LargeControls.card(nodes);
    }

    private Node row(
            StepWork work, int index, int which, Taken last, TextField value, TextField why) {
        Reading of = work.step().readings().get(index);
        String what =
                of.what()
                        + (of.count() > 1 ? ", " + of.labels().get(which) : "")
                        + "  "
                        + last.answer().given();
        var text = LargeControls.prose(what);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        var key =
                LargeControls.key(
                        "correct-" + index + "-" + which,
                        words.of("bench.correct"),
                        () ->
                                host.enter(
                                        new Deed.Corrected(
                                                work.visit(),
                                                index,
                                                which,
                                                value.getText().strip(),
                                                why.getText().strip())));
        key.setMinWidth(Region.USE_PREF_SIZE);
        key.setMaxWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(10, text, key);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** The visit before another one; of none the last. */
    static Optional<StepWork> before(List<StepWork> visits, StepWork of) {
        int at = of == null ? visits.size() : visits.indexOf(of);
        return at > 0 ? Optional.of(visits.get(at - 1)) : Optional.empty();
    }
}
