package methodos.publish.document;

import com.openhtmltopdf.util.XRLog;
import freemarker.template.Configuration;
import freemarker.template.TemplateException;
import freemarker.template.TemplateMethodModelEx;
import freemarker.template.TemplateModelException;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.practice.SeenManual;
import methodos.core.words.Words;
import methodos.publish.house.HouseStyle;
import methodos.publish.house.Tint;
import methodos.publish.screen.Inlined;
import methodos.publish.sheet.FetchRows;
import methodos.publish.sheet.JobCard;
import methodos.publish.sheet.PlanSheet;
import methodos.publish.sheet.SortingPlaces;
import methodos.publish.sheet.TrainingQuestions;

/** The pages of documents, filled in from their templates. */
final class Pages {

    /** Sizes of letters of the job card, in points. */
    private static final double LARGEST_CARD = 9;

    private static final double SMALLEST_CARD = 5;

    private final Configuration templates = new Configuration(Configuration.VERSION_2_3_34);

    Pages() {
        templates.setClassForTemplateLoading(Pages.class, "");
        templates.setDefaultEncoding("UTF-8");
        templates.setLocale(Locale.ROOT);
        templates.setNumberFormat("computer");
        templates.setLogTemplateExceptions(false);
        XRLog.setLoggingEnabled(false);
    }

    /** The pages for print: laid out once to see how high each step is, then filled to the foot. */
    String printed(Publication publication, Path folder, Course course) throws IOException {
        Map<String, Object> values = values(publication, folder, "print", "", Map.of(), course);
        values.put("fills", fills(values, publication, folder, course));
        return filled("print.ftlh", values, publication);
    }

    /** Stages begin on pages of their own: each is laid out by itself, several at a time. */
    private Map<String, PageFill.Fill> fills(
            Map<String, Object> values, Publication publication, Path folder, Course course)
            throws IOException {
        List<String> stages = new ArrayList<>();
        for (Object each : (List<?>) values.get("contents")) {
            Contents.Row row = (Contents.Row) each;
            if (row.stage() > 0) {
                stages.add(measured(row.anchor(), values, publication));
            }
        }
        Map<String, PageFill.Fill> all = new ConcurrentHashMap<>();
        stages.parallelStream()
                .forEach(s -> all.putAll(Print.fills(s, publication.house(), folder, course)));
        return all;
    }

    /**
     * The pages for print in parts, each to be laid out by itself: front matter, stages, record.
     *
     * @param folder where figures are kept from one time to the next
     * @param sizes of stills, likewise
     */
    List<Stretch> stretches(
            Publication publication, Path folder, Map<String, PictureSizes.Size> sizes)
            throws IOException {
        Map<String, Object> values =
                values(
                        publication,
                        FigureFiles.preview(publication, folder, sizes),
                        folder,
                        "print",
                        "",
                        Map.of());
        List<Stretch> parts = new ArrayList<>();
        parts.add(part("front", publication.words().of("contents.head"), values, publication));
        for (Object each : (List<?>) values.get("contents")) {
            Contents.Row row = (Contents.Row) each;
            if (row.stage() > 0) {
                parts.add(part(row.anchor(), row.title(), values, publication));
            }
        }
        parts.add(part("record", publication.words().of("record.head"), values, publication));
        return parts;
    }

    private Stretch part(
            String name, String title, Map<String, Object> values, Publication publication)
            throws IOException {
        Map<String, Object> own = new HashMap<>(values);
        own.put("part", name);
        return new Stretch(
                name,
                title,
                filled("print.ftlh", own, publication),
                () -> measured(name, values, publication),
                fills -> {
                    own.put("fills", fills);
                    return filled("print.ftlh", own, publication);
                });
    }

    /** A stage on a page without an end: what stands on it has the height that it has. */
    private String measured(String stage, Map<String, Object> values, Publication publication)
            throws IOException {
        Map<String, Object> own = new HashMap<>(values);
        own.put("part", stage);
        own.put("measured", true);
        return filled("print.ftlh", own, publication);
    }

    /** A part on a page without an end. */
    @FunctionalInterface
    interface Measured {
        String page() throws IOException;
    }

    /** Pages in which the steps are filled to the foot. */
    @FunctionalInterface
    interface Filled {
        String with(Map<String, PageFill.Fill> fills) throws IOException;
    }

    /**
     * A part of the pages for print.
     *
     * @param pages as they are laid out first
     */
    record Stretch(String name, String title, String pages, Measured measured, Filled filled) {}

