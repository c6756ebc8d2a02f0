package methodos.desktop;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.edit.Edit;
import methodos.core.edit.StepEdits;
import methodos.core.edit.StepJoining;
import methodos.core.check.Place;
import methodos.desktop.theme.Theme;
import methodos.files.project.ManualDamaged;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class ShotTmpTest extends RealWindow {
    private Stage stage;

    @Start
    void start(Stage s) throws Exception {
        stage = s;
        open(s);
    }

    private void shot(FxRobot robot, Scene scene, String name) throws Exception {
        laidOut(robot);
        BufferedImage[] p = new BufferedImage[1];
        robot.interact(() -> p[0] = SwingFXUtils.fromFXImage(scene.snapshot(null), null));
        ImageIO.write(p[0], "png", Path.of("/tmp/shots/" + name + ".png").toFile());
    }

    @Test
    void shots(FxRobot robot) throws Exception {
        for (int i = 0; i < 3; i++) {
            String id = manual().steps().skip(3).findFirst().orElseThrow().id();
            int n = i;
            robot.interact(() -> project.apply(n == 0 ? StepEdits.delete(id) : n == 1 ? StepJoining.join(id, project.words()) : StepEdits.text(id, "Loosen the cap screws.")));
            until(() -> project.saving().get().words().startsWith("Saved ·"));
        }
        project.nameState(project.states().get(1), "before the visit");
        robot.clickOn("#kept");
        until(() -> node(robot, "#states", ListView.class).getItems().size() >= 4);
        robot.interact(() -> node(robot, "#states", ListView.class).getSelectionModel().select(2));
        until(() -> robot.lookup("#takeBack").tryQuery().isPresent());
        shot(robot, stage.getScene(), "states");
        show(robot, Place.STEPS);
        String joined = manual().steps().filter(s -> !s.doubts().isEmpty()).findFirst().map(s -> s.id()).orElse(null);
        if (joined != null) {
            robot.interact(() -> window().chooseStep(joined));
        }
        Files.move(folder, folder.resolveSibling("away"));
        Files.writeString(folder, "x");
        robot.interact(() -> project.apply(Edit.named("edit.stepText", m -> m.withTitle("other"))));
        until(() -> robot.lookup("#savingBar").query().isVisible());
        shot(robot, stage.getScene(), "notsaved");
        Files.delete(folder);
        Files.move(folder.resolveSibling("away"), folder);
        until(() -> !robot.lookup("#savingBar").query().isVisible());
        show(robot, Place.PUBLISH);
        shot(robot, stage.getScene(), "publish");
        Path damaged = folder.resolveSibling("damaged");
        ProjectFolder.create(damaged, manual()).close();
        ProjectFolder.open(damaged).close();
        Files.writeString(damaged.resolve("manual.json"), "{\n \"format\": \"1.5\",\n \"tit");
        robot.interact(() -> {
            try {
                ProjectFolder.open(damaged);
            } catch (ManualDamaged e) {
                Stage other = new Stage();
                Scene scene = new Scene(new Pane(), 760, 460);
                new Theme(false).dress(scene, new NotOpened(e, () -> {}));
                other.setScene(scene);
                other.show();
                try {
                    ImageIO.write(SwingFXUtils.fromFXImage(scene.snapshot(null), null), "png", Path.of("/tmp/shots/notopened.png").toFile());
                } catch (Exception x) {
                    throw new RuntimeException(x);
                }
                other.close();
            } catch (Exception e) {
                throw new RuntimeException(e);
            }
        });
    }
}
