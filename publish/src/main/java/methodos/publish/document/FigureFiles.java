package methodos.publish.document;

import java.awt.Graphics2D;
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
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Legibility;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.words.Words;
import methodos.publish.figure.FigurePainter;
import methodos.publish.figure.FigurePictures;

/** Paints the figures of a publication into a folder, each once, as JPEG of the width of print. */
final class FigureFiles {

    /** Pixels across a figure beside the text, and across one over the whole page. */
    private static final int WIDTH = 1200;

    private static final int WIDE = 2000;
    private static final float QUALITY = 0.88f;

    private final Manual manual;
    private final Words words;
    private final Pictures pictures;
    private final Path folder;
    private final String within;
    private final Course course;
    private final Map<Id<Figure>, StepView.FigureView> done = new HashMap<>();
    private final List<CompletableFuture<Void>> painting = new ArrayList<>();

    /** Each that waits holds its pictures: hundreds of them would fill the memory. */
    private final Semaphore room = new Semaphore(2 * Runtime.getRuntime().availableProcessors());

    /**
     * @param folder of the document
     * @param within name of the folder in it that the pictures go to, empty for the folder itself
     */
    FigureFiles(Publication publication, Path folder, String within, Course course) {
        this.within = within;
        this.course = course;
        this.manual = publication.manual();
        this.words = publication.words();
        this.pictures = publication.pictures();
        this.folder = folder;
    }

    /** The figure with its number and file; empty where its picture is missing. */
    Optional<StepView.FigureView> of(Figure figure, String alt) {
        if (done.containsKey(figure.id())) {
            return Optional.of(done.get(figure.id()));
        }
        FigurePictures shown =
                new FigurePictures(
                        f -> f.picture() == null ? Optional.empty() : pictures.still(f.picture()),
                        FigurePictures.PRINT);
        FigureDrawing drawing = FigureDrawing.published(figure, manual, words, shown);
        if (drawing.width() == 0) {
            return Optional.empty();
        }
        boolean across = Legibility.across(figure);
        int width = across ? WIDE : WIDTH;
        int number = done.size() + 1;
        String file = (within.isEmpty() ? "" : within + "/") + "figure-" + number + ".jpg";
        room.acquireUninterruptibly();
        painting.add(
                CompletableFuture.runAsync(
                                () -> {
                                    course.goOn();
                                    write(
                                            painter(drawing, shown).paint(width),
                                            folder.resolve(file));
                                    course.on(Progress.Work.FIGURES, 1);
                                })
                        .whenComplete((painted, e) -> room.release()));
        StepView.FigureView view =
                new StepView.FigureView(
                        number,
                        figure.title(),
                        file,
                        alt,
                        width,
                        FigurePainter.height(drawing, width),
                        across,
                        "",
                        0,
                        callouts(figure, drawing));
        done.put(figure.id(), view);
        return Optional.of(view);
    }

    private List<StepView.CalloutView> callouts(Figure figure, FigureDrawing drawing) {
        List<StepView.CalloutView> all = new ArrayList<>();
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout callout) {
                Part part = manual.part(callout.part()).orElse(null);
                drawing.handles().stream()
                        .filter(h -> part != null && h.mark().equals(mark.id()))
                        .filter(h -> h.index() == FigureDrawing.Handle.HELD)
                        .forEach(h -> all.add(callout(part, h, drawing.width())));
            }
        }
        return all;
    }

    private static StepView.CalloutView callout(
            Part part, FigureDrawing.Handle handle, double width) {
        String label = (part.item() + " " + part.label()).strip();
        return new StepView.CalloutView(
                part.item(), label, handle.x() / width, handle.y() / width, handle.reach() / width);
    }

    private FigurePainter painter(FigureDrawing drawing, FigurePictures shown) {
        return new FigurePainter(drawing, id -> manual.figure(id).flatMap(shown::prepared));
    }

    private void write(BufferedImage painted, Path file) {
        BufferedImage image = // JPEG has no transparency
                new BufferedImage(
                        painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.drawImage(painted, 0, 0, null);
        g.dispose();
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
     * Waits until nothing is painted any more.
     *
     * @throws IOException if a picture could not be written
     * @throws CancellationException if somebody wanted it to stop
     */
    void finish() throws IOException {
        CompletableFuture<Void> all =
                CompletableFuture.allOf(painting.toArray(CompletableFuture<?>[]::new));
        try {
            all.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof UncheckedIOException io) {
                throw io.getCause();
            }
            if (e.getCause() instanceof CancellationException stopped) {
                throw stopped;
            }
            throw e;
        }
    }

    /** Waits as well, whatever went wrong: nothing is painted into a folder that is removed. */
    void end() {
        for (CompletableFuture<Void> one : painting) {
            one.handle((made, e) -> made).join();
        }
    }
}
