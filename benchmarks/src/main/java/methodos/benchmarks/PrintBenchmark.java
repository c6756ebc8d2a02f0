package methodos.benchmarks;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.demo.DemoProject;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * How much of each page of the demos' print stays empty at its foot. The pages are drawn, and the
 * last line with ink on it is looked for above the running foot. The last page of a section or
 * stage ends where its matter ends, and is left out.
 */
public final class PrintBenchmark {

    private static final int DOTS_PER_INCH = 36;
    private static final double MILLIMETRES = 25.4 / DOTS_PER_INCH;

    /** Margins of the page, as its style sheet has them. */
    private static final double TOP = 24;

    private static final double BOTTOM = 22;
    private static final int INK = 235;

    private PrintBenchmark() {}

    public static void main(String[] arguments) throws Exception {
        Path work = Files.createDirectories(Path.of(arguments[0]));
        System.out.println("| Manual | Pages | Looked at | Mean empty foot | Most | Seconds |");
        System.out.println("| --- | --- | --- | --- | --- | --- |");
        for (DemoProject demo : DemoProject.values()) {
            Path source =
                    Path.of(arguments[1])
                            .resolve(demo.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            Manual manual = ProjectFolder.read(source).manual();
            long begin = System.nanoTime();
            Path pdf =
                    new Publisher()
                            .publish(
                                    Publication.of(
                                            manual,
                                            Sight.EVERYTHING,
                                            new KeptPictures(source)::still,
                                            "2026-11-30"),
                                    work.resolve(demo.name()),
                                    EnumSet.of(Publisher.Format.PDF))
                            .get(0);
            row(demo.name(), pdf, (System.nanoTime() - begin) / 1e9);
        }
        System.exit(0);
    }

    private static void row(String name, Path pdf, double seconds) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            PDFRenderer renderer = new PDFRenderer(document);
            TreeSet<Integer> begins = new TreeSet<>();
            PDOutlineItem item = document.getDocumentCatalog().getDocumentOutline().getFirstChild();
            for (; item != null; item = item.getNextSibling()) {
                begins.add(page(item));
            }
            List<Double> empty = new ArrayList<>();
            for (int page = begins.first(); page < document.getNumberOfPages() - 1; page++) {
                if (!begins.contains(page + 1)) {
                    empty.add(
                            foot(renderer.renderImageWithDPI(page, DOTS_PER_INCH, ImageType.GRAY)));
                }
            }
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %d | %d | %.1f %% | %.0f %% | %.1f |%n",
                    name,
                    document.getNumberOfPages(),
                    empty.size(),
                    100 * empty.stream().mapToDouble(e -> e).average().orElse(Double.NaN),
                    100 * empty.stream().mapToDouble(e -> e).max().orElse(Double.NaN),
                    seconds);
        }
    }

    private static int page(PDOutlineItem item) throws Exception {
        return ((PDPageDestination) item.getDestination()).retrievePageNumber();
    }

    /** The share of the room for the matter that is below the last ink in it. */
    private static double foot(BufferedImage page) {
        int top = (int) Math.round(TOP / MILLIMETRES);
        int bottom = page.getHeight() - (int) Math.round(BOTTOM / MILLIMETRES);
        int last = top;
        for (int y = top; y < bottom; y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                if ((page.getRGB(x, y) & 255) < INK) {
                    last = y;
                    break;
                }
            }
        }
        return (bottom - 1.0 - last) / (bottom - top);
    }
}
