package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import methodos.footage.Recording;
import methodos.footage.track.FollowedMarks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Marks followed through the demo's films, against where its scenes put the things. */
class FollowedMarksTest {

    @TempDir private Path temp;
    private static final Path FOOTAGE = Path.of("..", "demo", "footage");
    private static final double SHAPE = 9 / 16.0;

    /** A thing from one moment to another: the middle of what is seen of it, and its size. */
    private record Place(double from, double to, double x, double y, double width, double height) {}

    private static Map<String, List<Place>> places(String clip) throws Exception {
        Map<String, List<Place>> all = new LinkedHashMap<>();
        List<String> rows = Files.readAllLines(FOOTAGE.resolve("places/" + clip + ".csv"));
        for (String row : rows.subList(1, rows.size())) {
            String[] c = row.split(",");
            all.computeIfAbsent(c[0], k -> new ArrayList<>())
                    .add(
                            new Place(
                                    Double.parseDouble(c[1]),
                                    Double.parseDouble(c[2]),
                                    Double.parseDouble(c[3]),
                                    Double.parseDouble(c[4]),
                                    Double.parseDouble(c[5]),
                                    Double.parseDouble(c[6])));
        }
        return all;
    }

    private static Optional<Place> at(List<Place> places, double time) {
        return places.stream().filter(p -> time >= p.from() && time < p.to()).findFirst();
    }

    private static Map<String, List<String>> things() throws Exception {
        Map<String, List<String>> all = new LinkedHashMap<>();
        for (String row : Files.readAllLines(FOOTAGE.resolve("places/things.csv"))) {
            String[] c = row.split(",");
            all.put(c[0], List.of(c[1].split(" ")));
        }
        return all;
    }

    /** A mark on a thing: where it lies from the middle of what is seen of it. */
    private record Held(String thing, Point mark, double dx, double dy) {}

    /** The thing of the part that lies under a mark; the smallest where there are several. */
    private static Optional<Held> held(
            Map<String, List<Place>> places, List<String> things, Point mark, double time) {
        Held best = null;
        double smallest = 9;
        for (Map.Entry<String, List<Place>> e : places.entrySet()) {
            String kind = e.getKey().replaceAll("#.*", "");
            Optional<Place> at = at(e.getValue(), time);
            if (!things.contains(kind) || at.isEmpty()) {
                continue;
            }
            Place p = at.get();
            boolean on =
                    Math.abs(mark.x() - p.x()) <= p.width() / 2 + .005
                            && Math.abs(mark.y() - p.y()) <= p.height() / 2 + .01;
            if (on && p.width() * p.height() < smallest) {
                smallest = p.width() * p.height();
                best = new Held(e.getKey(), mark, mark.x() - p.x(), mark.y() - p.y());
            }
        }
        return Optional.ofNullable(best);
    }

    /** What was seen of marks, and how far from where they should be. */
    private static final class Sum {
        private final List<Double> errors = new ArrayList<>();
        private int lost;
        private int beside;

        void add(Sum other) {
            errors.addAll(other.errors);
            lost += other.lost;
            beside += other.beside;
        }

        double median() {
            return errors.stream().sorted().toList().get(errors.size() / 2);
        }
    }

    private static Sum follow(
            Path clip, Map<String, List<Place>> places, double[] fromToStill, List<Held> held)
            throws Exception {
        Sum sum = new Sum();
        try (Recording recording = Recording.open(clip)) {
            for (FollowedMarks.Moment moment :
                    FollowedMarks.of(
                            recording,
                            fromToStill[0],
                            fromToStill[1],
                            fromToStill[2],
                            held.stream().map(Held::mark).toList(),
                            () -> false)) {
                for (int i = 0; i < held.size(); i++) {
                    Held h = held.get(i);
                    Optional<Place> truth = at(places.get(h.thing()), moment.time());
                    Optional<Point> seen = moment.places().get(i);
                    sum.lost += seen.isEmpty() ? 1 : 0;
                    seen.ifPresent(p -> judge(sum, h, p, truth));
                }
            }
        }
        return sum;
    }