    /** The page for the screen, which allows its own style and script alone, by their digests. */
    String onScreen(
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

    /** A sheet that is pulled out. */
    String sheet(Publisher.Format sheet, Publication publication, Path folder, Course course)
            throws IOException {
        Map<String, Object> values =
                values(publication.withoutPictures(), folder, "print", "", Map.of(), course);
        SeenManual seen = publication.seen();
        StepNumbers numbers = new StepNumbers(seen.manual(), seen.sight());
        String template = "sheet/" + sheet.sheet() + ".ftlh";
        switch (sheet) {
            case FETCH -> values.put("groups", FetchRows.of(seen, numbers, publication.words()));
            case SORTING ->
                    values.put("places", SortingPlaces.of(seen.manual(), seen.sight(), numbers));
            case PLAN ->
                    values.put(
                            "plan",
                            new PlanSheet(
                                    seen.manual(),
                                    seen.sight(),
                                    publication.times(),
                                    publication.words()));
            case TRAINING -> training(values, publication, numbers, folder, course);
            case CARD -> {
                return card(template, values, publication, folder);
            }
            default -> {} // all that it shows stands in the instruction as well
        }
        return filled(template, values, publication);
    }

    /** The record of a bench run. */
    String run(Publication publication, Path folder, Course course, Map<String, Object> of)
            throws IOException {
        Map<String, Object> values =
                values(publication.withoutPictures(), folder, "print", "", Map.of(), course);
        values.putAll(of);
        return filled("sheet/run.ftlh", values, publication);
    }

    private static void training(
            Map<String, Object> values,
            Publication publication,
            StepNumbers numbers,
            Path folder,
            Course course)
            throws IOException {
        TrainingQuestions questions =
                new TrainingQuestions(publication.manual(), publication.sight(), numbers);
        FigureFiles files = new FigureFiles(publication, folder, "", course);
        try {
            List<AskedFigure> figures = new ArrayList<>();
            for (TrainingQuestions.Named named : questions.figures()) {
                publication
                        .manual()
                        .figure(named.figure())
                        .flatMap(f -> files.of(f, f.title()))
                        .ifPresent(v -> figures.add(new AskedFigure(v.file(), named.parts())));
            }
            files.finish();
            values.put("figures", figures);
        } finally {
            files.end();
        }
        values.put("order", questions.order());
        values.put("values", questions.values());
        values.put("dangers", questions.hazards());
    }

    /** A figure whose parts are to be named. */
    public record AskedFigure(String file, List<Part> parts) {}

    /** The card in the largest letters in which it is one page. */
    private String card(
            String template, Map<String, Object> values, Publication publication, Path folder)
            throws IOException {
        values.put("columns", JobCard.columns(cardRows(values)));
        String card = "";
        for (double points = LARGEST_CARD; points >= SMALLEST_CARD; points -= 0.5) {
            values.put("points", points);
            card = filled(template, values, publication);
            if (Print.pages(card, publication.house(), folder) == 1) {
                break;
            }
        }
        return card;
    }

    private static List<JobCard.Row> cardRows(Map<String, Object> values) {
        List<JobCard.Row> rows = new ArrayList<>();
        for (Object each : (List<?>) values.get("stages")) {
            DocumentModel.StageView stage = (DocumentModel.StageView) each;
            rows.add(new JobCard.Row("", stage.title(), List.of()));
            for (StepView step : stage.steps()) {
                List<String> told = new ArrayList<>();
                step.tighten().forEach(t -> told.add(joined(t.value(), t.stages(), t.order())));
                step.readings().forEach(r -> told.add(joined(r.what(), r.limit())));
                step.waits().forEach(told::add);
                rows.add(
                        new JobCard.Row("" + step.number(), JobCard.cut(step.step().text()), told));
            }
        }
        return rows;
    }

    private static String joined(String... texts) {
        return Stream.of(texts).filter(t -> !t.isEmpty()).collect(Collectors.joining(", "));
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
        return values(publication, figures, folder, medium, content, films);
    }

    private static Map<String, Object> values(
            Publication publication,
            FigureFiles figures,
            Path folder,
            String medium,
            String content,
            Map<Id<Step>, Films.Film> films)
            throws IOException {
        try {
            Map<String, Object> values = new DocumentModel(publication, figures, films).values();
            figures.finish();
            values.put("medium", medium);
            house(values, publication.house(), folder, content);
            values.put("content", content);
            values.put("part", "");
            values.put("measured", false);
            values.put("usual", PageFill.usual());
            values.put("colour", colours(publication.house(), medium.equals("print")));
            values.put("light", colours(publication.house(), true));
            values.put("fills", Map.of());
            return values;
        } finally {
            figures.end();
        }
    }

    /** The logo, and the codes that lead from paper to the screen, as files beside the page. */
    private static void house(
            Map<String, Object> values, HouseStyle house, Path folder, String content)
            throws IOException {
        String within = content.isEmpty() ? "" : content + "/";
        if (house.logo() != null) {
            String name = within + "logo-" + house.logo().getFileName();
            Files.copy(house.logo(), folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
            values.put("logo", name);
        }
        Map<String, String> codes = new HashMap<>();
        if (!house.address().isEmpty() && content.isEmpty()) {
            for (Object each : (List<?>) values.get("contents")) {
                Contents.Row row = (Contents.Row) each;
                if (row.stage() > 0) {
                    String name = "code-" + row.anchor() + ".png";
                    StageCode.write(house.address() + "#" + row.anchor(), folder.resolve(name));
                    codes.put(row.anchor(), name);
                }
            }
        }
        values.put("codes", codes);
    }

    /** On the screen colours are those of the look that is chosen there. */
    private static Map<String, String> colours(HouseStyle house, boolean printed) {
        Map<String, String> all = new HashMap<>();
        for (Tint tint : Tint.values()) {
            all.put(tint.key(), printed ? house.colour(tint) : "var(--" + tint.key() + ")");
        }
        return all;
    }

    String reshoot(Publication publication) throws IOException {
        Map<String, Object> values = new ReshootModel(publication).values();
        values.put("colour", colours(publication.house(), true));
        values.put("house", publication.house());
        values.put("part", "");
        values.put("measured", false);
        values.put("usual", PageFill.usual());
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
