package methodos.training;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.manual.Stage;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Cycles;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.Pause;
import methodos.core.narration.DraftedStep.Quote;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.narration.DraftedStep.Torque;
import methodos.files.captions.CaptionFile;
import methodos.files.problem.ProjectProblem;

/** Reads narrations with their truths from folders: captions, and a file {@code .truth.json}. */
public final class TruthFile {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String ENDING = ".truth.json";

    private TruthFile() {}

    /** The narrations of folders, by name. */
    public static List<Narration> all(List<Path> folders) throws IOException, ProjectProblem {
        List<Narration> all = new ArrayList<>();
        for (Path folder : folders) {
            List<Path> truths;
            try (Stream<Path> files = Files.list(folder)) {
                truths = files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList();
            }
            for (Path truth : truths) {
                String name = truth.getFileName().toString().replace(ENDING, "");
                all.add(new Narration(name, captions(folder, name), truth(truth)));
            }
        }
        return all;
    }

    private static Captions captions(Path folder, String name) throws IOException, ProjectProblem {
        for (String ending : List.of(".vtt", ".srt", ".txt")) {
            Path file = folder.resolve(name + ending);
            if (Files.exists(file)) {
                return CaptionFile.read(file);
            }
        }
        throw new IOException("no captions for " + name);
    }

    private static Truth truth(Path file) throws IOException {
        JsonNode truth = JSON.readTree(file.toFile());
        List<Truth.TrueStep> steps = new ArrayList<>();
        for (JsonNode s : truth.path("steps")) {
            JsonNode also = s.path("alsoAccept");
            steps.add(
                    new Truth.TrueStep(
                            step(s),
                            texts(also.path("action")),
                            texts(also.path("parts")),
                            s.path("optional").asBoolean()));
        }
        List<Draft.SetAside> aside = new ArrayList<>();
        for (JsonNode d : truth.path("dismissed")) {
            aside.add(
                    new Draft.SetAside(
                            d.path("start").asDouble(),
                            d.path("end").asDouble(),
                            d.path("quote").asText(),
                            Draft.Reason.valueOf(name(d.path("reason")))));
        }
        List<Truth.Trap> traps = new ArrayList<>();
        for (JsonNode t : truth.path("traps")) {
            traps.add(
                    new Truth.Trap(
                            t.path("start").asDouble(),
                            t.path("end").asDouble(),
                            t.path("why").asText(),
                            texts(t.path("actions"))));
        }
        return new Truth(steps, aside, traps);
    }

    private static String name(JsonNode word) {
        return word.asText().toUpperCase(Locale.ROOT).replace('-', '_');
    }

    private static Set<String> texts(JsonNode list) {
        Set<String> texts = new HashSet<>();
        list.forEach(t -> texts.add(t.isTextual() ? t.asText() : t.path("name").asText()));
        return texts;
    }

    private static DraftedStep step(JsonNode s) {
        List<PartNamed> parts = new ArrayList<>();
        for (JsonNode p : s.path("parts")) {
            Integer quantity = p.path("quantity").isNumber() ? p.get("quantity").asInt() : null;
            parts.add(new PartNamed(p.path("name").asText(), quantity, text(p, "size"), null));
        }
        List<ToolNamed> tools = new ArrayList<>();
        s.path("tools")
                .forEach(t -> tools.add(new ToolNamed(t.path("name").asText(), text(t, "size"))));
        List<Torque> torques = new ArrayList<>();
        s.path("torques")
                .forEach(
                        t ->
                                torques.add(
                                        new Torque(
                                                number(t, "min"),
                                                number(t, "max"),
                                                text(t, "unit"),
                                                null,
                                                text(t, "quote"))));
        List<Limit> limits = new ArrayList<>();
        s.path("limits")
                .forEach(
                        l ->
                                limits.add(
                                        new Limit(
                                                text(l, "of"),
                                                number(l, "min"),
                                                number(l, "max"),
                                                text(l, "unit"),
                                                text(l, "quote"))));
        List<Pause> waits = new ArrayList<>();
        s.path("waits")
                .forEach(w -> waits.add(new Pause(w.path("seconds").asDouble(), text(w, "quote"))));
        JsonNode cycles = s.path("repeats");
        return new DraftedStep(
                Kind.valueOf(name(s.path("kind"))),
                s.path("start").asDouble(),
                s.path("end").asDouble(),
                text(s, "action"),
                s.path("quote").asText(),
                parts,
                tools,
                List.copyOf(texts(s.path("consumables"))),
                torques,
                text(s, "pattern"),
                limits,
                waits,
                cycles.path("count").isNumber()
                        ? new Cycles(
                                cycles.get("count").asInt(),
                                cycles.path("max").isNumber() ? cycles.get("max").asInt() : null)
                        : null,
                text(s, "threadDirection"),
                text(s, "orientation"),
                text(s, "until"),
                text(s, "condition"),
                text(s, "reference"),
                List.copyOf(texts(s.path("hazards"))),
                null,
                null,
                1,
                List.of(),
                List.of(
                        new Quote(
                                s.path("start").asDouble(),
                                s.path("end").asDouble(),
                                s.path("quote").asText())),
                Stage.Kind.PREPARE);
    }

    private static String text(JsonNode of, String field) {
        return of.path(field).isTextual() ? of.get(field).asText() : null;
    }

    private static Double number(JsonNode of, String field) {
        return of.path(field).isNumber() ? of.get(field).asDouble() : null;
    }
}
