package methodos.publish.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.files.cache.CacheFolder;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * A manual of more than 300 figures and 200 pages printed, against the layout library alone on the
 * finished pages and pictures; in turn, in one process. It looks at the pages before they are
 * printed, so it lives in their package.
 */
public final class LargePrintBenchmark {

    private static final int COPIES = 8;

    /** Both ways are then as fast as the machine makes them. */
    private static final int WARMING = 2;

    private static final int ROUNDS = 5;

    private LargePrintBenchmark() {}

    /**
     * @param arguments a folder for what is made, and that of the QA-80's manual
     */
    public static void main(String[] arguments) throws Exception {
        Path work = Path.of(arguments[0]);
        Path source = Path.of(arguments[1]);
        Manual manual = large(ProjectFolder.read(source).manual());
        Publication publication =
                Publication.of(
                                manual,
                                Sight.EVERYTHING,
                                new KeptPictures(source)::still,
                                "2026-12-01")
                        .withPaintings(paintings(work.resolve("kept")));
        List<Double> whole = new ArrayList<>();
        List<Double> library = new ArrayList<>();
        Path pages = Files.createDirectories(work.resolve("pages"));
        Course course = new Course(Progress.NONE, 1);
        long first = System.nanoTime();
        String finished = new Pages().printed(publication, pages, course);
        double painting = (System.nanoTime() - first) / 1e9;
        int count = 0;
        for (int round = -WARMING; round < ROUNDS; round++) {
            long begin = System.nanoTime();
            Path pdf =
                    new Publisher()
                            .publish(publication, work, EnumSet.of(Publisher.Format.PDF))
                            .get(0);
            double made = (System.nanoTime() - begin) / 1e9;
            begin = System.nanoTime();
            Print.write(finished, publication.house(), pages.resolve("alone.pdf"), course);
            double written = (System.nanoTime() - begin) / 1e9;
            if (round >= 0) {
                whole.add(made);
                library.add(written);
            }
            try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
                count = document.getNumberOfPages();
            }
        }
        double ours = median(whole);
        double alone = median(library);
        System.out.printf(
                Locale.ROOT,
                "%d figures, %d pages: %.1f s; the layout library alone on the finished pages"
                        + " %.1f s; %.2f times; at most %d MB of memory for the whole"
                        + " process; painting all figures and laying out once, before: %.1f s%n",
                manual.figures().size(),
                count,
                ours,
                alone,
                ours / alone,
                peak(),
                painting);
        remove(work);
        System.exit(0);
    }

    private static KeptPaintings paintings(Path folder) {
        CacheFolder kept = new CacheFolder(folder, 1L << 30);
        return new KeptPaintings() {
            @Override
            public Optional<byte[]> get(String name) {
                return kept.get(name);
            }

            @Override
            public boolean place(String name, Path file) throws IOException {
                return kept.place(name, file);
            }

            @Override
            public void put(String name, byte[] content) {
                kept.put(name, content);
            }
        };
    }

    /** The steps and figures of a manual several times over, each with an id of its own. */
    private static Manual large(Manual manual) {
        List<Figure> figures = new ArrayList<>(manual.figures());
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            List<Step> steps = new ArrayList<>();
            for (int copy = 0; copy < COPIES; copy++) {
                String more = copy == 0 ? "" : "c" + copy;
                for (Step step : stage.steps()) {
                    steps.add(
                            step.withId(new Id<>(step.id().text() + more))
                                    .withFigures(
                                            step.figures().stream()
                                                    .map(f -> new Id<Figure>(f.text() + more))
                                                    .toList()));
                }
            }
            stages.add(stage.withSteps(steps));
        }
        for (int copy = 1; copy < COPIES; copy++) {
            for (Figure figure : manual.figures()) {
                figures.add(figure.withId(new Id<>(figure.id().text() + "c" + copy)));
            }
        }
        return manual.withStages(stages).withFigures(figures).withDecisions(List.of());
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }

    /** The most memory that the whole process has held, in MB; 0 where the system does not say. */
    private static long peak() throws IOException {
        Path status = Path.of("/proc/self/status");
        if (!Files.exists(status)) {
            return 0;
        }
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith("VmHWM:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) >> 10)
                .findFirst()
                .orElse(0);
    }

    private static void remove(Path folder) throws Exception {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }
}
