package methodos.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.narration.acts.ActionFeatures;
import methodos.narration.draft.NarrationReader;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.Acts;
import methodos.training.Trainer.Example;

/** What phrases and single verbs of the workshop mean, as examples. */
final class Senses {

    /** Each is said to come from two narrations, so that its features count. */
    private static final List<String> SOURCES = List.of("one sense", "another sense");

    private Senses() {}

    /** Of phrases in a file: an action, a colon, then phrases parted by "|". */
    static List<Example> phrases(Path file, NarrationReader reader) throws IOException {
        List<Example> examples = new ArrayList<>();
        for (String line : Files.readAllLines(file)) {
            int colon = line.indexOf(':');
            if (line.startsWith("#") || colon < 0) {
                continue;
            }
            String action = line.substring(0, colon).strip();
            for (String phrase : line.substring(colon + 1).split("\\|")) {
                features(phrase.strip(), action, reader)
                        .ifPresent(
                                f -> SOURCES.forEach(s -> examples.add(new Example(s, action, f))));
            }
        }
        return examples;
    }

    private static Optional<List<String>> features(
            String phrase, String action, NarrationReader reader) {
        Utterance said = reader.hear(new Captions(List.of(new Caption(0, 5, phrase))), List.of());
        return Clauses.of(said).stream()
                .max(Comparator.comparingInt(c -> fit(said, c, action)))
                .map(
                        clause ->
                                ActionFeatures.of(said, clause).stream()
                                        .filter(f -> !f.contains("place="))
                                        .toList());
    }

    private static int fit(Utterance said, Clause clause, String action) {
        boolean verb = clause.type() == Clause.Type.VERB;
        boolean means =
                said.act(clause.head()).filter(m -> m.act().actions().contains(action)).isPresent();
        return (verb ? 2 : 1) + (verb && means ? 2 : 0);
    }

    /** Of each verb that the vocabulary knows, with each of its particles. */
    static List<Example> verbs(Acts acts) {
        List<Example> examples = new ArrayList<>();
        for (Act act : acts.all()) {
            List<String> particles = new ArrayList<>(act.particles().keySet());
            particles.add(null);
            for (String particle : particles) {
                String action = act.actionWith(particle);
                if (action != null) {
                    List<String> f = ActionFeatures.of(act, particle);
                    SOURCES.forEach(s -> examples.add(new Example(s, action, f)));
                }
            }
        }
        return examples;
    }
}
