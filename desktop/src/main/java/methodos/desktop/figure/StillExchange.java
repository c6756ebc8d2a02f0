package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.application.Platform;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.footage.Still;
import methodos.footage.match.StillMatch;

/** Puts another still in the place of a figure's; its marks follow what they point to. */
final class StillExchange {

    private final OpenProject project;
    private final FootageDesk desk;

    StillExchange(OpenProject project, FootageDesk desk) {
        this.project = project;
        this.desk = desk;
    }

    /** Takes the still at a time; reading and matching happen beside the interface. */
    void take(Figure figure, Clip clip, double time, Consumer<String> message) {
        desk.capture(
                clip,
                time,
                still -> {
                    try {
                        exchange(figure, clip, still, message);
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                },
                message);
    }

    private void exchange(Figure figure, Clip clip, Still still, Consumer<String> message)
            throws ProjectProblem {
        String picture = project.stills().keep(still.picture());
        Map<String, Point> followed = new HashMap<>();
        if (!figure.marks().isEmpty()) {
            BufferedImage before = project.stills().read(figure.picture());
            Optional<StillMatch> match = StillMatch.between(before, still.picture());
            match.ifPresent(m -> figure.marks().forEach(mark -> follow(m, mark, followed)));
        }
        Platform.runLater(
                () -> {
                    project.apply(
                            FigureEdits.still(
                                    figure.id(),
                                    new Figure.Still(clip.id(), still.time()),
                                    picture,
                                    followed));
                    message.accept(say(figure, followed));
                });
    }

    private static void follow(StillMatch match, Mark mark, Map<String, Point> followed) {
        for (int i = 0; i < mark.points().size(); i++) {
            StillMatch.Carried carried = match.carry(mark.points().get(i));
            Point p = carried.point();
            boolean onPicture = p.x() >= 0 && p.x() <= 1 && p.y() >= 0 && p.y() <= 1;
            if (carried.trust() >= StillMatch.TRUSTED && onPicture) {
                followed.put(FigureEdits.pointKey(mark.id(), i), p);
            }
        }
    }

    private String say(Figure figure, Map<String, Point> followed) {
        Words words = project.words();
        long doubtful =
                figure.marks().stream()
                        .filter(
                                m ->
                                        IntStream.range(0, m.points().size())
                                                .anyMatch(
                                                        i ->
                                                                !followed.containsKey(
                                                                        FigureEdits.pointKey(
                                                                                m.id(), i))))
                        .count();
        return figure.marks().isEmpty()
                ? words.of("figure.taken")
                : words.of("figure.followed", figure.marks().size() - doubtful, doubtful);
    }
}
