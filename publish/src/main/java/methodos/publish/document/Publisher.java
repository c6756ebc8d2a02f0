package methodos.publish.document;

import com.openhtmltopdf.util.XRLog;
import freemarker.template.Configuration;
import freemarker.template.TemplateException;
import freemarker.template.TemplateMethodModelEx;
import freemarker.template.TemplateModelException;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.publish.PublishProblem;
import methodos.publish.Typeface;
import methodos.publish.screen.Inlined;

/**
 * Makes the documents of a manual. Everything is made in a folder beside the target and put in
 * place when it is whole: neither a full disk nor a kill leaves half a document, or none where one
 * was.
 */
public final class Publisher {

    /** The forms a manual can be published in. */
    public enum Format {
        PDF,
        HTML,
        /** The list of what has to be filmed again, for print. */
        RESHOOT;

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
                            + "” is no form of publication; there are pdf, html and reshoot.");
        }
    }

    /** Folders in which documents are made, with the process that makes them. */
    private static final String WORK = ".publishing-";

    private static final AtomicLong NUMBER = new AtomicLong();

    private final Configuration templates = new Configuration(Configuration.VERSION_2_3_34);

    public Publisher() {
        templates.setClassForTemplateLoading(Publisher.class, "");
        templates.setDefaultEncoding("UTF-8");
        templates.setLocale(Locale.ROOT);
        templates.setNumberFormat("computer");
        templates.setLogTemplateExceptions(false);
        XRLog.setLoggingEnabled(false);
    }

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
        return print + screen + films1 + (formats.contains(Format.RESHOOT) ? 1 : 0);
    }

    private Document made(
            Publication publication, Path out, Path work, Format format, Films films, Course course)
            throws IOException, PublishProblem {
        Path folder = Files.createDirectories(work.resolve(format.name()));
        return switch (format) {
            case PDF -> {
                Path made = folder.resolve("manual.pdf");
                Print.write(printed(publication, folder, course), made, course);
                yield Document.file(made, out.resolve("manual.pdf"));
            }
            case RESHOOT -> {
                Path made = folder.resolve("film-again.pdf");
                Print.write(reshoot(publication), made, course);
                yield Document.file(made, out.resolve("film-again.pdf"));
            }
            case HTML -> {
                Path target = out.resolve("html");
                String content = Document.nextContent(target);
                Path beside = Files.createDirectories(folder.resolve(content));
                for (Typeface face : Typeface.values()) {
                    try (InputStream in = face.open()) {
                        Files.copy(in, beside.resolve(face.fileName()));
                    }
                }
                Map<Id<Step>, Films.Film> made = make(publication, folder, content, films, course);
                Path index = folder.resolve("index.html");
                Files.writeString(index, onScreen(publication, folder, content, made, course));
                course.on(Progress.Work.PAGES, 1);
                yield new Document(index, target.resolve("index.html"), beside);
            }
        };
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

    /** The pages for print: laid out once to see how high each step is, then filled to the foot. */
    private String printed(Publication publication, Path folder, Course course) throws IOException {
        Map<String, Object> values = values(publication, folder, "print", "", Map.of(), course);
        values.put("fills", Print.fills(filled("print.ftlh", values, publication), folder, course));
        return filled("print.ftlh", values, publication);
    }

    /** The page for the screen, which allows its own style and script alone, by their digests. */
    private String onScreen(
            Publication publication,
            Path folder,
            String content,
            Map<Id<Step>, Films.Film> films,
            Course course)
            throws IOException {
        Map<String, Object> values = values(publication, folder, "screen", content, films, course);
        String style = "\n" + filled("screen.css", values, publication).strip() + "\n";
        String script = Inlined.script();
        values.put("style", style);
        values.put("script", script);
        values.put(
                "policy", Map.of("style", Inlined.digest(style), "script", Inlined.digest(script)));
        return filled("screen.ftlh", values, publication);
    }

    private static Map<String, Object> values(
            Publication publication,
            Path folder,
            String medium,
            String content,
            Map<Id<Step>, Films.Film> films,
            Course course)
            throws IOException {
        FigureFiles figures = new FigureFiles(publication, folder, content, course);
        try {
            Map<String, Object> values = new DocumentModel(publication, figures, films).values();
            figures.finish();
            values.put("medium", medium);
            values.put("content", content);
            values.put("colour", medium.equals("print") ? Colours.printed() : Colours.onScreen());
            values.put("fills", Map.of());
            return values;
        } finally {
            figures.end();
        }
    }

    private String reshoot(Publication publication) throws IOException {
        Map<String, Object> values = new ReshootModel(publication).values();
        values.put("colour", Colours.printed());
        return filled("film-again.ftlh", values, publication);
    }

    private String filled(String template, Map<String, Object> values, Publication publication)
            throws IOException {
        values.put("w", wordsOf(publication.words()));
        StringWriter out = new StringWriter();
        try {
            templates.getTemplate(template).process(values, out);
        } catch (TemplateException e) {
            throw new IllegalStateException("the page template does not fit its values", e);
        }
        return printable(out.toString());
    }

    /** Without signs of control, which no page may hold: a soft line break becomes a space. */
    private static String printable(String page) {
        StringBuilder out = new StringBuilder(page.length());
        page.codePoints()
                .forEach(
                        c -> {
                            boolean allowed =
                                    c == '\t'
                                            || c == '\n'
                                            || c == '\r'
                                            || c >= 0x20 && c != 0x7F && c < 0xD800
                                            || c >= 0xE000 && c < 0xFFFE
                                            || c >= 0x1_0000;
                            if (allowed) {
                                out.appendCodePoint(c);
                            } else if (c == 0x0B || c == 0x0C) {
                                out.append(' ');
                            }
                        });
        return out.toString();
    }

    private static TemplateMethodModelEx wordsOf(Words words) {
        return arguments -> {
            Object[] rest = new Object[arguments.size() - 1];
            for (int i = 0; i < rest.length; i++) {
                rest[i] = String.valueOf(arguments.get(i + 1));
            }
            try {
                return words.of(String.valueOf(arguments.get(0)), rest);
            } catch (java.util.MissingResourceException e) {
                throw new TemplateModelException(e);
            }
        };
    }
}
