package methodos.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.change.SearchSpan;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.core.proposal.FigureProposals;
import methodos.core.proposal.PlaceFinder;
import methodos.core.proposal.ProposedFigure;
import methodos.core.scan.Scan;
import methodos.files.project.ProjectFolder;
import methodos.footage.Recording;
import methodos.footage.Scanner;
import methodos.footage.change.SpanChanges;
import methodos.footage.change.StillPlaceFinder;

/**
 * Holds the figures that the film proposes against the places that the renderer of the footage
 * wrote down, and the changes found in clips of other machines too. Arguments: the folder of the
 * demo's footage.
 */
public final class FilmBenchmark {

    /** From this sureness on nobody looks twice. */
    private static final double SURE = .8;

    /** The things of the footage that are a part of the demo's list, by the part's id. */
    private final Map<String, Set<String>> things;

    /** What comes off in the clips of other machines: clip, from, to, things. */
    private static final String[][] OTHERS = {
        {"hb-3-take-down", "2.5", "7", "SplitPin"},
        {"hb-3-take-down", "9.5", "16.5", "BrakeNut"},
        {"hb-3-take-down", "19", "26", "BrakeDrum"},
        {"hb-3-take-down", "33", "45", "BrakeSpring,BrakeSpring#2"},
        {"hb-3-take-down", "49", "64", "BrakeShoe,BrakeShoe#2"},
        {"sg-5-take-down", "2", "8.5", "GateCrank"},
        {"sg-5-take-down", "11", "16.5", "GateCounter"},
        {"sg-5-take-down", "21", "32", "GateShearPin,GateShearPin#2,GateShearPin#3"},
        {"sg-5-take-down", "35", "41", "GateFlange"},
        {
            "sg-5-take-down",
            "45",
            "62.5",
            "GateScrew,GateScrew#2,GateScrew#3,GateScrew#4,GateScrew#5,GateScrew#6"
        },
        {"sg-5-take-down", "65", "72", "GateCover"}
    };

    private final Path footage;

    private FilmBenchmark(Path footage) throws IOException {
        this.footage = footage;
        this.things = things(footage);
    }

    public static void main(String[] arguments) throws Exception {
        FilmBenchmark benchmark = new FilmBenchmark(Path.of(arguments[0]));
        benchmark.demo();
        benchmark.others();
        System.exit(0);
    }

    private static Map<String, Set<String>> things(Path footage) throws IOException {
        Map<String, Set<String>> all = new HashMap<>();
        for (String line : Files.readAllLines(footage.resolve("places/things.csv"))) {
            String[] fields = line.split(",");
            all.put(fields[0], Set.of(fields[1].split(" ")));
        }
        return all;
    }

    /** Where a thing is seen for a while. */
    private record Place(
            String thing, double from, double to, double x, double y, double width, double height) {

        boolean at(double time) {
            return from <= time && time < to;
        }

        boolean holds(Point p, double share) {
            return Math.abs(p.x() - x) <= share * width + .004
                    && Math.abs(p.y() - y) <= share * height + .006;
        }
    }

    private List<Place> places(String clip) throws IOException {
        List<Place> all = new ArrayList<>();
        List<String> lines = Files.readAllLines(footage.resolve("places/" + clip + ".csv"));
        for (String line : lines.subList(1, lines.size())) {
            String[] f = line.split(",");
            double[] v = new double[f.length];
            for (int i = 1; i < f.length; i++) {
                v[i] = Double.parseDouble(f[i]);
            }
            all.add(new Place(f[0], v[1], v[2], v[3], v[4], v[5], v[6]));
        }
        return all;
    }

    private void demo() throws Exception {
        Manual manual =
                ProjectFolder.read(footage.resolveSibling("src/main/resources/methodos/demo/qa-80"))
                        .manual();
        Map<Id<Clip>, Recording> recordings = new HashMap<>();
        Map<Id<Clip>, Scan> scans = new HashMap<>();
        Map<Id<Clip>, List<Place>> places = new HashMap<>();
        double footageSeconds = 0;
        long begin = System.nanoTime();
        for (Clip clip : manual.clips()) {
            Path file = footage.resolve("clips/" + clip.name() + ".mp4");
            scans.put(clip.id(), Scanner.scan(file, share -> {}, () -> false));
            recordings.put(clip.id(), Recording.open(file));
            places.put(clip.id(), places(clip.name()));
            footageSeconds += clip.duration();
        }
        double scanning = seconds(begin);
        begin = System.nanoTime();
        Map<Id<Step>, SeenSpan> seen = new LinkedHashMap<>();
        for (Map.Entry<Id<Step>, SearchSpan> wanted : FigureProposals.searched(manual).entrySet()) {
            SearchSpan span = wanted.getValue();
            Step step = manual.step(wanted.getKey()).orElseThrow();
            Id<Clip> clip = step.spans().get(0).clip();
            seen.put(
                    step.id(),
                    SpanChanges.of(
                            recordings.get(clip),
                            span.from(),
                            span.to(),
                            span.earliest(),
                            span.latest(),
                            scans.get(clip)));
        }
        double looking = seconds(begin);
        System.out.printf(
                Locale.ROOT,
                "%.0f s of footage scanned in %.1f s; %d steps looked at, %.2f s each%n",
                footageSeconds,
                scanning,
                seen.size(),
                looking / seen.size());
        PlaceFinder finder = new StillPlaceFinder(recordings);
        Manual bare = manual;
        for (Step step : manual.steps().toList()) {
            bare = bare.withStep(step.withFigures(List.of()));
        }
        Score film = new Score(things);
        Score others = new Score(things);
        begin = System.nanoTime();
        FigureProposals fromFilm = new FigureProposals(bare, seen, finder, clip -> .5625);
        for (Step step : manual.steps().toList()) {
            ProposedFigure figure = fromFilm.of(step.withFigures(List.of())).orElse(null);
            film.add(manual, step, figure, places);
        }
        double drafting = seconds(begin);
        for (Step step : manual.steps().toList()) {
            Manual without = manual.withStep(step.withFigures(List.of()));
            Step open = without.step(step.id()).orElseThrow();
            ProposedFigure figure =
                    new FigureProposals(without, seen, finder, clip -> .5625).of(open).orElse(null);
            others.add(manual, step, figure, places);
        }
        System.out.printf(Locale.ROOT, "drafted, %.2f s a step%n", drafting / seen.size());
        System.out.println("from the film alone: " + film);
        System.out.println("where all other figures are there: " + others);
    }

