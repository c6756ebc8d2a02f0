package methodos.publish.document;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Legibility;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.words.Words;
import methodos.publish.figure.FigurePainter;
import methodos.publish.figure.FigurePictures;

/** Paints the figures of a publication into a folder, each once, as JPEG of the width of print. */
final class FigureFiles {

    /**
     * What the figures are for.
     *
     * @param width pixels across a figure beside the text
     * @param wide pixels across one over the whole page
     * @param kept whether a figure that looks as one painted before is not painted anew
     */
    private record Use(int width, int wide, boolean kept) {}

    private static final Use PRINT = new Use(1200, 2000, false);
    private static final Use PREVIEW = new Use(620, 1000, true);

    private static final float QUALITY = 0.88f;

    /** One more whenever figures are painted otherwise: what was kept before is not used then. */
    private static final int PAINTING = 1;

    private final Manual manual;
    private final Words words;
    private final Pictures pictures;
    private final Path folder;
    private final String within;
    private final Use use;
    private Map<String, PictureSizes.Size> sizes = new HashMap<>();
    private final Course course;
    private final KeptPaintings paintings;
    private final Map<Id<Figure>, StepView.FigureView> done = new HashMap<>();
    private final List<CompletableFuture<Void>> painting = new ArrayList<>();

    /** Each that waits holds its pictures: hundreds of them would fill the memory. */
    private final Semaphore room = new Semaphore(2 * Runtime.getRuntime().availableProcessors());

    /**
     * @param folder of the document
     * @param within name of the folder in it that the pictures go to, empty for the folder itself
     */
    FigureFiles(Publication publication, Path folder, String within, Course course) {
        this(publication, folder, within, course, PRINT);
    }

    /**
     * Figures for looking at pages before they are made; what did not change is there already.
     *
     * @param sizes of stills by their digests, which grow: a still is large to read
     */
    static FigureFiles preview(
            Publication publication, Path folder, Map<String, PictureSizes.Size> sizes) {
        FigureFiles files =
                new FigureFiles(publication, folder, "", new Course(Progress.NONE, 1), PREVIEW);
        files.sizes = sizes;
        return files;
    }

    private FigureFiles(
            Publication publication, Path folder, String within, Course course, Use use) {
        this.use = use;
        this.within = within;
        this.course = course;
        this.manual = publication.manual();
        this.words = publication.words();
        this.pictures = publication.pictures();
        this.paintings = publication.paintings();
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
        FigureDrawing drawing = FigureDrawing.published(figure, manual, words, f -> size(f, shown));
        if (drawing.width() == 0) {
            return Optional.empty();
        }
        boolean across = Legibility.across(figure);
        int width = across ? use.wide() : use.width();
        int number = done.size() + 1;
        String look = look(figure, drawing);
        String name = use.kept() ? look : String.valueOf(number);
        String file = (within.isEmpty() ? "" : within + "/") + "figure-" + name + ".jpg";
        if (!use.kept() || !Files.exists(folder.resolve(file))) {
            paint(drawing, shown, width, look + "-" + width + ".jpg", folder.resolve(file));
        }
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

    private Optional<PictureSizes.Size> size(Figure figure, FigurePictures shown) {
        PictureSizes.Size known = figure.picture() == null ? null : sizes.get(figure.picture());
        if (known != null) {
            return Optional.of(known);
        }
        Optional<PictureSizes.Size> read =
                figure.picture() == null
                        ? Optional.empty()
                        : kept(figure.picture()).or(() -> read(figure, shown));
        read.ifPresent(size -> sizes.put(figure.picture(), size));
        return read;
    }

    /** A still is large to read; its size is kept beside what was painted. */
    private Optional<PictureSizes.Size> kept(String picture) {
        return paintings
                .get(sizeOf(picture))
                .map(b -> new String(b, StandardCharsets.US_ASCII))
                .filter(t -> t.matches("\\d+ \\d+"))
                .map(t -> t.split(" "))
                .map(t -> new PictureSizes.Size(Integer.parseInt(t[0]), Integer.parseInt(t[1])));
    }

    private Optional<PictureSizes.Size> read(Figure figure, FigurePictures shown) {
        Optional<PictureSizes.Size> size = shown.of(figure);
        size.ifPresent(
                s ->
                        paintings.put(
                                sizeOf(figure.picture()),
                                (Math.round(s.width()) + " " + Math.round(s.height()))
                                        .getBytes(StandardCharsets.US_ASCII)));
        return size;
    }

    private static String sizeOf(String picture) {
        return picture + ".size";
    }

    private void paint(
            FigureDrawing drawing, FigurePictures shown, int width, String kept, Path file) {
        room.acquireUninterruptibly();
        painting.add(
                CompletableFuture.runAsync(
                                () -> {
                                    course.goOn();
                                    painted(drawing, shown, width, kept, file);
                                    course.on(Progress.Work.FIGURES, 1);
                                })
                        .whenComplete((painted, e) -> room.release()));
    }

    private void painted(
            FigureDrawing drawing, FigurePictures shown, int width, String kept, Path file) {
        try {
            if (!placed(kept, file)) {
                write(painter(drawing, shown).paint(width), file);
                paintings.put(kept, Files.readAllBytes(file));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Pictures beside pages for the screen go out of house, so they are never shared. */
    private boolean placed(String kept, Path file) throws IOException {
        return within.isEmpty() ? paintings.place(kept, file) : paintings.copy(kept, file);
    }

    /** Tells one look of a figure from another: all that is drawn, and the pictures under it. */
    private String look(Figure figure, FigureDrawing drawing) {
        StringBuilder all = new StringBuilder().append(PAINTING).append(drawing.shapes());
        Stream.concat(
                        Stream.of(figure),
                        figure.beside().stream().flatMap(id -> manual.figure(id).stream()))
                .forEach(f -> all.append(FigurePictures.Look.of(f)));
        return UUID.nameUUIDFromBytes(all.toString().getBytes(StandardCharsets.UTF_8)).toString();
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
