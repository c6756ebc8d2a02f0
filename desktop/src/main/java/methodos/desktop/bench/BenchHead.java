package methodos.desktop.bench;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.BenchRun;
import methodos.core.bench.StepWork;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.theme.Theme;

/** Which unit it is and who works, how far the work is, and how long it took and takes. */
final class BenchHead {

    private static final double MINUTE = 60;

    private final Words words;
    private final Label unit = Controls.label("", "bench-unit-no");
    private final Label person = Controls.label("", "soft");
    private final RunRule rule;
    private final Label done = Controls.label("", "bench-unit-no");
    private final Label left = Controls.label("", "soft");
    private final HBox node;

    BenchHead(Words words, Theme theme) {
        this.words = words;
        rule = new RunRule(theme);
        unit.setId("benchUnit");
        VBox who = new VBox(2, unit, person);
        VBox times = new VBox(2, done, left);
        who.setMinWidth(Region.USE_PREF_SIZE);
        times.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(rule.node(), Priority.ALWAYS);
        node = new HBox(18, who, rule.node(), times);
        node.setAlignment(Pos.CENTER);
        node.getStyleClass().add("bench-top");
    }

    Region node() {
        return node;
    }

    void show(BenchDesk desk) {
        BenchRun run = desk.run();
        var begun = run.begun().orElseThrow();
        unit.setText(words.of("bench.unitNo", begun.model(), begun.serial()).strip());
        person.setText(
                desk.person()
                        + " · "
                        + DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH)
                                .format(desk.now().atZone(ZoneId.systemDefault())));
        int here = run.here().map(StepWork::number).orElse(0);
        rule.show(run, words.of("bench.at", here, run.work().steps()));
        times(desk);
    }

    /** Shows how long it took, and takes. */
    void times(BenchDesk desk) {
        done.setText(words.of("bench.doneSoFar", words.duration(whole(desk.worked()))));
        left.setText(words.of("bench.toGo", words.duration(whole(desk.left()))));
    }

    private static double whole(double seconds) {
        return Math.max(1, Math.round(seconds / MINUTE)) * MINUTE;
    }
}
