package methodos.publish.figure;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.FigureText;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.words.Words;
import methodos.publish.PublishProblem;

/** Writes one figure, as it is printed, to a file of its own: SVG or PNG. */
public final class FigureExport {

    private static final int PNG_WIDTH = 2000;

    private FigureExport() {}

    /**
     * @param stills the still of a figure as it was taken
     * @param file its ending, .svg or .png, tells the form
     * @throws PublishProblem with a sentence if it cannot be written; nothing is left half written
     */
    public static void write(
            Figure figure,
            Manual manual,
            Words words,
            Function<Figure, Optional<BufferedImage>> stills,
            Path file)
            throws PublishProblem {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (!name.endsWith(".svg") && !name.endsWith(".png")) {
            throw new PublishProblem("A figure is written as .svg or .png, not as " + name + ".");
        }
        FigurePictures pictures = new FigurePictures(stills, FigurePictures.PRINT);
        FigureDrawing drawing = FigureDrawing.published(figure, manual, words, pictures);
        if (drawing.width() == 0) {
            throw new PublishProblem("The picture of this figure is missing from the project.");
        }
        Function<Id<Figure>, Optional<BufferedImage>> prepared =
                id -> manual.figure(id).flatMap(pictures::prepared);
        try {
            byte[] content =
                    name.endsWith(".svg")
                            ? FigureSvg.of(drawing, prepared, FigureText.of(figure, manual, words))
                                    .getBytes(StandardCharsets.UTF_8)
                            : png(new FigurePainter(drawing, prepared).paint(PNG_WIDTH));
            Path half = file.resolveSibling(file.getFileName() + ".half");
            try {
                Files.write(half, content);
                Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(half);
            }
        } catch (IOException e) {
            throw new PublishProblem(file + " cannot be written: " + e.getMessage(), e);
        }
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
