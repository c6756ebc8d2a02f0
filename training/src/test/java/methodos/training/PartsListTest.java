package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.HeardLinks;
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

    /** How the parts that right steps name are linked. */
    private static final class Links {
        private int named;
        private int linked;
        private int wrong;

        void hold() {
            assertThat(named).isGreaterThan(500);
            assertThat(1.0 * linked / named).isGreaterThan(0.90);
            assertThat(1.0 * wrong / named).isLessThan(0.02);
        }
    }

    private final Links before = new Links();
    private final Links after = new Links();
    private int uses;
    private int alike;

    /** Of steps that are right, the parts that the list has by the name that is said. */
    @Test
    void nineOfTenPartsAreFoundInTheListAndHardlyOneIsAnother() throws Exception {
        NarrationReader reader = NarrationReader.english();
        for (Narration n : TruthFile.all(List.of(Path.of("narrations/practice")))) {
            count(reader.read(n.captions()), n.truth());
        }

        System.out.printf(
                "parts list before drafting: %d of %d linked, %d wrong%n"
                        + "parts list after drafting: %d of %d linked, %d wrong%n"
                        + "the same in both orders: %d of %d uses%n",
                before.linked,
                before.named,
                before.wrong,
                after.linked,
                after.named,
                after.wrong,
                alike,
                uses);
        before.hold();
        after.hold();
        assertThat(1.0 * alike / uses).isGreaterThan(0.99);
    }

    private void count(Draft draft, Truth truth) {
        Map<String, Part> list = list(truth);
        Manual empty =
                Manual.titled("x")
                        .withClip(new Clip(CLIP, "one", "one.mp4", 1, "d", 1e5, null, null));
        Manual first = drafted(draft, empty.withParts(List.copyOf(list.values())));
        Manual heard = drafted(draft, empty);
        List<Part> all = new ArrayList<>(list.values());
        all.addAll(heard.parts());
        Manual later = HeardLinks.in(heard.withParts(all));
        compare(first, later);
        List<DraftedStep> steps =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<TrueStep> wanted =
                truth.steps().stream().filter(s -> s.told().kind() != Kind.NOTE).toList();
        Score.paired(steps, wanted)
                .forEach(
                        (d, w) -> {
                            count(steps.get(d), wanted.get(w), first, list, before);
                            count(steps.get(d), wanted.get(w), later, list, after);
                        });
    }

    private static Manual drafted(Draft draft, Manual manual) {
        return DraftEdits.draft(CLIP, draft, WORDS).change().apply(manual);
    }

    /** Which lines each step has, in whichever order list and draft came. */
    private void compare(Manual first, Manual later) {
        List<Step> one = first.steps().toList();
        List<Step> other = later.steps().toList();
        assertThat(other).hasSameSizeAs(one);
        for (int i = 0; i < one.size(); i++) {
            Set<String> a = lines(first, one.get(i));
            Set<String> b = lines(later, other.get(i));
            Set<String> both = new HashSet<>(a);
            both.retainAll(b);
            alike += both.size();
            a.addAll(b);
            uses += a.size();
        }
    }

    private static Set<String> lines(Manual manual, Step step) {
        return step.parts().stream()
                .map(u -> manual.part(u.part()).orElseThrow())
                .filter(p -> !p.heard())
                .map(Part::name)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static void count(
            DraftedStep drafted,
            TrueStep wanted,
            Manual manual,
            Map<String, Part> list,
            Links links) {
        Set<String> names = new HashSet<>(wanted.otherParts());
        wanted.told().parts().forEach(p -> names.add(p.name()));
        Optional<Step> step =
                manual.steps()
                        .filter(s -> s.spans().get(0).start() == drafted.start())
                        .filter(s -> drafted.text().endsWith(s.text().substring(1)))
                        .findFirst();
        if (step.isEmpty()) {
            return; // it repeats others
        }
        for (PartNamed part : drafted.parts()) {
            boolean listed =
                    names.stream()
                            .filter(list::containsKey)
                            .anyMatch(name -> Nouns.head(name).equals(Nouns.head(part.name())));
            if (!listed) {
                continue;
            }
            links.named++;
            List<String> found =
                    step.get().parts().stream()
                            .map(u -> manual.part(u.part()).orElseThrow())
                            .filter(p -> !p.heard())
                            .map(Part::name)
                            .filter(name -> Nouns.head(name).equals(Nouns.head(part.name())))
                            .toList();
            links.linked += found.stream().anyMatch(names::contains) ? 1 : 0;
            links.wrong += !found.isEmpty() && found.stream().noneMatch(names::contains) ? 1 : 0;
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
                                        .id(new Id<>("line" + list.size()))
                                        .name(name)
                                        .size(part.size())
                                        .quantity(part.quantity() == null ? 1 : part.quantity())
                                        .build());
            }
        }
        return list;
    }
}
