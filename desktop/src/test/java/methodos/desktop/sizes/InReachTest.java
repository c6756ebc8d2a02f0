package methodos.desktop.sizes;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What the walk through the sizes finds, on faults that were put there. */
@ExtendWith(ApplicationExtension.class)
class InReachTest {

    private final Pane root = new Pane();

    @Start
    void start(Stage stage) {
        stage.setScene(new Scene(root, 400, 300));
        stage.show();
    }

    private InReach look(FxRobot robot) {
        InReach[] found = new InReach[1];
        robot.interact(
                () -> {
                    root.applyCss();
                    root.resize(400, 300);
                    root.layout();
                    found[0] = InReach.of(root);
                });
        return found[0];
    }

    private static <T extends Region> T at(T node, double x, double y, double w) {
        node.relocate(x, y);
        node.setPrefWidth(w);
        node.setMinWidth(w);
        node.setMaxWidth(w);
        return node;
    }

    @Test
    void aButtonOutsideTheWindowIsFound(FxRobot robot) {
        robot.interact(() -> root.getChildren().add(at(new Button("away"), 380, 10, 90)));
        assertThat(look(robot).faults()).singleElement().asString().startsWith("outside");
    }

    @Test
    void whatIsScrolledIsInReach(FxRobot robot) {
        robot.interact(
                () -> {
                    Pane large = new Pane(at(new Button("below"), 10, 900, 90));
                    ScrollPane pane = at(new ScrollPane(large), 0, 0, 200);
                    pane.setPrefHeight(200);
                    root.getChildren().add(pane);
                });
        assertThat(look(robot).faults()).isEmpty();
    }

    @Test
    void wordsThatAreCutAreFoundUnlessATipHasThem(FxRobot robot) {
        Label told = at(new Label("as long as a sentence is"), 10, 50, 60);
        told.setTooltip(new Tooltip("as long as a sentence is"));
        robot.interact(
                () ->
                        root.getChildren()
                                .addAll(at(new Label("as long as this is"), 10, 10, 60), told));
        assertThat(look(robot).faults()).singleElement().asString().startsWith("cut");
    }

    @Test
    void thingsOverEachOtherAreFound(FxRobot robot) {
        robot.interact(
                () ->
                        root.getChildren()
                                .addAll(
                                        at(new Button("one"), 10, 10, 90),
                                        at(new Button("two"), 60, 20, 90)));
        InReach reach = look(robot);
        assertThat(reach.faults()).singleElement().asString().startsWith("over each other");
        assertThat(reach.looked()).isEqualTo(2);
    }
}
