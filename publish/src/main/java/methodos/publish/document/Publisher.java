package methodos.publish.document;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.publish.PublishProblem;
import methodos.publish.Typeface;
import methodos.publish.house.HouseStyle;

/**
 * Makes the documents of a manual. Everything is made in a folder beside the target and put in
 * place when it is whole: neither a full disk nor a kill leaves half a document, or none where one
 * was.
 */
public final class Publisher {

    /** The forms a manual can be published in. */
    public enum Format {
        PDF("manual.pdf", ""),
        HTML("index.html", ""),
        /** The list of what has to be filmed again, for print. */
        RESHOOT("film-again.pdf", ""),
        /** What is fetched before the work begins. */
        FETCH("fetch-list.pdf", "fetch"),
        /** Torques and limits for the workshop wall. */
        TORQUE("torque.pdf", "torque"),
        /** The parts list for the workshop wall. */
        PARTS("parts.pdf", "parts"),
        /** Places for the parts that come off, at true size. */
        SORTING("sorting.pdf", "sorting"),
        /** The whole work on one page. */
        CARD("job-card.pdf", "card"),
        RECORD("record.pdf", "record"),
        /** Questions for a class, with the answers on a page of their own. */
        TRAINING("training.pdf", "training"),
        /** Who does what when. */
        PLAN("time-plan.pdf", "plan");

        private final String file;
        private final String sheet;

        Format(String file, String sheet) {
            this.file = file;
            this.sheet = sheet;
        }

        /** Template of a sheet, empty for what is none. */
        String sheet() {
            return sheet;
        }

        /**
         * @throws IllegalArgumentException naming the forms there are
         */
        public static Format named(String name) {
            for (Format f : values()) {
                if (f.name().equalsIgnoreCase(name.strip())) {
                    return f;
                }
            }
            throw new IllegalArgumentException(
                    "“"
                            + name.strip()
                            + "” is no form of publication; there are "
                            + Arrays.stream(values())
                                    .map(f -> f.name().toLowerCase(Locale.ROOT))
                                    .collect(Collectors.joining(", "))
                            + ".");
        }
    }

    /** Those whose work hangs on the number of figures. */
    private static final Set<Format> LARGE = EnumSet.of(Format.PDF, Format.HTML);

    /** Folders in which documents are made, with the process that makes them. */
    private static final String WORK = ".publishing-";

    private static final AtomicLong NUMBER = new AtomicLong();

    private final Pages pages = new Pages();

    /**
     * @param out folder for the documents, made where it does not exist
     * @return the files that were written
     * @throws PublishProblem if it cannot be written; what was there before is then untouched
     */
    public List<Path> publish(Publication publication, Path out, Set<Format> formats)
            throws PublishProblem {
        return publish(publication, out, formats, Films.NONE, Progress.NONE);
    }

    /**
     * The same, with a film beside each step of the form for the screen.
     *
     * @param films where there are some
     * @param progress told how far it is, and asked whether to go on
     * @throws PublishProblem if something cannot be made or written; each document that was there
     *     before is then whole, the earlier or the new one, and the sentence says which are new
     * @throws java.util.concurrent.CancellationException if it was stopped; nothing is published
     */
    public List<Path> publish(
            Publication publication, Path out, Set<Format> formats, Films films, Progress progress)
            throws PublishProblem {
        Path work =
                out.resolve(WORK + ProcessHandle.current().pid() + "-" + NUMBER.incrementAndGet());
        List<Path> placed = new ArrayList<>();
        try {
            Files.createDirectories(out);
            sweep(out);
            Files.createDirectory(work);
            Course course = new Course(progress, work(publication, formats, films));
            List<Document> made = new ArrayList<>();
            for (Format format : formats) {
                made.add(made(publication, out, work, format, films, course));
            }
            for (Document document : made) {
                course.on(Progress.Work.PLACING, 0);
                document.place();
                placed.add(document.target());
            }
            return placed;
        } catch (StepFailed e) {
            throw new PublishProblem(
                    "Step "
                            + e.number()
                            + " cannot be published: what it holds makes its page fail. "
                            + soFar(placed)
                            + " A report is in the log.",
                    e);
        } catch (IOException e) {
            throw new PublishProblem(
                    out + " cannot be written: " + reason(e) + ". " + soFar(placed), e);
        } catch (CancellationException e) {
            throw e;
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            if (stoppedInside(e)) {
                throw new CancellationException("stopped");
            }
            throw new PublishProblem(
                    "The publication cannot be made: "
                            + (e instanceof OutOfMemoryError
                                    ? "there is not enough memory. "
                                    : "the program failed inside. ")
                            + soFar(placed)
                            + " A report is in the log.",
                    e);
        } finally {
            Document.remove(work);
        }
    }

