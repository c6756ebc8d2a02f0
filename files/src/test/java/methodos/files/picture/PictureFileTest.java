package methodos.files.picture;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureFileTest {

    @TempDir Path folder;

    /** Left above red, right above green, left below blue. */
    private static BufferedImage corners(int width, int height) {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height / 2);
        g.setColor(Color.GREEN);
        g.fillRect(width / 2, 0, width / 2, height / 2);
        g.setColor(Color.BLUE);
        g.fillRect(0, height / 2, width / 2, height / 2);
        g.dispose();
        return picture;
    }

    private static byte[] bytes(String format, BufferedImage picture) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, format, out);
        return out.toByteArray();
    }

    private Path file(String name, byte[] content) throws IOException {
        return Files.write(folder.resolve(name), content);
    }

    private Path svg(String body) throws IOException {
        return file(
                "drawing.svg",
                ("<svg xmlns=\"http://www.w3.org/2000/svg\""
                                + " xmlns:xlink=\"http://www.w3.org/1999/xlink\""
                                + " width=\"100\" height=\"50\">"
                                + body
                                + "</svg>")
                        .getBytes(UTF_8));
    }

    private static boolean near(int rgb, Color color) {
        Color c = new Color(rgb);
        return Math.abs(c.getRed() - color.getRed()) < 40
                && Math.abs(c.getGreen() - color.getGreen()) < 40
                && Math.abs(c.getBlue() - color.getBlue()) < 40;
    }

    @Test
    void whatIsInTheFileCountsNotItsName() throws Exception {
        PictureFile png = PictureFile.read(file("a.jpg", bytes("png", corners(40, 30))));
        assertThat(png.picture().getWidth()).isEqualTo(40);
        assertThat(png.picture().getRGB(3, 3)).isEqualTo(Color.RED.getRGB());
        assertThat(png.notes()).isEmpty();
        PictureFile jpeg = PictureFile.read(file("b.svg", bytes("jpg", corners(40, 30))));
        assertThat(near(jpeg.picture().getRGB(35, 5), Color.GREEN)).isTrue();
    }

    @Test
    void aPhotographIsTurnedUprightAsTheCameraNoted() throws Exception {
        byte[] jpeg = bytes("jpg", corners(64, 32));
        // after the start of the image: an Exif segment with orientation 6, a quarter turn
        // clockwise
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] with = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, with, 0, 2);
        System.arraycopy(exif, 0, with, 2, exif.length);
        System.arraycopy(jpeg, 2, with, 2 + exif.length, jpeg.length - 2);
        BufferedImage picture = PictureFile.read(file("turned.jpg", with)).picture();
        assertThat(picture.getWidth()).isEqualTo(32);
        assertThat(picture.getHeight()).isEqualTo(64);
        assertThat(near(picture.getRGB(28, 4), Color.RED)).isTrue();
        assertThat(near(picture.getRGB(4, 4), Color.BLUE)).isTrue();
    }

    @Test
    void fiftyMegapixelsAreTakenInCoarser() throws Exception {
        BufferedImage large = new BufferedImage(8660, 5780, BufferedImage.TYPE_BYTE_GRAY);
        PictureFile read = PictureFile.read(file("large.png", bytes("png", large)));
        assertThat((long) read.picture().getWidth() * read.picture().getHeight())
                .isLessThan(24_000_000);
        assertThat(read.notes()).singleElement().asString().contains("50 megapixels");
    }

    @ParameterizedTest
    @ValueSource(strings = {"empty", "text", "cut png", "cut jpeg", "bad svg", "other xml", "none"})
    void whatIsNoPictureGetsOneSentence(String what) throws Exception {
        byte[] png = bytes("png", corners(400, 300));
        Path file =
                switch (what) {
                    case "empty" -> file("x.png", new byte[0]);
                    case "text" -> file("x.png", "not a picture".getBytes(UTF_8));
                    case "cut png" -> file("x.png", Arrays.copyOf(png, 60));
                    case "cut jpeg" -> file("x.jpg", new byte[] {(byte) 0xFF, (byte) 0xD8, 1, 2});
                    case "bad svg" -> file("x.svg", "<svg><g></svg>".getBytes(UTF_8));
                    case "other xml" ->
                            file("x.svg", "<?xml version=\"1.0\"?><a/>".getBytes(UTF_8));
                    default -> folder.resolve("none.png");
                };
        assertThatThrownBy(() -> PictureFile.read(file))
                .isInstanceOf(PictureProblem.class)
                .hasMessageMatching("\\S+ [^\\n]+\\.");
    }

    @Test
    void damagedBytesNeverDoMoreThanFail() throws Exception {
        Random random = new Random(50);
        byte[][] whole = {
            bytes("png", corners(60, 40)),
            bytes("jpg", corners(60, 40)),
            Files.readAllBytes(svg("<rect width=\"50\" height=\"25\" fill=\"#FF0000\"/>"))
        };
        for (int i = 0; i < 150; i++) {
            byte[] damaged = whole[i % 3].clone();
            for (int k = 0; k < 1 + i % 12; k++) {
                damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            }
            Path file = file("damaged", damaged);
            try {
                assertThat(PictureFile.read(file).picture()).isNotNull();
            } catch (PictureProblem e) {
                assertThat(e.getMessage()).doesNotContain("\n");
            }
        }
    }

    @Test
    void aDrawingIsDrawnWide() throws Exception {
        PictureFile drawing =
                PictureFile.read(
                        svg(
                                "<style>.a{fill:#FF0000}</style><defs><rect id=\"r\" width=\"50\""
                                        + " height=\"25\"/></defs><use xlink:href=\"#r\""
                                        + " class=\"a\"/>"));
        assertThat(drawing.picture().getWidth()).isEqualTo(1920);
        assertThat(drawing.picture().getHeight()).isEqualTo(960);
        assertThat(near(drawing.picture().getRGB(100, 100), Color.RED)).isTrue();
        assertThat(near(drawing.picture().getRGB(1800, 800), Color.WHITE)).isTrue();
        assertThat(drawing.notes()).isEmpty();
    }

    @Test
    void scriptsAndOutsideLinksAreLeftOut() throws Exception {
        Path secret = file("secret.png", bytes("png", corners(8, 8)));
        String inside = Base64.getEncoder().encodeToString(Files.readAllBytes(secret));
        PictureFile drawing =
                PictureFile.read(
                        svg(
                                "<script>while(true){}</script>"
                                        + "<rect width=\"50\" height=\"50\" fill=\"#FF0000\""
                                        + " onload=\"x()\"/>"
                                        + "<image x=\"50\" width=\"50\" height=\"50\" xlink:href=\""
                                        + secret.toUri()
                                        + "\"/>"
                                        + "<rect x=\"50\" width=\"25\" height=\"50\""
                                        + " style=\"fill:url(http://127.0.0.1/x)\"/>"
                                        + "<style>@import 'http://127.0.0.1/y.css';</style>"
                                        + "<image y=\"25\" width=\"8\" height=\"8\""
                                        + " xlink:href=\"data:image/png;base64,"
                                        + inside
                                        + "\"/>"));
        assertThat(near(drawing.picture().getRGB(200, 100), Color.RED)).isTrue();
        assertThat(near(drawing.picture().getRGB(1700, 500), Color.WHITE)).isTrue();
        assertThat(near(drawing.picture().getRGB(130, 500), Color.GREEN)).isTrue();
        assertThat(drawing.notes())
                .singleElement()
                .asString()
                .contains("without its scripts and outside links (5)");
    }

    @Test
    void anEntityThatGrowsWithoutEndIsNotFollowed() throws Exception {
        StringBuilder bomb =
                new StringBuilder("<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY a0 \"x\">");
        for (int i = 1; i < 12; i++) {
            bomb.append("<!ENTITY a").append(i).append(" \"");
            bomb.append(("&a" + (i - 1) + ";").repeat(20)).append("\">");
        }
        bomb.append("]><svg xmlns=\"http://www.w3.org/2000/svg\" ");
        Path text = file("text.svg", (bomb + "><text>&a11;</text></svg>").getBytes(UTF_8));
        assertThat(PictureFile.read(text).picture().getWidth()).isEqualTo(1920);
        Path name = file("name.svg", (bomb + "id=\"&a11;\"/>").getBytes(UTF_8));
        assertThatThrownBy(() -> PictureFile.read(name)).isInstanceOf(PictureProblem.class);
    }

    @Test
    void anElementThatThereIsNotIsLeftOutOfADrawing(@TempDir Path temp) throws Exception {
        Path file =
                Files.writeString(
                        temp.resolve("odd.svg"),
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"30\">"
                                + "<patl d=\"M 1 1 L 9 9\"/><path d=\"M 1 1 L 20 20 Z\" stroke=\"/>"
                                + "\"/><rect width=\"9\" height=\"9\"/></svg>");
        assertThat(PictureFile.read(file).picture().getWidth()).isPositive();
    }
}
