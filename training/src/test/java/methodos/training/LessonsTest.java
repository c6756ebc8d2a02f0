package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.hazard.HazardRules;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.narration.acts.Model;
import methodos.narration.draft.NarrationReader;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Vocabulary;
import methodos.training.Trainer.Example;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LessonsTest {

    private static final NarrationReader READER =
            new NarrationReader(
                    EnglishPartsOfSpeech.load(), Vocabulary.english(), null, HazardRules.shipped());

    @Test
    void learnsWhatExamplesHaveInCommon() {
        List<Example> examples = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            examples.add(new Example("n" + i % 4, "on", List.of("screw", "noise" + i)));
            examples.add(new Example("n" + i % 4, "off", List.of("pull", "noise" + i)));
        }

        Model model = Trainer.fit(examples, 0.1);

        assertThat(model.probability("on", List.of("screw"))).isGreaterThan(0.9);
        assertThat(model.probability("off", List.of("pull"))).isGreaterThan(0.9);
    }

    @Test
    void whatOnlyOneNarrationHasIsNotLearned() {
        List<Example> examples = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String source = "n" + i % 4;
            boolean first = source.equals("n0");
            examples.add(
                    new Example(
                            source, "on", first ? List.of("screw", "goose") : List.of("screw")));
            examples.add(new Example(source, i % 5 == 0 ? "on" : "off", List.of("pull")));
        }

        Model model = Trainer.fit(examples, 0.1);

        assertThat(model.probability("on", List.of("goose")))
                .isEqualTo(model.probability("on", List.of()));
        assertThat(model.probability("off", List.of("pull"))).isGreaterThan(0.6);
    }

    @Test
    void almostEveryTrueStepIsSaidByAClause() throws Exception {
        int steps = 0;
        int placed = 0;
        long aligned = 0;
        for (Narration n : TruthFile.all(List.of(Path.of("narrations/practice")))) {
            Utterance said = READER.hear(n.captions(), List.of());
            List<Clause> clauses = Clauses.of(said);
            Alignment alignment = Alignment.of(said, clauses, n.truth());
            steps += n.truth().steps().size();
            aligned += alignment.aligned();
            for (int s = 0; s < n.truth().steps().size(); s++) {
                placed += alignment.place(s) == null ? 0 : 1;
            }
        }

        assertThat((double) placed / steps).as("quotes found").isGreaterThan(0.99);
        assertThat((double) aligned / steps).as("steps aligned").isGreaterThan(0.93);
    }

    @Test
    void aStepIsSaidByTheClauseThatMeansIt(@TempDir Path folder) throws Exception {
        Files.writeString(
                folder.resolve("press.vtt"),
                """
                WEBVTT

                00:01.000 --> 00:06.000
                Before I get my hands anywhere near that ram
                I switch her off and I pull the plug.

                00:06.500 --> 00:10.000
                The guard, two screws, and it lifts away.
                """);
        Files.writeString(
                folder.resolve("press.truth.json"),
                """
                {"steps": [
                  {"kind": "action", "start": 1, "end": 6, "action": "isolate",
                   "quote": "I switch her off and I pull the plug"},
                  {"kind": "action", "start": 1, "end": 6, "action": "disconnect",
                   "parts": [{"name": "plug"}],
                   "quote": "I switch her off and I pull the plug"},
                  {"kind": "action", "start": 6.5, "end": 10, "action": "remove",
                   "parts": [{"name": "guard"}],
                   "quote": "The guard, two screws, and it lifts away"}]}
                """);
        Narration n = TruthFile.all(List.of(folder)).get(0);
        Utterance said = READER.hear(n.captions(), List.of());
        List<Clause> clauses = Clauses.of(said);
        Alignment alignment = Alignment.of(said, clauses, n.truth());

        assertThat(action(said, clauses, alignment, "pull the plug")).contains("disconnect");
        assertThat(action(said, clauses, alignment, "switch her off")).contains("isolate");
    }

    private static Optional<String> action(
            Utterance said, List<Clause> clauses, Alignment alignment, String words) {
        for (int c = 0; c < clauses.size(); c++) {
            Clause clause = clauses.get(c);
            if (said.text(clause.from(), clause.to()).contains(words)) {
                return alignment.step(c).map(s -> s.told().action());
            }
        }
        return Optional.empty();
    }
}
