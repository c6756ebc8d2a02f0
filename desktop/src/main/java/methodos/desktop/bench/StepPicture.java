package methodos.desktop.bench;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.FigureText;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.publish.figure.FigurePainter;
import methodos.publish.figure.FigurePictures;

/** The figure of a step as large as there is room, and its film when it is asked for. */
final class StepPicture {

    private static final int WIDEST = 1600;
    private static final int FILM_WIDTH = 960;
    private static final int FILM_HEIGHT = 540;
    private static final double NANOS = 1e9;

    private final OpenProject project;
    private final FootageDesk desk;
    private final ExecutorService painting;
    private final ImageView view = new ImageView();
    private final Pane node =
            new Pane(view) {
                @Override
                protected void layoutChildren() {
                    place();
                }
            };
    private final AnimationTimer film =
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    tick(now);
                }
            };
    private Manual manual;
    private List<Figure> figures = List.of();
    private int at;
    private Image still;
    private Step step;
    private boolean playing;
    private boolean waiting;
    private long since;
    private Object asked;

    StepPicture(OpenProject project, FootageDesk desk) {
        this.project = project;
        this.desk = desk;
        painting = project.background().thread("work.figures");
        node.getStyleClass().add("figure-sheet");
        node.setId("benchFigure");
        node.setMinSize(120, 90);
        view.setPreserveRatio(true);
        node.setOnMouseClicked(e -> next());
    }

    Region node() {
        return node;
    }

    private void place() {
        view.setFitWidth(node.getWidth() - 2);
        view.setFitHeight(node.getHeight() - 2);
        Image image = view.getImage();
        if (image == null) {
            return;
        }
        double shown =
                Math.min(
                        (node.getWidth() - 2) / image.getWidth(),
                        (node.getHeight() - 2) / image.getHeight());
        view.relocate(
                (node.getWidth() - shown * image.getWidth()) / 2,
                (node.getHeight() - shown * image.getHeight()) / 2);
    }

    /** Shows the first figure of a step; nothing where it has none. */
    void show(Manual of, Step now) {
        if (now.equals(step)) {
            return;
        }
        stop();
        manual = of;
        step = now;
        figures = now.figures().stream().flatMap(f -> of.figure(f).stream()).toList();
        at = 0;
        still = null;
        view.setImage(null);
        paint();
    }

    private void next() {
        if (!playing && figures.size() > 1) {
            at = (at + 1) % figures.size();
            paint();
        }
    }

    /** Whether the step has a figure or a film. */
    boolean any() {
        return !figures.isEmpty() || playing;
    }

    /** How many figures it has. */
    int count() {
        return figures.size();
    }

    private void paint() {
        if (figures.isEmpty()) {
            node.setAccessibleText("");
            return;
        }
        Figure figure = figures.get(at);
        Manual of = manual;
        Object ticket = new Object();
        asked = ticket;
        node.setAccessibleText(FigureText.of(figure, of, project.words()));
        painting.execute(
                () -> {
                    Optional<BufferedImage> made = painted(figure, of);
                    Platform.runLater(
                            () -> {
                                if (asked == ticket) {
                                    still =
                                            made.map(i -> SwingFXUtils.toFXImage(i, null))
                                                    .orElse(null);
                                    view.setImage(still);
                                    node.requestLayout();
                                }
                            });
                });
    }

    private Optional<BufferedImage> painted(Figure figure, Manual of) {
        FigurePictures pictures = new FigurePictures(this::taken, WIDEST);
        FigureDrawing drawing = FigureDrawing.published(figure, of, project.words(), pictures);
        if (drawing.width() == 0) {
            return Optional.empty();
        }
        return Optional.of(
                new FigurePainter(drawing, id -> of.figure(id).flatMap(pictures::prepared))
                        .paint(WIDEST));
    }

    private Optional<BufferedImage> taken(Figure figure) {
        try {
            return figure.picture() == null || figure.picture().isEmpty()
                    ? Optional.empty()
                    : Optional.of(project.stills().read(figure.picture()));
        } catch (ProjectProblem gone) {
            return Optional.empty();
        }
    }

    /** Whether the step has footage. */
    boolean hasFilm() {
        return step != null
                && !step.spans().isEmpty()
                && manual.clip(step.spans().get(0).clip()).isPresent();
    }

    boolean playing() {
        return playing;
    }

    /** Plays the film of the step over and over, or shows its figure again. */
    void toggle() {
        if (playing) {
            stop();
            view.setImage(still);
            node.requestLayout();
        } else if (hasFilm()) {
            playing = true;
            waiting = false;
            since = -1;
            film.start();
        }
    }

    private void stop() {
        playing = false;
        film.stop();
    }

    private void tick(long now) {
        since = since < 0 ? now : since;
        if (waiting) {
            return;
        }
        List<Span> spans = new ArrayList<>(step.spans());
        double all = spans.stream().mapToDouble(Span::seconds).sum();
        double time = all <= 0 ? 0 : (now - since) / NANOS % all;
        for (Span span : spans) {
            if (time <= span.seconds()) {
                frame(manual.clip(span.clip()), span.start() + time);
                return;
            }
            time -= span.seconds();
        }
    }

    private void frame(Optional<Clip> clip, double time) {
        if (clip.isEmpty()) {
            return;
        }
        waiting = true;
        desk.look(
                clip.get(),
                time,
                FILM_WIDTH,
                FILM_HEIGHT,
                shown -> {
                    waiting = false;
                    if (playing) {
                        view.setImage(shown.image());
                        node.requestLayout();
                    }
                },
                problem -> {
                    stop();
                    view.setImage(still);
                });
    }

    void close() {
        stop();
    }

    /** Ends what paints. */
    void end() {
        stop();
        painting.shutdown();
    }
}
