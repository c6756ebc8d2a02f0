package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Slips;
import methodos.core.bench.Technician;
import methodos.core.manual.Manual;
import methodos.core.plan.StepTimes;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.Digest;
import methodos.files.project.ProjectFolder;
import methodos.fixtures.ValidPdf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What bench runs would take, and what they left. */
class BenchCommandsTest extends CalledCommands {

    private static final Slips WORN = new Slips(0.02, 0.05, 0.3, 0.02, 0.3, 0);

    private JsonNode read(Object... arguments) throws Exception {
        run(arguments);
        return new ObjectMapper().readTree(output());
    }

    @Test
    void aThousandUnitsTakeWhatTheyTake() throws Exception {
        JsonNode usual = read("simulate", demo, "--units", "300", "--json");
        assertThat(usual.path("units").asInt()).isEqualTo(300);
        assertThat(usual.path("passed").asInt()).isBetween(1, 299);
        assertThat(usual.at("/hands/tenth").asDouble())
                .isLessThan(usual.at("/hands/median").asDouble());
        assertThat(usual.at("/elapsed/ninetieth").asDouble())
                .isGreaterThan(usual.at("/hands/ninetieth").asDouble());
        assertThat(usual.path("parts")).isNotEmpty();
        assertThat(read("simulate", demo, "--units", "300", "--json")).isEqualTo(usual);
        JsonNode perfect =
                read("simulate", demo, "--units", "50", "--worn", "0", "--slips", "0", "--json");
        assertThat(perfect.path("passed").asInt()).isEqualTo(50);
        assertThat(perfect.path("refused").asInt()).isZero();
        JsonNode worn = read("simulate", demo, "--units", "300", "--worn", "0.5", "--json");
        assertThat(worn.path("passed").asInt()).isLessThan(usual.path("passed").asInt());
        assertThat(run("simulate", demo, "--units", "20", "--variant", "QA-80 D")).isZero();
        assertThat(output()).contains("20 simulated units", "part ", "in the middle");
        assertThat(run("simulate", demo, "--units", "0")).isEqualTo(3);
        assertThat(run("simulate", demo, "--worn", "2")).isEqualTo(3);
    }

    private Path worked() throws Exception {
        return worked(null);
    }

    /**
     * @param photo of a remark at the first step that is done, null for none
     */
    private Path worked(Path photo) throws Exception {
        Manual manual = ProjectFolder.read(Path.of(demo.toString())).manual();
        Entry begun =
                new Entry(
                        Instant.parse("2026-03-02T07:00:00Z"),
                        "T. Ester",
                        new Deed.Begun("QA-80 S", "2417", null, null, manual.title(), "C", ""));
        try (RunFolder run =
                RunFolder.begin(
                        RunFolder.of(Path.of(demo.toString())).resolve("first"), manual, begun)) {
            BenchRun going = run.run();
            Technician somebody =
                    new Technician(
                            "T. Ester",
                            WORN,
                            new StepTimes(going.work().manual(), going.work().sight()),
                            5);
            somebody.work(
                    going,
                    null,
                    begun.at().plusSeconds(1),
                    e -> {
                        try {
                            run.append(e);
                            boolean first =
                                    going.visits().stream().allMatch(v -> v.remarks().isEmpty());
                            if (photo != null && first && e.deed() instanceof Deed.Done done) {
                                run.add(
                                        new Entry(
                                                e.at(),
                                                "T. Ester",
                                                new Deed.Noted(
                                                        done.visit(),
                                                        Deed.Remark.NOTE,
                                                        "Scratched before we began",
                                                        run.keep(photo))));
                            }
                        } catch (ProjectProblem problem) {
                            throw new IllegalStateException(problem);
                        }
                    });
            return run.folder();
        }
    }

    @Test
    void aRunIsReadAsATableAsJsonAndOnPaper() throws Exception {
        assertThat(run("record", demo)).isZero();
        assertThat(output()).contains("no bench run");
        worked();
        assertThat(run("record", demo)).isZero();
        assertThat(output()).contains("first", "no. 2417", "finished", "as it was written");
        JsonNode record = read("record", demo, "--run", "first", "--json");
        assertThat(record.path("serial").asText()).isEqualTo("2417");
        assertThat(record.path("seal").asText()).hasSize(64);
        assertThat(record.path("rows")).hasSizeGreaterThan(100);
        assertThat(run("record", demo, "--run", "first")).isZero();
        assertThat(output()).startsWith("kind,step,place,what,asked,as found");
        assertThat(output()).contains("reading,33,,\"Free length of a spring, 10\",≥ 62 mm");
        assertThat(run("record", demo, "--run", "second")).isEqualTo(3);
        assertThat(run("record", demo, "--run", "first", "--format", "pdf")).isEqualTo(3);
        Path pdf = temp.resolve("record.pdf");
        assertThat(run("record", demo, "--run", "first", "--format", "pdf", "--out", pdf)).isZero();
        ValidPdf.check(pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(
                            "Record of a bench run",
                            "2417",
                            "T. Ester",
                            "Free length of a spring, 10",
                            "isolated and locked",
                            record.path("seal").asText().substring(0, 16));
        }
    }

