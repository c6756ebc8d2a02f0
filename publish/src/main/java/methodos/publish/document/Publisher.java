package methodos.publish.document;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import freemarker.template.Configuration;
import freemarker.template.TemplateException;
import freemarker.template.TemplateMethodModelEx;
import freemarker.template.TemplateModelException;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.publish.PublishProblem;
import methodos.publish.Typeface;

/**
 * Makes the documents of a manual. Everything is made in a folder beside the target and put in
 * place when it is whole, so that a full disk leaves no half publication behind.
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
        return publish(publication, out, formats, Films.NONE);
    }

    /**
     * The same, with a film beside each step of the form for the screen.
     *
     * @throws PublishProblem if it cannot be written; what was there before is then untouched
     */
    public List<Path> publish(Publication publication, Path out, Set<Format> formats, Films films)
            throws PublishProblem {
        Path work = null;
        try {
            Files.createDirectories(out);
            work = Files.createTempDirectory(out, ".publishing");
            List<Path> made = new ArrayList<>();
            for (Format format : formats) {
                Path folder = Files.createDirectories(work.resolve(format.name()));
                switch (format) {
                    case PDF ->
                            pdf(
                                    page(publication, folder, "print", Films.NONE),
                                    folder.resolve("manual.pdf"));
                    case HTML -> html(publication, folder, films);
                    case RESHOOT -> pdf(reshoot(publication), folder.resolve("film-again.pdf"));
                }
            }
            for (Format format : formats) {
                made.add(
                        switch (format) {
                            case PDF ->
                                    place(
                                            work.resolve("PDF/manual.pdf"),
                                            out.resolve("manual.pdf"));
                            case HTML -> placeFolder(work.resolve("HTML"), out.resolve("html"));
                            case RESHOOT ->
                                    place(
                                            work.resolve("RESHOOT/film-again.pdf"),
                                            out.resolve("film-again.pdf"));
                        });
            }
            return made;
        } catch (IOException e) {
            String why = String.valueOf(e.getMessage());
            throw new PublishProblem(
                    why.contains("No space left")
                            ? out + " cannot be written: the disk is full. Nothing was published."
                            : out + " cannot be written: " + why + ". Nothing was published.",
                    e);
        } finally {
            if (work != null) {
                remove(work);
            }
        }
    }

    private static Path place(Path made, Path target) throws IOException {
        return Files.move(made, target, StandardCopyOption.REPLACE_EXISTING);
    }

    private static Path placeFolder(Path made, Path target) throws IOException {
        Path old = made.resolveSibling("replaced");
        if (Files.exists(target)) {
            Files.move(target, old);
        }
        Files.move(made, target);
        return target.resolve("index.html");
    }

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(Publisher.class)
                    .warn("{} was left behind", folder, e);
        }
    }

    private void html(Publication publication, Path folder, Films films)
            throws IOException, PublishProblem {
        for (Typeface face : Typeface.values()) {
            try (InputStream in = face.open()) {
                Files.copy(in, folder.resolve(face.fileName()));
            }
        }
        Files.writeString(folder.resolve("index.html"), page(publication, folder, "screen", films));
    }

    private static Map<String, Films.Film> make(Publication publication, Path folder, Films films)
            throws PublishProblem {
        Map<String, Films.Film> made = new HashMap<>();
        for (Step step : publication.manual().steps().toList()) {
            if (step.applicability().concerns(publication.sight())) {
                films.of(step, folder).ifPresent(f -> made.put(step.id(), f));
            }
        }
        return made;
    }

    private static void pdf(String page, Path file) throws IOException {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.withHtmlContent(page, file.getParent().toUri().toString());
        for (Typeface face : Typeface.values()) {
            builder.useFont(
                    () -> PrintFont.open(face),
                    face.family(),
                    face.weight(),
                    face.italic() ? FontStyle.ITALIC : FontStyle.NORMAL,
                    true);
        }
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_A);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        builder.withProducer("Methodos");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            builder.toStream(out);
            builder.run();
        }
    }

    private String page(Publication publication, Path folder, String medium, Films films)
            throws IOException, PublishProblem {
        FigureFiles figures = new FigureFiles(publication, folder);
        Map<String, Object> values =
                new DocumentModel(publication, figures, make(publication, folder, films)).values();
        figures.finish();
        values.put("medium", medium);
        return filled("manual.ftlh", values, publication);
    }

    private String reshoot(Publication publication) throws IOException {
        return filled("film-again.ftlh", new ReshootModel(publication).values(), publication);
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
