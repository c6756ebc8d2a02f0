package methodos.benchmarks;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.demo.DemoProject;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;

/**
 * Drags marks over a still of 3840 × 2160 with forty marks in the real window, and prints how long
 * each picture of the interface took. Argument: a working folder.
 */
public final class FigureBenchmark {

    private static final int WIDTH = 3840;
    private static final int HEIGHT = 2160;
    private static final int PICTURES = 240;
    private static final int CALLOUTS = 16;
    private static final int OTHERS = 24;

    private static Path folder;
    private static Id<Figure> figure;

    private FigureBenchmark() {}

    public static void main(String[] arguments) throws Exception {
        Path work = Files.createDirectories(Path.of(arguments[0]));
        folder = Files.createTempDirectory(work, "figure").resolve("figure.methodos");
        DemoProject.QA_80.copyTo(folder);
        try (ProjectFolder project = ProjectFolder.open(folder)) {
            String picture = project.stills().keep(still());
            Manual manual =
                    FigureEdits.newFigure(null, picture)
                            .change()
                            .apply(project.workspace().manual());
            figure = manual.figures().get(manual.figures().size() - 1).id();
            project.save(marked(manual));
        }
        Application.launch(Window.class);
    }

    /** A picture full of edges, as a sharp still of a workshop is. */
    private static BufferedImage still() {
        BufferedImage still = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = still.createGraphics();
        g.setPaint(new GradientPaint(0, 0, Color.DARK_GRAY, WIDTH, HEIGHT, Color.LIGHT_GRAY));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        Random random = new Random(4);
        for (int i = 0; i < 3000; i++) {
            g.setColor(new Color(random.nextInt(0x1000000)));
            g.fillOval(random.nextInt(WIDTH), random.nextInt(HEIGHT), 60, 40);
        }
        g.dispose();
        return still;
    }

    private static Manual marked(Manual manual) {
        Manual now = manual;
        Random random = new Random(40);
        for (int i = 0; i < CALLOUTS; i++) {
            Id<Part> part = now.parts().get(i % now.parts().size()).id();
            now = FigureEdits.addCallout(figure, part, spot(random)).change().apply(now);
        }
        for (int i = 0; i < OTHERS; i++) {
            Point at = spot(random);
            int kind = i % 6;
            now = FigureEdits.addMark(figure, id -> mark(kind, id, at)).change().apply(now);
        }
        return now;
    }

    private static Point spot(Random random) {
        return new Point(.1 + .75 * random.nextDouble(), .1 + .75 * random.nextDouble());
    }

    private static Mark mark(int kind, Id<Mark> id, Point at) {
        Point end = at.plus(.06, .02);
        return switch (kind) {
            case 0 -> new Mark.Shift(id, at, end, Movement.PUSH);
            case 1 -> new Mark.Turn(id, at, end, at.plus(0, .05), null, null);
            case 2 -> new Mark.Label(id, at, "words " + id);
            case 3 -> new Mark.ByFeel(id, at, "clicks");
            case 4 -> new Mark.Outline(id, List.of(at, end, end.plus(0, .06), at.plus(0, .06)));
            default -> new Mark.MatchMark(id, at, end, "1");
        };
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private ProjectStage shown;
        private OpenProject open;
        private Region canvas;

        /** Where the mark that is dragged lay at first, on the canvas. */
        private Point start;

        @Override
        public void start(Stage stage) throws Exception {
            open = new OpenProject(ProjectFolder.open(folder));
            shown =
                    new ProjectStage(
                            stage,
                            open,
                            (clip, share) -> Optional.empty(),
                            FileChoice.ofTheDesktop(),
                            new ProjectStage.Looks(
                                    new Theme(false),
                                    Preferences.userRoot().node("methodos-benchmark"),
                                    1280,
                                    800));
            stage.show();
            shown.window().show(Place.FIGURES);
            shown.window().chooseFigure(figure);
            canvas = (Region) shown.window().root().lookup("#figure");
            Courses courses = new Courses(() -> shown.window().ready(), name -> {});
            courses.add(null, PICTURES / 2, "", i -> drag(i, PICTURES / 2, 0));
            for (int mark : new int[] {0, CALLOUTS, CALLOUTS + 1, CALLOUTS + 2}) {
                String kind =
                        open.manual()
                                .figure(figure)
                                .orElseThrow()
                                .marks()
                                .get(mark)
                                .getClass()
                                .getSimpleName();
                courses.add(
                        "dragged one of 40 marks: " + kind,
                        PICTURES,
                        Courses.LIMIT,
                        i -> drag(i, PICTURES, mark));
            }
            courses.run(Platform::exit);
        }

        /** One mark goes round in a circle; at the last picture it is let go. */
        private void drag(int i, int of, int index) {
            if (i == 0) {
                start = onCanvas(index);
            }
            double a = 2 * Math.PI * i / of;
            mouse(
                    i == 0
                            ? MouseEvent.MOUSE_PRESSED
                            : i == of - 1 ? MouseEvent.MOUSE_RELEASED : MouseEvent.MOUSE_DRAGGED,
                    start.x() + 40 * Math.sin(a),
                    start.y() + 40 * (1 - Math.cos(a)));
        }

        private Point onCanvas(int index) {
            Figure now = open.manual().figure(figure).orElseThrow();
            FigureDrawing drawing =
                    FigureDrawing.of(
                            now, open.manual(), open.words(), PictureSizes.all(WIDTH, HEIGHT));
            Point spot = now.marks().get(index).points().get(0);
            Point at = drawing.picture().at(drawing.framing().seen(spot));
            double scale =
                    Math.min(
                            (canvas.getWidth() - 4) / drawing.width(),
                            (canvas.getHeight() - 4) / drawing.height());
            double width = Math.floor(drawing.width() * scale);
            return new Point(
                    at.x() * scale + (canvas.getWidth() - width) / 2,
                    at.y() * scale + (canvas.getHeight() - drawing.height() * scale) / 2);
        }

        private void mouse(EventType<MouseEvent> type, double x, double y) {
            Event.fireEvent(
                    canvas,
                    new MouseEvent(
                            type,
                            x,
                            y,
                            x,
                            y,
                            MouseButton.PRIMARY,
                            1,
                            false,
                            false,
                            false,
                            false,
                            true,
                            false,
                            false,
                            true,
                            false,
                            true,
                            new PickResult(canvas, x, y)));
        }

        @Override
        public void stop() {
            shown.close();
        }
    }
}