    @Test
    void aPhotoIsOnPaperAndAnotherOneIsFound() throws Exception {
        Path photo = temp.resolve("photo.png");
        BufferedImage taken = new BufferedImage(900, 1600, BufferedImage.TYPE_INT_RGB);
        taken.setRGB(450, 800, 0xFFFFFF);
        ImageIO.write(taken, "png", photo.toFile());
        Path kept =
                worked(photo).resolve("photos/" + Digest.of(Files.readAllBytes(photo)) + ".png");
        assertThat(run("record", demo, "--run", "first")).isZero();
        assertThat(output()).contains("photo " + Digest.of(Files.readAllBytes(photo)));
        Path pdf = temp.resolve("record.pdf");
        assertThat(run("record", demo, "--run", "first", "--format", "pdf", "--out", pdf)).isZero();
        ValidPdf.check(pdf);
        assertThat(pictures(pdf)).isEqualTo(1);
        byte[] bytes = Files.readAllBytes(kept);
        bytes[bytes.length - 1] ^= 1;
        Files.write(kept, bytes);
        assertThat(run("record", demo)).isEqualTo(1);
        assertThat(output()).contains("is not the photo that was kept");
        Files.delete(kept);
        assertThat(run("record", demo)).isEqualTo(1);
        assertThat(output()).contains("no longer has the photo");
        assertThat(run("record", demo, "--run", "first", "--format", "pdf", "--out", pdf))
                .isEqualTo(1);
        assertThat(pictures(pdf)).isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                    .contains("Scratched before we began A photo was taken here");
        }
    }

    @Test
    void whatRunsTookStandsInEachFormOfThePlan() throws Exception {
        String paper = planOnPaper();
        assertThat(planAsTable().findValuesAsText("known by")).doesNotContain("runs");
        worked();
        JsonNode table = planAsTable();
        assertThat(table.findValuesAsText("known by")).contains("runs");
        List<Long> planned = new ArrayList<>();
        read("plan", demo, "--json")
                .path("steps")
                .forEach(s -> planned.add(Math.round(s.path("likely").asDouble())));
        List<Long> likely = new ArrayList<>();
        table.forEach(r -> likely.add(r.path("likely").asLong()));
        assertThat(likely).isEqualTo(planned);
        assertThat(planOnPaper()).isNotEqualTo(paper).contains("One person", "Two people");
    }

    private JsonNode planAsTable() throws Exception {
        return read("tables", demo, "--what", "plan", "--json").path("rows");
    }

    private String planOnPaper() throws Exception {
        Path out = temp.resolve("plan");
        assertThat(run("publish", demo, "--out", out, "--format", "plan")).isLessThan(2);
        try (PDDocument document = Loader.loadPDF(out.resolve("time-plan.pdf").toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static long pictures(Path pdf) throws Exception {
        long pictures = 0;
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    pictures += page.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
        }
        return pictures;
    }

    @Test
    void aChangedRecordIsFound() throws Exception {
        Path folder = worked();
        Path file = folder.resolve("record.log");
        String text = Files.readString(file);
        int at = text.indexOf("\"typed\":\"") + 10;
        Files.writeString(
                file,
                text.substring(0, at)
                        + (text.charAt(at) == '1' ? '2' : '1')
                        + text.substring(at + 1),
                StandardCharsets.UTF_8);
        assertThat(run("record", demo)).isEqualTo(1);
        assertThat(output()).contains("was changed after it was written, in line");
        assertThat(run("record", demo, "--run", "first")).isEqualTo(1);
        assertThat(read("record", demo, "--json").get(0).path("problem").asText())
                .contains("changed");
        Files.writeString(file, text + "abc");
        assertThat(run("record", demo)).isEqualTo(1);
        assertThat(output()).contains("not complete");
    }
}
