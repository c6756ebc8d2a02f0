package methodos.desktop;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelReader;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.figure.FigureDrawing;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import methodos.publish.figure.FigurePainter;
import methodos.publish.figure.FigurePictures;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on the figures, with what tests of marks need. */
abstract class FigureWindow extends RealWindow {

    private static final int WIDEST = 1600;

    protected Id<Figure> figure;

    /** Opens the first figure of a step, with no mark on it. */
    protected void openBare(FxRobot robot, Predicate<Step> of) throws Exception {
        Step step =
                manual().steps()
                        .filter(s -> s.figures().size() == 1)
                        .filter(of)
                        .findFirst()
                        .orElseThrow();
        figure = step.figures().get(0);
        Figure bare = now().withMarks(List.of());
        robot.interact(
                () ->
                        project.apply(
                                methodos.core.edit.Edit.named(
                                        EditKind.DELETE_MARK, m -> m.withFigure(bare))));
        show(robot, Place.FIGURES);
        robot.interact(() -> robot.lookup("#figure-" + figure).queryButton().fire());
        until(() -> window().ready());
        laidOut(robot);
    }

    protected Figure now() {
        return manual().figure(figure).orElseThrow();
    }

    protected List<Mark> marks() {
        return now().marks();
    }

    protected Region canvas(FxRobot robot) {
        return node(robot, "#figure", Region.class);
    }

    private ImageView view(FxRobot robot) {
        return (ImageView) canvas(robot).getChildrenUnmodifiable().get(0);
    }

    private FigurePictures pictures() {
        return new FigurePictures(this::still, WIDEST);
    }

    private Optional<BufferedImage> still(Figure f) {
        try {
            return f.picture() == null
                    ? Optional.empty()
                    : Optional.of(project.stills().read(f.picture()));
        } catch (methodos.files.problem.ProjectProblem e) {
            throw new IllegalStateException(e);
        }
    }

    protected FigureDrawing drawing() {
        return FigureDrawing.of(now(), manual(), project.words(), pictures());
    }

    /** Where a place of the sheet is on the screen. */
    protected Point2D onScreen(FxRobot robot, Point sheet) {
        ImageView view = view(robot);
        double scale = view.getImage().getWidth() / drawing().width();
        Bounds b = canvas(robot).localToScreen(canvas(robot).getBoundsInLocal());
        return new Point2D(
                b.getMinX() + view.getLayoutX() + sheet.x() * scale,
                b.getMinY() + view.getLayoutY() + sheet.y() * scale);
    }

    /** Where a spot of the still is on the screen. */
    protected Point2D spot(FxRobot robot, double x, double y) {
        FigureDrawing d = drawing();
        return onScreen(robot, d.picture().at(d.framing().seen(new Point(x, y))));
    }

    protected void click(FxRobot robot, double x, double y) {
        robot.clickOn(spot(robot, x, y));
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected void drag(FxRobot robot, Point2D from, Point2D to) {
        robot.moveTo(from)
                .press(MouseButton.PRIMARY)
                .moveTo(from.midpoint(to))
                .moveTo(to)
                .release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected void draw(FxRobot robot, double x1, double y1, double x2, double y2) {
        drag(robot, spot(robot, x1, y1), spot(robot, x2, y2));
    }

    /** Types a key with the picture in focus. */
    protected void key(FxRobot robot, KeyCode... codes) {
        robot.interact(() -> canvas(robot).requestFocus());
        for (KeyCode code : codes) {
            robot.type(code);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected void shortcut(FxRobot robot, KeyCode code) {
        robot.press(KeyCode.CONTROL).type(code).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** How many pixels on the screen differ from the figure as it is saved at that width. */
    protected int differing(FxRobot robot) {
        Image shown = view(robot).getImage();
        FigurePictures pictures = pictures();
        BufferedImage saved =
                new FigurePainter(drawing(), id -> manual().figure(id).flatMap(pictures::prepared))
                        .paint((int) shown.getWidth());
        PixelReader pixels = shown.getPixelReader();
        int differing = 0;
        for (int y = 0; y < saved.getHeight(); y++) {
            for (int x = 0; x < saved.getWidth(); x++) {
                differing += pixels.getArgb(x, y) == saved.getRGB(x, y) ? 0 : 1;
            }
        }
        return differing;
    }
}
