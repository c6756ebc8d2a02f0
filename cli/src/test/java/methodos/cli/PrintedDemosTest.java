package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import methodos.fixtures.ValidPdf;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The printed issues of the demos as a screen reader and an archive take them. */
class PrintedDemosTest {

    @TempDir private Path temp;

    @ParameterizedTest
    @CsvSource({"QA_80,", "QA_80,QA-80 D", "QA_80,QA-80 S", "HB_3,", "SG_5,"})
    void anIssueIsAccessibleAndReadInTheOrderOfTheWork(DemoProject demo, String model)
            throws Exception {
        Path folder = temp.resolve("demo");
        demo.copyTo(folder);
        Manual manual = ProjectFolder.read(folder).manual();
        Sight sight = new Sight(model, SerialRange.ALL);
        Publication publication =
                Publication.of(manual, sight, d -> Optional.of(gray()), "2026-11-30");
        Path pdf =
                new Publisher()
                        .publish(publication, temp.resolve("out"), EnumSet.of(Publisher.Format.PDF))
                        .get(0);
        ValidPdf.check(pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            linksLead(document);
            String read = new Reading(document).text();
            order(read, publication.manual(), sight);
        }
    }

    private static BufferedImage gray() {
        BufferedImage image = new BufferedImage(320, 180, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.LIGHT_GRAY);
        g.fillRect(0, 0, 320, 180);
        g.dispose();
        return image;
    }

    private static void linksLead(PDDocument document) throws Exception {
        int links = 0;
        for (PDPage page : document.getPages()) {
            for (var annotation : page.getAnnotations()) {
                if (annotation instanceof PDAnnotationLink link) {
                    links++;
                    assertThat(
                                    link.getDestination() != null
                                            || link.getAction() instanceof PDActionGoTo to
                                                    && to.getDestination() != null)
                            .as("a link that leads somewhere")
                            .isTrue();
                }
            }
        }
        assertThat(links).as("links in the contents alone").isGreaterThan(10);
    }

    /**
     * Each step: its hazards, its number and words, what is used, its figure; then the next one.
     */
    private static void order(String read, Manual manual, Sight sight) {
        StepNumbers numbers = new StepNumbers(manual, sight);
        List<String> all = new ArrayList<>();
        int hazards = 0;
        int figures = 0;
        for (Step step : manual.steps().filter(s -> s.applicability().concerns(sight)).toList()) {
            List<String> told =
                    step.hazards().stream()
                            .filter(h -> h.applicability().concerns(sight))
                            .sorted(Comparator.comparing(Hazard::signal))
                            .map(h -> squeezed(h.hazard()))
                            .toList();
            all.addAll(told);
            hazards += told.size();
            all.add(numbers.of(step.id()).orElseThrow() + "☐" + squeezed(step.text()));
            for (var figure : step.figures()) {
                all.add(squeezed(manual.figure(figure).orElseThrow().title()));
                figures++;
            }
        }
        int from = read.indexOf(all.get(0), read.lastIndexOf(squeezed("Parts list")));
        assertThat(hazards).isPositive();
        assertThat(figures).isPositive();
        for (String piece : all) {
            int at = read.indexOf(piece, from);
            assertThat(at).as("“%s” stands behind what comes before it", piece).isNotNegative();
            from = at + 1;
        }
    }

    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }

    /** The text in the order of the structure tree, which is that in which it is read out. */
    private static final class Reading {

        private final StringBuilder text = new StringBuilder();
        private final PDDocument document;
        private final List<List<PDMarkedContent>> pages = new ArrayList<>();

        Reading(PDDocument document) throws Exception {
            this.document = document;
            for (PDPage page : document.getPages()) {
                PDFMarkedContentExtractor extractor = new PDFMarkedContentExtractor();
                extractor.processPage(page);
                pages.add(extractor.getMarkedContents());
            }
            walk(document.getDocumentCatalog().getStructureTreeRoot().getCOSObject(), null);
        }

        String text() {
            return squeezed(text.toString());
        }

        private void walk(COSDictionary element, COSDictionary page) {
            COSDictionary own = element.getCOSDictionary(COSName.PG);
            kids(element.getDictionaryObject(COSName.K), own == null ? page : own);
        }

        private void kids(COSBase kid, COSDictionary page) {
            COSBase one = kid instanceof COSObject object ? object.getObject() : kid;
            if (one instanceof COSArray array) {
                array.forEach(k -> kids(k, page));
            } else if (one instanceof COSInteger id) {
                content(id.intValue(), page);
            } else if (one instanceof COSDictionary dictionary) {
                if (COSName.getPDFName("MCR").equals(dictionary.getCOSName(COSName.TYPE))) {
                    COSDictionary own = dictionary.getCOSDictionary(COSName.PG);
                    content(dictionary.getInt(COSName.MCID), own == null ? page : own);
                } else if (dictionary.containsKey(COSName.K)) {
                    walk(dictionary, page);
                }
            }
        }

        private void content(int id, COSDictionary page) {
            int at = document.getPages().indexOf(new PDPage(page));
            pages.get(at).forEach(c -> told(c, id));
        }

        private void told(PDMarkedContent content, int id) {
            boolean here = content.getMCID() == id;
            for (Object piece : content.getContents()) {
                if (piece instanceof PDMarkedContent inner) {
                    told(inner, id);
                } else if (here && piece instanceof TextPosition position) {
                    text.append(position.getUnicode());
                }
            }
        }
    }
}
