package methodos.publish.document;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.figure.PictureSizes;
import methodos.publish.house.HouseStyle;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * The pages of a publication as they will be, part by part, before they are made. What reads as it
 * did is not laid out anew, so that after an edit only its part costs time. For one thread.
 */
public final class Preview implements AutoCloseable {

    private static final double POINTS_PER_INCH = 72;

    private final Path folder;
    private final Pages pages = new Pages();
    private final Map<String, PictureSizes.Size> sizes = new HashMap<>();
    private Map<String, Laid> laid = new HashMap<>();
    private HouseStyle house = HouseStyle.USUAL;

    /**
     * A part that is laid out.
     *
     * @param steps on which page each step begins, from 0, by its number
     */
    private record Laid(PDDocument document, Map<Integer, Integer> steps) {}

    /** A part of the publication: front matter, a stage, the record. */
    public static final class Part {
        private final Pages.Stretch source;

        private Part(Pages.Stretch source) {
            this.source = source;
        }

        /** front, stage1, stage2 …, record. */
        public String name() {
            return source.name();
        }

        public String title() {
            return source.title();
        }

        private String key() {
            return source.pages();
        }
    }

    /** Figures are kept in a folder of its own until it is closed. */
    public Preview() throws IOException {
        folder = Files.createTempDirectory("methodos-pages");
    }

    /**
     * The parts as the publication is now; of those that are the same as before the pages are there
     * already.
     */
    public List<Part> parts(Publication publication) throws IOException {
        house = publication.house();
        List<Part> all = new ArrayList<>();
        Map<String, Laid> kept = new HashMap<>();
        for (Pages.Stretch part : pages.stretches(publication, folder, sizes)) {
            Part one = new Part(part);
            all.add(one);
            if (laid.containsKey(one.key())) {
                kept.put(one.key(), laid.remove(one.key()));
            }
        }
        shut();
        laid = kept;
        return all;
    }

    /** Whether the pages of a part are laid out. */
    public boolean has(Part part) {
        return laid.containsKey(part.key());
    }

    /** How many pages a part has; it is laid out where it is not yet. */
    public int count(Part part) throws IOException {
        return lay(part).document().getNumberOfPages();
    }

    /** On which page of a part each of its steps begins, from 0, by its number. */
    public Map<Integer, Integer> steps(Part part) throws IOException {
        return lay(part).steps();
    }

    private Laid lay(Part part) throws IOException {
        Laid known = laid.get(part.key());
        if (known != null) {
            return known;
        }
        Map<String, PageFill.Fill> fills =
                part.name().startsWith("stage")
                        ? Print.fills(
                                part.source.measured().page(),
                                house,
                                folder,
                                new Course(Progress.NONE, 1))
                        : Map.of();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Map<Integer, Integer> steps =
                Print.look(part.source.filled().with(fills), house, folder, out);
        Laid made = new Laid(Loader.loadPDF(out.toByteArray()), steps);
        laid.put(part.key(), made);
        return made;
    }

    /**
     * A page as a picture.
     *
     * @param index from 0
     * @param width in pixels
     */
    public BufferedImage page(Part part, int index, int width) throws IOException {
        PDDocument document = lay(part).document();
        PDPage page = document.getPage(index);
        double dpi = POINTS_PER_INCH * width / page.getMediaBox().getWidth();
        return new PDFRenderer(document).renderImageWithDPI(index, (float) dpi);
    }

    private void shut() throws IOException {
        for (Laid one : laid.values()) {
            one.document().close();
        }
    }

    @Override
    public void close() throws IOException {
        shut();
        laid = new HashMap<>();
        Document.remove(folder);
    }
}
