package methodos.publish.document;

import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.extend.FSStreamFactory;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import methodos.publish.Typeface;
import methodos.publish.house.HouseStyle;

/** Pages as PDF for the archive (PDF/A-2a) that can be read out (PDF/UA-1). */
final class Print {

    /** What a page of print costs beside the painting of one figure. */
    static final double PAGE_WORK = 0.6;

    private Print() {}

    /**
     * How the steps of a stage are printed so that no page stays empty at its foot, by their
     * numbers.
     *
     * @param page without an end, on which it is measured
     * @param house in whose typefaces they are set, and on whose paper
     * @param folder of the pictures
     */
    static Map<String, PageFill.Fill> fills(
            String page, HouseStyle house, Path folder, Course course) {
        Map<String, PageFill.Fill> fills = new HashMap<>();
        try (PdfBoxRenderer laid =
                builder(page, house, folder, uri -> picture(uri, course::goOn))
                        .buildPdfRenderer()) {
            laid.layout();
            LaidPages.fills(laid, house.paper().textHeight())
                    .forEach((step, fill) -> fills.put(String.valueOf(step), fill));
        }
        return fills;
    }

    /** How many pages they are. */
    static int pages(String pages, HouseStyle house, Path folder) {
        try (PdfBoxRenderer laid =
                builder(pages, house, folder, uri -> picture(uri, () -> {})).buildPdfRenderer()) {
            laid.layout();
            return laid.getRootBox().getLayer().getPages().size();
        }
    }

    /**
     * @param file in the folder of the pictures
     */
    static void write(String pages, HouseStyle house, Path file, Course course) throws IOException {
        PdfRendererBuilder builder =
                builder(
                        pages,
                        house,
                        file.getParent(),
                        uri -> picture(uri, () -> course.on(Progress.Work.PAGES, PAGE_WORK)));
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            builder.toStream(out);
            builder.run();
        }
        course.on(Progress.Work.PAGES, PAGE_WORK);
    }

    /**
     * Pages for looking at.
     *
     * @param folder of the pictures
     * @return on which page each step begins, from 0, by its number
     */
    static Map<Integer, Integer> look(String pages, HouseStyle house, Path folder, OutputStream out)
            throws IOException {
        PdfRendererBuilder builder = builder(pages, house, folder, uri -> picture(uri, () -> {}));
        builder.toStream(out);
        try (PdfBoxRenderer laid = builder.buildPdfRenderer()) {
            laid.layout();
            Map<Integer, Integer> begin = LaidPages.pages(laid);
            laid.createPDF();
            return begin;
        }
    }

    private static PdfRendererBuilder builder(
            String pages, HouseStyle house, Path folder, FSStreamFactory pictures) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.withHtmlContent(pages, folder.toUri().toString());
        for (Typeface face : Typeface.values()) {
            builder.useFont(
                    () -> PrintFont.open(face, house),
                    face.family(),
                    face.weight(),
                    face.italic() ? FontStyle.ITALIC : FontStyle.NORMAL,
                    true);
        }
        builder.useProtocolsStreamImplementation(pictures, "file");
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_A);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        builder.withProducer("Methodos");
        return builder;
    }

    /**
     * A picture that a page needs.
     *
     * @param asked told of it: each shows how far the pages are
     */
    private static FSStream picture(String uri, Runnable asked) {
        asked.run();
        return new FSStream() {
            @Override
            public InputStream getStream() {
                try {
                    return Files.newInputStream(Path.of(URI.create(uri)));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }

            @Override
            public Reader getReader() {
                return new InputStreamReader(getStream(), StandardCharsets.UTF_8);
            }
        };
    }
}
