package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Step;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.vocabulary.Nouns;
import methodos.core.words.Words;
import methodos.narration.draft.NarrationReader;
import methodos.training.Truth.TrueStep;
import org.junit.jupiter.api.Test;

/** Parts that are named in what somebody says, found in the parts list of the unit. */
class PartsListTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);
    private static final Id<Clip> CLIP = new Id<>("c");

    private int named;
    private int linked;
    private int wrong;

    /** Of steps that are right, the parts that the list has by the name that is said. */
    @Test
    void nineOfTenPartsAreFoundInTheListAndHardlyOneIsAnother() throws Exception {
        NarrationReader reader = NarrationReader.english();
        for (Narration n : TruthFile.all(List.of(Path.of("narrations/practice")))) {
            count(reader.read(n.captions()), n.truth());
        }

        assertThat(named).isGreaterThan(500);
        assertThat(1.0 * linked / named).isGreaterThan(0.90);
        assertThat(1.0 * wrong / named).isLessThan(0.02);
    }

    private void count(Draft draft, Truth truth) {
        Map<String, Part> list = list(truth);
        Manual manual =
                Manual.titled("x")
                        .withClip(new Clip(CLIP, "one", "one.mp4", 1, "d", 1e5, null, null))
                        .withParts(List.copyOf(list.values()));
        Manual drafted = DraftEdits.draft(CLIP, draft, WORDS).change().apply(manual);
        List<DraftedStep> steps =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<TrueStep> wanted =
                truth.steps().stream().filter(s -> s.told().kind() != Kind.NOTE).toList();
        Score.paired(steps, wanted)
                .forEach((d, w) -> count(steps.get(d), wanted.get(w), drafted, list));
    }

    private void count(
            DraftedStep drafted, TrueStep wanted, Manual manual, Map<String, Part> list) {
        Set<String> names = new HashSet<>(wanted.otherParts());
        wanted.told().parts().forEach(p -> names.add(p.name()));
        Step step =
                manual.steps()
                        .filter(s -> s.spans().get(0).start() == drafted.start())
                        .filter(s -> s.text().equals(drafted.text()))
                        .findFirst()
                        .orElseThrow();
        for (PartNamed part : drafted.parts()) {
            boolean listed =
                    names.stream()
                            .filter(list::containsKey)
                            .anyMatch(name -> Nouns.head(name).equals(Nouns.head(part.name())));
            if (!listed) {
                continue;
            }
            named++;
            List<String> found =
                    step.parts().stream()
                            .map(u -> manual.part(u.part()).orElseThrow().name())
                            .filter(name -> Nouns.head(name).equals(Nouns.head(part.name())))
                            .toList();
            linked += found.stream().anyMatch(names::contains) ? 1 : 0;
            wrong += !found.isEmpty() && found.stream().noneMatch(names::contains) ? 1 : 0;
        }
    }

    private static Map<String, Part> list(Truth truth) {
        Map<String, Part> list = new LinkedHashMap<>();
        for (TrueStep step : truth.steps()) {
            for (PartNamed part : step.told().parts()) {
                list.computeIfAbsent(
                        part.name(),
                        name ->
                                PartBuilder.builder()
                                        .id(new Id<>("p" + list.size()))
                                        .name(name)
                                        .size(part.size())
                                        .quantity(part.quantity() == null ? 1 : part.quantity())
                                        .build());
            }
        }
        return list;
    }
}