    private void others() throws Exception {
        int things = 0;
        int found = 0;
        int changes = 0;
        int right = 0;
        Map<String, Scan> scans = new HashMap<>();
        for (String[] step : OTHERS) {
            Path file = footage.resolve("hand-held/" + step[0] + ".mp4");
            if (!scans.containsKey(step[0])) {
                scans.put(step[0], Scanner.scan(file, share -> {}, () -> false));
            }
            try (Recording recording = Recording.open(file)) {
                SeenSpan seen =
                        SpanChanges.of(
                                recording,
                                Double.parseDouble(step[1]),
                                Double.parseDouble(step[2]),
                                scans.get(step[0]));
                List<Place> there =
                        places(step[0]).stream()
                                .filter(p -> p.at(seen.before()))
                                .filter(p -> List.of(step[3].split(",")).contains(p.thing()))
                                .toList();
                List<SeenChange> gone =
                        seen.changes().stream()
                                .filter(c -> c.kind() == SeenChange.Kind.GONE)
                                .toList();
                things += there.size();
                changes += gone.size();
                for (Place place : there) {
                    found += gone.stream().anyMatch(c -> place.holds(c.middle(), .6)) ? 1 : 0;
                }
                for (SeenChange change : gone) {
                    right += there.stream().anyMatch(p -> p.holds(change.middle(), .6)) ? 1 : 0;
                }
            }
        }
        System.out.printf(
                Locale.ROOT,
                "hand-held clips of two other machines: %d of %d things found gone; of %d places"
                        + " told gone %d are theirs%n",
                found,
                things,
                changes,
                right);
    }

    private static double seconds(long begin) {
        return (System.nanoTime() - begin) / 1e9;
    }

    /** Proposed marks against the places of things, and written callouts that are proposed. */
    private static final class Score {

        private final Map<String, Set<String>> things;
        private int written;
        private int proposedOfWritten;
        private int marks;
        private int right;
        private int sure;
        private int sureWrong;

        Score(Map<String, Set<String>> things) {
            this.things = things;
        }

        void add(
                Manual manual,
                Step step,
                ProposedFigure figure,
                Map<Id<Clip>, List<Place>> places) {
            Set<Id<Part>> wanted =
                    step.figures().stream()
                            .flatMap(f -> manual.figure(f).stream())
                            .flatMap(f -> f.marks().stream())
                            .filter(m -> m instanceof Mark.Callout)
                            .map(m -> ((Mark.Callout) m).part())
                            .collect(Collectors.toSet());
            written += wanted.size();
            if (figure == null) {
                return;
            }
            for (ProposedFigure.ProposedMark proposed : figure.marks()) {
                if (!(proposed.mark() instanceof Mark.OfPart of)) {
                    continue;
                }
                boolean on =
                        places.get(figure.still().clip()).stream()
                                .filter(p -> p.at(figure.still().time()))
                                .filter(p -> isOf(of.part(), p.thing()))
                                .anyMatch(p -> p.holds(proposed.mark().points().get(0), .5));
                marks++;
                right += on ? 1 : 0;
                proposedOfWritten += on && wanted.remove(of.part()) ? 1 : 0;
                if (proposed.sure() >= SURE) {
                    sure++;
                    sureWrong += on ? 0 : 1;
                }
            }
        }

        private boolean isOf(Id<Part> part, String thing) {
            return things.getOrDefault(part.text(), Set.of()).contains(thing.split("#")[0]);
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d of %d written callouts proposed on their part; %d of %d marks on their"
                            + " part; of %d sure ones %d are not",
                    proposedOfWritten,
                    written,
                    right,
                    marks,
                    sure,
                    sureWrong);
        }
    }
}
