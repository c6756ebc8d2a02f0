package methodos.desktop.plan;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.StepTime;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** The steps that take longest, with how well their times are known. */
final class LongestSteps {

    private static final int MANY = 5;
    private static final double RANGE = 170;
    private static final double HIGH = 20;
    private static final double BLOCK = 7;

    private final GridPane grid = new GridPane();
    private final Words words;
    private final Consumer<Id<Step>> choose;

    LongestSteps(Words words, Consumer<Id<Step>> choose) {
        this.words = words;
        this.choose = choose;
        grid.setHgap(12);
        grid.setVgap(2);
        ColumnConstraints number = new ColumnConstraints();
        number.setMinWidth(26);
        ColumnConstraints text = new ColumnConstraints();
        text.setHgrow(Priority.ALWAYS);
        text.setMinWidth(120);
        ColumnConstraints range = new ColumnConstraints(RANGE);
        ColumnConstraints time = new ColumnConstraints();
        time.setMinWidth(150);
        grid.getColumnConstraints().setAll(number, text, range, time);
    }

    Region node() {
        return grid;
    }

    void show(ManualPlan plan) {
        grid.getChildren().clear();
        List<ManualPlan.PlannedStep> longest = plan.longest(MANY);
        double most = longest.stream().mapToDouble(s -> s.time().worst()).max().orElse(1);
        for (int row = 0; row < longest.size(); row++) {
            ManualPlan.PlannedStep step = longest.get(row);
            Button link =
                    Controls.link(
                            "longest-" + step.number(),
                            step.step().text(),
                            () -> choose.accept(step.step().id()));
            link.setMaxWidth(Double.MAX_VALUE);
            link.setMinHeight(Region.USE_PREF_SIZE);
            grid.addRow(
                    row,
                    Controls.label(String.valueOf(step.number()), "accent-strong"),
                    link,
                    range(step.time(), most),
                    Controls.label(
                            words.of(
                                    "plan.between",
                                    words.duration(Math.rint(step.time().best())),
                                    words.duration(Math.rint(step.time().worst()))),
                            "soft"));
        }
    }

    private static Region range(StepTime time, double most) {
        double scale = (RANGE - BLOCK) / most;
        Line line = new Line(time.best() * scale, 0, time.worst() * scale + BLOCK, 0);
        line.getStyleClass().add("range-line");
        Rectangle likely = new Rectangle(time.likely() * scale, -BLOCK, BLOCK, 2 * BLOCK);
        likely.getStyleClass().add("range-likely");
        Pane range = new Pane(line, likely);
        line.setTranslateY(HIGH / 2);
        likely.setTranslateY(HIGH / 2);
        range.setPrefSize(RANGE, HIGH);
        range.setMaxHeight(HIGH);
        return range;
    }
}
