package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.desktop.control.FileChoice;
import methodos.desktop.footage.FootagePlace;
import methodos.desktop.footage.ScanDesk;
import methodos.desktop.place.Place;
import methodos.desktop.theme.Theme;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class EmptyProjectTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        ProjectFolder.create(target, Manual.titled("Hand brake HB-3")).close();
    }

    @Override
    protected boolean dark() {
        return true;
    }

    @Test
    void everyPlaceSaysWhatToDoFirst(FxRobot robot) throws Exception {
        until(() -> window().ready());
        assertThat(robot.lookup("No footage yet").tryQuery()).isPresent();
        show(robot, Place.FIGURES);
        assertThat(
                        robot.lookup(
                                        n ->
                                                n instanceof Label l
                                                        && l.getText().startsWith("Keep a still"))
                                .tryQuery())
                .isPresent();
        show(robot, Place.FOOTAGE);
        assertThat(
                        robot.lookup(
                                        n ->
                                                n instanceof Label l
                                                        && l.getText()
                                                                .startsWith(
                                                                        "Import the first clip"))
                                .tryQuery())
                .isPresent();
        show(robot, Place.STORES);
        show(robot, Place.TORQUE);
        show(robot, Place.UNIT);
        show(robot, Place.CHECKS);
        show(robot, Place.PUBLISH);
    }

    @Test
    void fieldsLookLikeFieldsAndNothingIsWrongBeforeAnythingIsTyped(FxRobot robot)
            throws Exception {
        int fields = 0;
        for (Place place : Place.values()) {
            if (robot.lookup("#place-" + place).query().isDisabled()) {
                continue;
            }
            show(robot, place);
            laidOut(robot);
            for (TextInputControl field :
                    robot.lookup(n -> n instanceof TextInputControl)
                            .queryAllAs(TextInputControl.class)) {
                if (!field.isVisible() || field.getWidth() == 0) {
                    continue;
                }
                fields++;
                assertThat(field.getPseudoClassStates())
                        .as("%s", field)
                        .doesNotContain(PseudoClass.getPseudoClass("refused"));
                boolean inside = field.getParent() instanceof ComboBoxBase<?>;
                assertThat(inside || edged(field)).as("%s has an edge", field).isTrue();
            }
            if (place != Place.PUBLISH) { // which says what is open
                assertThat(robot.lookup(".open").queryAllAs(Labeled.class))
                        .as("%s", place)
                        .noneMatch(l -> l.isVisible() && !l.getText().isEmpty());
            }
        }
        assertThat(fields).isGreaterThan(12);
    }

    private static boolean edged(Region field) {
        return field.getBorder() != null
                && field.getBorder().getStrokes().stream()
                        .anyMatch(s -> ((Color) s.getTopStroke()).getOpacity() == 1);
    }

    @Test
    void theMakersNameIsReadWhole(FxRobot robot) throws Exception {
        show(robot, Place.UNIT);
        String maker = "Halvorn Drives and Sluice Gates of the Lower Harbour";
        robot.clickOn("#unitMaker").write(maker);
        laidOut(robot);
        TextField field = node(robot, "#unitMaker", TextField.class);
        assertThat(manual().unit().maker()).isEqualTo(maker);
        Text words = (Text) field.lookup(".text");
        assertThat(words.getLayoutBounds().getWidth()).isLessThanOrEqualTo(field.getWidth() - 14);
        Bounds there = field.localToScene(field.getBoundsInLocal());
        assertThat(there.getMaxX())
                .isLessThan(robot.lookup("#plateModel").query().localToScene(0, 0).getX());
    }

    @Test
    void aFileThatIsNoVideoIsOneSentenceAndChangesNothing(FxRobot robot) throws Exception {
        Path letter = Files.writeString(folder.resolveSibling("letter.mp4"), "Dear colleague");
        Manual before = manual();
        FootagePlace[] place = new FootagePlace[1];
        String[] said = new String[1];
        Theme theme = new Theme(false);
        ScanDesk scans = new ScanDesk(project);
        robot.interact(
                () ->
                        place[0] =
                                new FootagePlace(
                                        project,
                                        new FootagePlace.Recognisers(
                                                scans, (clip, share) -> Optional.empty()),
                                        theme,
                                        FileChoice.ofTheDesktop(),
                                        s -> said[0] = s,
                                        p -> {}));
        robot.interact(() -> place[0].bring(letter));
        until(() -> said[0] != null);
        assertThat(said[0]).contains("letter.mp4");
        assertThat(manual()).isEqualTo(before);
        robot.interact(() -> place[0].close());
        robot.interact(scans::close);
    }
}
