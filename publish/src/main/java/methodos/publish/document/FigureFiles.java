package methodos.publish.document;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import methodos.core.figure.FigureDrawing;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.publish.PublishProblem;
import methodos.publish.figure.FigurePainter;

/** Paints the figures of a publication into a folder, each once, as JPEG of the width of print. */
final class FigureFiles {

    private static final int WIDTH = 1200;
    private static final float QUALITY = 0.88f;

    private final Manual manual;
    private final Pictures pictures;
    private final Path folder;
    private final Map<String, StepView.FigureView> done = new HashMap<>();
    private final List<CompletableFuture<Void>> painting = new ArrayList<>();

    FigureFiles(Publication publication, Path folder) {
        this.manual = publication.manual();
        this.pictures = publication.pictures();
        this.folder = folder;
    }

    /** The figure with its number and file; empty where its picture is missing. */
    Optional<StepView.FigureView> of(Figure figure, String alt) {
        if (done.containsKey(figure.id())) {
            return Optional.of(done.get(figure.id()));
        }
        Optional<BufferedImage> still =
                figure.picture() == null ? Optional.empty() : pictures.still(figure.picture());
        return still.map(
                picture -> {
                    FigureDrawing drawing =
                            FigureDrawing.of(
                                            figure, manual, picture.getWidth(), picture.getHeight())
                                    .trimmed();
                    int number = done.size() + 1;
                    String file = "figure-" + number + ".jpg";
                    painting.add(
                            CompletableFuture.runAsync(
                                    () ->
                                            write(
                                                    FigurePainter.paint(drawing, picture, WIDTH),
                                                    folder.resolve(file))));
                    StepView.FigureView view =
                            new StepView.FigureView(
                                    number,
                                    figure.title(),
                                    file,
                                    alt,
                                    WIDTH,
                                    FigurePainter.height(drawing, WIDTH));
                    done.put(figure.id(), view);
                    return view;
                });
    }

    private void write(BufferedImage image, Path file) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(QUALITY);
        try (OutputStream file1 = Files.newOutputStream(file);
                var out = ImageIO.createImageOutputStream(file1)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
    }

    /**
     * Waits until every figure is written.
     *
     * @throws PublishProblem if a picture could not be written
     */
    void finish() throws PublishProblem {
        try {
            painting.forEach(CompletableFuture::join);
        } catch (CompletionException e) {
            if (e.getCause() instanceof UncheckedIOException io) {
                throw new PublishProblem(
                        "The pictures cannot be written to "
                                + folder
                                + ": "
                                + io.getCause().getMessage(),
                        io);
            }
            throw e;
        }
    }
}
