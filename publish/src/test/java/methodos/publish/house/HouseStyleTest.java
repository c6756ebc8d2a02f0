package methodos.publish.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.manual.Identity;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.fixtures.ValidPdf;
import methodos.publish.Typeface;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HouseStyleTest {

    @TempDir private Path folder;

    private Path style(String json) throws Exception {
        return Files.writeString(folder.resolve("house.json"), json);
    }

    private HouseStyle full() throws Exception {
        BufferedImage logo = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        ImageIO.write(logo, "png", folder.resolve("mark.png").toFile());
        try (InputStream in = Typeface.LABEL.open()) {
            Files.copy(in, folder.resolve("own.ttf"));
        }
        return HouseStyle.read(
                style(
                        """
                        {"colours": {"accent": "#7A1F3D"}, "logo": "mark.png",
                         "fonts": {"text": "own.ttf"}, "paper": "Letter",
                         "notices": ["Ask the works office."],
                         "address": "https://docs.example/qa"}
                        """));
    }

    @Test
    void aCompanysPagesLookAsItSays() throws Exception {
        Manual m = Manual.titled("Winch");
        Stage.Kind kind = Stage.Kind.TAKE_DOWN;
        m =
                m.withNewStep(
                                m.stage(kind).orElseThrow().id(),
                                Step.of(new Id<>("s"), "Wind it up.", List.of(), List.of()))
                        .withIdentity(
                                new Identity(
                                        "W-7",
                                        "B",
                                        "new seal",
                                        new Identity.Signature("A. Writer", "2026-11-01"),
                                        null,
                                        null));
        Publication publication =
                Publication.of(m, Sight.EVERYTHING, d -> Optional.empty(), "2026-12-01")
                        .withHouse(full());
        Path out = folder.resolve("out");
        new Publisher()
                .publish(
                        publication,
                        out,
                        EnumSet.of(
                                Publisher.Format.PDF,
                                Publisher.Format.HTML,
                                Publisher.Format.RECORD));
        ValidPdf.check(out.resolve("manual.pdf"));
        try (PDDocument lying = Loader.loadPDF(out.resolve("record.pdf").toFile())) {
            assertThat(lying.getPage(0).getMediaBox().getWidth()).isBetween(791.5f, 792.5f);
            assertThat(lying.getPage(0).getMediaBox().getHeight()).isBetween(611.5f, 612.5f);
        }
        try (PDDocument pdf = Loader.loadPDF(out.resolve("manual.pdf").toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(611.5f, 612.5f);
            assertThat(pdf.getPage(0).getMediaBox().getHeight()).isBetween(791.5f, 792.5f);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Ask the works office.", "A. Writer, 2026-11-01", "new seal")
                    .contains("W-7, rev. B · Winch");
            assertThat(codes(pdf)).containsExactly("https://docs.example/qa#stage1");
        }
        String page = Files.readString(out.resolve("html/index.html"));
        assertThat(page).contains("--accent: #7A1F3D", "logo-mark.png", "Ask the works office.");
        assertThat(out.resolve("html/content-1/logo-mark.png")).isNotEmptyFile();
        assertThat(out.resolve("html/content-1").resolve(Typeface.TEXT.fileName()))
                .hasSameBinaryContentAs(folder.resolve("own.ttf"));
    }

    /** What a camera reads on the pages. */
    private static List<String> codes(PDDocument pdf) throws Exception {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < pdf.getNumberOfPages(); i++) {
            BufferedImage p = new PDFRenderer(pdf).renderImageWithDPI(i, 150);
            int[] pixels = p.getRGB(0, 0, p.getWidth(), p.getHeight(), null, 0, p.getWidth());
            try {
                all.add(
                        new QRCodeReader()
                                .decode(
                                        new BinaryBitmap(
                                                new HybridBinarizer(
                                                        new RGBLuminanceSource(
                                                                p.getWidth(),
                                                                p.getHeight(),
                                                                pixels))))
                                .getText());
            } catch (NotFoundException none) {
                continue;
            }
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"paper\": \"A3\"} | “A3” is none of: A4, LETTER.",
                "{\"colour\": {}} | It says “colour”, which is none of: colours, logo",
                "{\"colours\": {\"accent\": \"blue\"}} | “blue” is no colour",
                "{\"colours\": {\"ink\": \"#C0C0C0\"}} | too light to be read",
                "{\"logo\": \"none.png\"} | is no PNG or JPEG",
                "{\"fonts\": {\"text\": \"none.ttf\"}} | is no TrueType file",
                "{\"address\": \"docs\"} | “docs” is no address",
                "{\"paper\" | is no JSON, line 1",
                "[] | is no house style",
            })
    void whatCannotBeFollowedIsSaid(String json, String sentence) throws Exception {
        Path file = style(json);
        assertThatThrownBy(() -> HouseStyle.read(file)).hasMessageContaining(sentence);
    }

    @Test
    void contrastIsThatOfTheStandard() {
        assertThat(HouseStyle.contrast(Color.BLACK, Color.WHITE)).isEqualTo(21);
        assertThat(HouseStyle.contrast(new Color(0x767676), Color.WHITE)).isBetween(4.53, 4.55);
        for (Tint tint : Tint.values()) {
            if (tint.text()) {
                assertThat(HouseStyle.contrast(Color.decode(tint.usual()), Color.WHITE))
                        .isGreaterThan(4.5);
            }
        }
    }
}