    private static boolean stoppedInside(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof CancellationException) {
                return true;
            }
        }
        return false;
    }

    private static String soFar(List<Path> placed) {
        if (placed.isEmpty()) {
            return "Nothing was published.";
        }
        return "Published was only "
                + String.join(", ", placed.stream().map(Path::toString).toList())
                + ".";
    }

    private static String reason(IOException e) {
        String why = String.valueOf(e.getMessage());
        if (why.contains("No space left")) {
            return "the disk is full";
        }
        if (e instanceof FileSystemException f) {
            String reason =
                    f.getReason() != null
                            ? f.getReason()
                            : f instanceof AccessDeniedException
                                    ? "it may not be written"
                                    : f instanceof FileAlreadyExistsException
                                            ? "a file is in the way"
                                            : f.getClass().getSimpleName();
            return reason + " (" + f.getFile() + ")";
        }
        return why;
    }

    private static double work(Publication publication, Set<Format> formats, Films films) {
        long steps = publication.manual().steps().count();
        long figures = publication.manual().figures().size();
        double print = formats.contains(Format.PDF) ? figures + Print.PAGE_WORK * (figures + 1) : 0;
        double screen = formats.contains(Format.HTML) ? figures + 1 : 0;
        double films1 = formats.contains(Format.HTML) && films != Films.NONE ? 10.0 * steps : 0;
        long sheets = formats.stream().filter(f -> !LARGE.contains(f)).count();
        return print + screen + films1 + Print.PAGE_WORK * sheets;
    }

    private Document made(
            Publication publication, Path out, Path work, Format format, Films films, Course course)
            throws IOException, PublishProblem {
        Path folder = Files.createDirectories(work.resolve(format.name()));
        if (format == Format.HTML) {
            return onScreen(publication, out, folder, films, course);
        }
        Path made = folder.resolve(format.file);
        String filled =
                switch (format) {
                    case PDF -> pages.printed(publication, folder, course);
                    case RESHOOT -> pages.reshoot(publication);
                    default -> pages.sheet(format, publication, folder, course);
                };
        Print.write(filled, publication.house(), made, course);
        return Document.file(made, out.resolve(format.file));
    }

    private Document onScreen(
            Publication publication, Path out, Path folder, Films films, Course course)
            throws IOException, PublishProblem {
        Path target = out.resolve("html");
        String content = Document.nextContent(target);
        Path beside = Files.createDirectories(folder.resolve(content));
        for (Typeface face : Typeface.values()) {
            try (InputStream in = opened(face, publication.house())) {
                Files.copy(in, beside.resolve(face.fileName()));
            }
        }
        Map<Id<Step>, Films.Film> made = make(publication, folder, content, films, course);
        Path index = folder.resolve("index.html");
        Files.writeString(index, pages.onScreen(publication, folder, content, made, course));
        course.on(Progress.Work.PAGES, 1);
        return new Document(index, target.resolve("index.html"), beside);
    }

    private static InputStream opened(Typeface face, HouseStyle house) throws IOException {
        Path own = house.fonts().get(face);
        return own == null ? face.open() : Files.newInputStream(own);
    }

    /** Removes what publications that were killed have left. */
    private static void sweep(Path out) throws IOException {
        try (Stream<Path> all = Files.list(out)) {
            for (Path path : all.toList()) {
                String name = path.getFileName().toString();
                if (name.matches(Pattern.quote(WORK) + "\\d{1,18}-\\d+")) {
                    String pid = name.substring(WORK.length(), name.lastIndexOf('-'));
                    if (ProcessHandle.of(Long.parseLong(pid)).isEmpty()) {
                        Document.remove(path);
                    }
                }
            }
        }
    }

    private static Map<Id<Step>, Films.Film> make(
            Publication publication, Path folder, String content, Films films, Course course)
            throws PublishProblem {
        Map<Id<Step>, Films.Film> made = new HashMap<>();
        if (films == Films.NONE) {
            return made;
        }
        for (Step step : publication.manual().steps().toList()) {
            if (step.applicability().concerns(publication.sight())) {
                films.of(step, folder, content + "/film-" + (made.size() + 1))
                        .ifPresent(f -> made.put(step.id(), f));
            }
            course.on(Progress.Work.FILMS, 10);
        }
        return made;
    }
}
