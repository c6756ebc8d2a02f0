package methodos.desktop.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Identity;
import methodos.core.manual.Step;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The document as it will be, beside what is open before it goes out. */
class PublishPlaceTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void pages(FxRobot robot) throws Exception {
        show(robot, Place.PUBLISH);
        until(() -> window().ready());
    }

    private static List<ImageView> seen(FxRobot robot) {
        return robot.lookup("#pages ImageView").queryAllAs(ImageView.class).stream().toList();
    }

    private static boolean painted(FxRobot robot) {
        return seen(robot).stream().allMatch(v -> v.getImage() != null);
    }

    private static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(Label.class).getText();
    }

    @Test
    void pagesAreTurnedAndRead(FxRobot robot) throws Exception {
        pages(robot);
        assertThat(seen(robot)).hasSize(2);
        until(() -> painted(robot));
        double small = seen(robot).get(0).getFitWidth();
        robot.clickOn("#leaf3");
        until(() -> painted(robot));
        robot.interact(() -> robot.lookup("#pages .scroll-pane").query().requestFocus());
        robot.clickOn(seen(robot).get(1));
        until(() -> seen(robot).size() == 1 && painted(robot));
        assertThat(seen(robot).get(0).getFitWidth()).isGreaterThan(2 * small);
        robot.clickOn(seen(robot).get(0));
        until(() -> seen(robot).size() == 2 && painted(robot));
    }

    @Test
    void anEditIsOnItsPageAtOnceAndMakesItADraft(FxRobot robot) throws Exception {
        pages(robot);
        assertThat(robot.lookup("#issue").query().isDisabled()).isFalse();
        Step step = project.manual().steps().toList().get(20);
        var before = seen(robot).get(0).getImage();
        robot.interact(
                () ->
                        project.apply(
                                StepEdits.detail(
                                        step.id(),
                                        "text",
                                        s -> s.withText("Another word.").withAccepted(false))));
        until(() -> robot.lookup("#issue").query().isDisabled());
        until(() -> window().ready() && seen(robot).get(0).getImage() != before);
        assertThat(robot.lookup("#beforeItGoesOut .label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("Not accepted yet 1");
        assertThat(robot.lookup(".page-open").queryAll()).isNotEmpty();
        robot.clickOn("#publishSettle");
        until(() -> robot.lookup("#pages").tryQuery().isEmpty());
    }

    @Test
    void whoSignsIsKeptWithTheDay(FxRobot robot) throws Exception {
        pages(robot);
        robot.clickOn("#identityReviewer").write("R. Reader").type(KeyCode.ENTER);
        robot.clickOn("#identityReason").push(KeyCode.CONTROL, KeyCode.A);
        robot.write("new seal").type(KeyCode.ENTER);
        Identity now = project.manual().identity();
        assertThat(now.reason()).isEqualTo("new seal");
        assertThat(now.reviewer().name()).isEqualTo("R. Reader");
        assertThat(now.reviewer().given()).isTrue();
        Node date = robot.lookup("#identityReviewerDate").query();
        robot.clickOn(date);
        robot.interact(() -> ((TextField) date).setText("soon"));
        robot.type(KeyCode.ENTER);
        assertThat(project.manual().identity()).isEqualTo(now);
        assertThat(text(robot, "#pagesTold")).isNotEmpty();
    }
}
