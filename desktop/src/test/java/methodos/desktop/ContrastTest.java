package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import methodos.desktop.place.Place;
import methodos.desktop.theme.Palette;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** All words stand out from what is behind them, in the light and in the dark. */
class ContrastTest extends RealWindow {

    /** What WCAG 2 asks of text. */
    private static final double LEAST = 4.5;

    private final List<String> faults = new ArrayList<>();
    private int looked;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void allWordsCanBeRead(FxRobot robot) throws Exception {
        robot.interact(() -> window().chooseStep(manual().steps().findFirst().orElseThrow().id()));
        walk(robot);
        int light = looked;
        assertThat(light).isGreaterThan(200);
        robot.interact(() -> node(robot, "#shade", javafx.scene.control.Button.class).fire());
        walk(robot);
        assertThat(looked).isGreaterThanOrEqualTo(2 * light - 20);
        assertThat(faults).isEmpty();
    }

    private void walk(FxRobot robot) throws Exception {
        for (Place place : Place.values()) {
            robot.interact(() -> window().show(place));
            until(() -> window().ready());
            laidOut(robot);
            robot.interact(() -> look(window().root(), place.name()));
        }
        robot.interact(() -> window().find());
        laidOut(robot);
        robot.interact(() -> look(window().root(), "finder"));
        robot.interact(() -> window().guide(false));
        laidOut(robot);
        robot.interact(() -> look(window().root(), "guide"));
    }

    private void look(Node node, String where) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        if (node instanceof Labeled label
                && label.getText() != null
                && !label.getText().isBlank()) {
            compare(label.getTextFill(), label, where + " “" + label.getText() + "”");
        } else if (node instanceof TextInputControl field) {
            words(field).ifPresent(t -> compare(t.getFill(), field, where + " " + field.getId()));
        } else if (node instanceof Text text && !text.getText().isBlank()) {
            compare(text.getFill(), text, where + " “" + text.getText() + "”");
        }
        if (node instanceof Parent parent && !(node instanceof TextInputControl)) {
            parent.getChildrenUnmodifiable().forEach(child -> look(child, where));
        }
    }

    private static Optional<Text> words(TextInputControl field) {
        return field.lookupAll(".text").stream()
                .filter(n -> n instanceof Text t && !t.getText().isBlank() && t.isVisible())
                .map(Text.class::cast)
                .findFirst();
    }

    private void compare(Paint words, Node node, String what) {
        Optional<Color> behind = behind(node);
        if (words instanceof Color ink && behind.isPresent()) {
            looked++;
            double contrast = Palette.contrast(ink, behind.get());
            if (contrast < LEAST) {
                faults.add("%s: %.2f, %s on %s".formatted(what, contrast, ink, behind.get()));
            }
        }
    }

    /** The nearest ground that is not seen through. */
    private static Optional<Color> behind(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n instanceof Region region && region.getBackground() != null) {
                List<BackgroundFill> fills = region.getBackground().getFills();
                for (int i = fills.size() - 1; i >= 0; i--) {
                    if (fills.get(i).getFill() instanceof Color color && color.getOpacity() > .9) {
                        return Optional.of(color);
                    }
                }
            }
        }
        return Optional.empty();
    }
}
