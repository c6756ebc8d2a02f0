package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import methodos.fixtures.ValidPdf;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import methodos.publish.document.Publisher.Format;
import methodos.publish.sheet.JobCard;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The sheets that are pulled out of the instructions of the demos. */
class SheetsTest {

    private static final EnumSet<Format> SHEETS =
            EnumSet.of(
                    Format.FETCH,
                    Format.TORQUE,
                    Format.PARTS,
                    Format.SORTING,
                    Format.CARD,
                    Format.RECORD,
                    Format.TRAINING,
                    Format.PLAN);

    @TempDir private Path temp;
    private Manual manual;

    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void eachSheetSaysWhatItIsFor(DemoProject demo) throws Exception {
        Path folder = temp.resolve("demo");
        demo.copyTo(folder);
        manual = ProjectFolder.read(folder).manual();
        Publication publication =
                Publication.of(manual, Sight.EVERYTHING, d -> Optional.of(gray()), "2026-12-01");
        Path out = temp.resolve("out");
        for (Path pdf : new Publisher().publish(publication, out, SHEETS)) {
            ValidPdf.check(pdf);
        }
        fetch(text(out.resolve("fetch-list.pdf")));
        card(out.resolve("job-card.pdf"));
        sorting(out.resolve("sorting.pdf"));
        training(text(out.resolve("training.pdf"), true));
        assertThat(text(out.resolve("record.pdf")))
                .contains("As found", "As left", "Instrument no.", "Checked by", "Model");
        String plan = text(out.resolve("time-plan.pdf"));
        assertThat(plan).contains("One person", "Two people", "on the longest way");
        manual.steps()
                .filter(s -> !s.optional() && s.onlyIf().isBlank() && s.onlyIfFound() == null)
                .filter(s -> s.way() == null)
                .forEach(s -> assertThat(plan).containsIgnoringWhitespaces(JobCard.cut(s.text())));
        String torque = text(out.resolve("torque.pdf"));
        manual.joints().forEach(j -> assertThat(torque).containsIgnoringWhitespaces(j.name()));
        String parts = text(out.resolve("parts.pdf"));
        manual.parts().forEach(p -> assertThat(parts).containsIgnoringWhitespaces(p.label()));
    }

    private static BufferedImage gray() {
        return new BufferedImage(320, 180, BufferedImage.TYPE_INT_RGB);
    }

    private static String text(Path pdf) throws Exception {
        return text(pdf, false);
    }

    /**
     * @param lines whether line by line, as it is seen; else column by column in tables
     */
    private static String text(Path pdf, boolean lines) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            PDFTextStripper reader = new PDFTextStripper();
            reader.setSortByPosition(lines);
            return reader.getText(document).replaceAll("\\s+", " ");
        }
    }

    private void fetch(String list) {
        manual.steps()
                .flatMap(s -> s.tools().stream())
                .distinct()
                .map(t -> manual.tool(t).orElseThrow().label())
                .forEach(t -> assertThat(list).containsIgnoringWhitespaces(t));
        manual.consumables().stream()
                .filter(
                        c ->
                                manual.steps()
                                        .flatMap(s -> s.consumables().stream())
                                        .anyMatch(u -> u.consumable().equals(c.id())))
                .forEach(c -> assertThat(list).containsIgnoringWhitespaces(c.label()));
    }

    /** One page, with each step on it. */
    private void card(Path pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        String card = text(pdf);
        int number = 0;
        for (Step step : manual.steps().toList()) {
            number++;
            String begin = step.text().substring(0, Math.min(24, step.text().length()));
            assertThat(card).containsIgnoringWhitespaces(number + begin);
        }
    }

    /** The bar of 50 mm is as long as that on paper: 500 pixels at 254 to the inch. */
    private static void sorting(Path pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 254);
            int longest = 0;
            for (int y = page.getHeight() / 10; y < page.getHeight() / 3; y++) {
                int run = 0;
                for (int x = 0; x < page.getWidth(); x++) {
                    boolean dark = (page.getRGB(x, y) & 0xFF) < 0x60;
                    run = dark ? run + 1 : 0;
                    longest = Math.max(longest, run);
                }
            }
            assertThat(longest).isBetween(498, 502);
        }
    }

    /** The answers, held against the manual by their own words. */
    private void training(String sheet) {
        String answers = sheet.substring(sheet.indexOf("Answers"));
        List<String> letters = new ArrayList<>();
        Matcher order =
                Pattern.compile("into the boxes\\.\\s*((?:[A-H]\\s*–\\s*)+[A-H])").matcher(answers);
        assertThat(order.find()).as(answers).isTrue();
        letters.addAll(List.of(order.group(1).split("\\s*–\\s*")));
        String questions = sheet.substring(0, sheet.indexOf("Answers"));
        List<Integer> at = new ArrayList<>();
        for (String letter : letters) {
            Matcher asked = Pattern.compile("☐\\s+" + letter + "\\s+(.{12})").matcher(questions);
            assertThat(asked.find()).isTrue();
            List<String> texts = manual.steps().map(Step::text).toList();
            int step = 0;
            while (!texts.get(step).startsWith(asked.group(1)) || at.contains(step)) {
                step++;
            }
            at.add(step);
        }
        assertThat(at).isSorted();
    }
}