    private static void judge(Sum sum, Held held, Point seen, Optional<Place> truth) {
        if (truth.isEmpty()) {
            sum.beside++;
            return;
        }
        double dx = seen.x() - truth.get().x();
        double dy = seen.y() - truth.get().y();
        sum.errors.add(Math.hypot(dx - held.dx(), (dy - held.dy()) * SHAPE));
        boolean on =
                Math.abs(dx) <= truth.get().width() / 2 + .01
                        && Math.abs(dy) <= truth.get().height() / 2 + .02;
        sum.beside += on ? 0 : 1;
    }

    @Test
    void marksOfTheDemosFiguresStayOnTheirThings() throws Exception {
        Path folder = temp.resolve("demo");
        DemoProject.QA_80.copyTo(folder);
        Manual manual = ProjectFolder.read(folder).manual();
        Map<String, List<String>> things = things();
        Sum all = new Sum();
        int figures = 0;
        double worst = 0;
        for (Step step : manual.steps().toList()) {
            for (Span span : step.spans()) {
                Clip clip = manual.clip(span.clip()).orElseThrow();
                String name = Path.of(clip.path()).getFileName().toString().replace(".mp4", "");
                Map<String, List<Place>> places = places(name);
                for (Id<Figure> id : step.figures()) {
                    Figure figure = manual.figure(id).orElseThrow();
                    Figure.Still still = figure.still();
                    List<Held> held =
                            still == null || !still.clip().equals(span.clip())
                                    ? List.of()
                                    : held(figure, places, things);
                    if (!held.isEmpty()) {
                        Sum one =
                                follow(
                                        FOOTAGE.resolve("clips/" + name + ".mp4"),
                                        places,
                                        new double[] {span.start(), span.end(), still.time()},
                                        held);
                        figures++;
                        worst = Math.max(worst, one.errors.isEmpty() ? 0 : one.median());
                        all.add(one);
                    }
                }
            }
        }
        System.out.printf(
                "demo: %d figures, %d places seen, %d lost, %d on the wrong thing, median %.4f,"
                        + " worst figure %.4f%n",
                figures, all.errors.size(), all.lost, all.beside, all.median(), worst);
        assertThat(figures).isGreaterThan(30);
        assertThat(all.errors).hasSizeGreaterThan(4000);
        assertThat(worst).as("median over a step").isLessThan(.01);
        assertThat(all.beside).as("on the wrong thing").isZero();
    }

    private static List<Held> held(
            Figure figure, Map<String, List<Place>> places, Map<String, List<String>> things) {
        List<Held> held = new ArrayList<>();
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout c) {
                List<String> of = things.getOrDefault(c.part().text(), List.of());
                held(places, of, c.target(), figure.still().time()).ifPresent(held::add);
            }
        }
        return held;
    }

    /**
     * Films of a camera in the hand, which following was not made with. Of a thing behind another
     * its middle is what stands before it, so that only the median tells something.
     */
    @ParameterizedTest
    @ValueSource(strings = {"hb-3-take-down", "sg-5-take-down"})
    void marksFollowACameraInTheHand(String clip) throws Exception {
        Map<String, List<Place>> places = places(clip);
        Sum all = new Sum();
        double end =
                places.values().stream()
                        .flatMap(List::stream)
                        .mapToDouble(Place::to)
                        .max()
                        .getAsDouble();
        for (double from = 0; from + 8 < end; from += 16) {
            double still = from + 4;
            List<Held> held = new ArrayList<>();
            places.forEach(
                    (thing, all1) ->
                            at(all1, still)
                                    .filter(p -> p.x() > .1 && p.x() < .9)
                                    .filter(p -> p.y() > .1 && p.y() < .9)
                                    .ifPresent(
                                            p ->
                                                    held.add(
                                                            new Held(
                                                                    thing,
                                                                    new Point(p.x(), p.y()),
                                                                    0,
                                                                    0))));
            all.add(
                    follow(
                            FOOTAGE.resolve("hand-held/" + clip + ".mp4"),
                            places,
                            new double[] {from, from + 8, still},
                            held));
        }
        System.out.printf(
                "%s: %d places seen, %d lost, %d beside, median %.4f%n",
                clip, all.errors.size(), all.lost, all.beside, all.median());
        assertThat(all.errors).hasSizeGreaterThan(500);
        assertThat(all.median()).isLessThan(.01);
    }
}
