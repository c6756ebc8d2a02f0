package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingSentences;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Alternative;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlternativeEditsTest {

    private static final Id<Step> ONE = new Id<>("one");
    private static final Id<Step> OTHER = new Id<>("other");

    /** In both ways the spring of the sample comes off; only one of them puts it back. */
    private static Manual manual() {
        Manual m = Samples.actuator();
        Id<Stage> off = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Id<Stage> on = m.stage(Stage.Kind.BUILD_UP).orElseThrow().id();
        PartUse ring = new PartUse(new Id<>("p2"), 1);
        m = m.withNewStep(off, step(ONE).withParts(List.of(ring)));
        return m.withNewStep(on, step(OTHER).withParts(List.of(ring)));
    }

    private static Step step(Id<Step> id) {
        return Step.of(id, "Do it.", List.of(), List.of());
    }

    private static Manual way(Manual manual, Id<Step> step, String typed) {
        return AlternativeEdits.way(step, typed).change().apply(manual);
    }

    @Test
    void waysOfOneNameAreOneAlternative() {
        Manual m = way(manual(), ONE, "Open it: by the cap");
        m = way(m, OTHER, "open it : By the plug");
        assertThat(m.alternatives()).hasSize(1);
        Alternative open = m.alternatives().get(0);
        assertThat(open.ways())
                .extracting(Alternative.Way::name)
                .containsExactly("by the cap", "By the plug");
        assertThat(way(m, OTHER, "Open it: by the cap").step(OTHER).orElseThrow().way())
                .isEqualTo(m.step(ONE).orElseThrow().way());
    }

    @Test
    void aWayThatNoStepIsOfIsGone() {
        Manual m = way(way(manual(), ONE, "Open it: by the cap"), OTHER, "Open it: by the plug");
        m = way(m, OTHER, "");
        assertThat(m.alternatives().get(0).ways())
                .extracting(Alternative.Way::name)
                .containsExactly("by the cap");
        assertThat(way(m, ONE, " ").alternatives()).isEmpty();
    }

    @Test
    void whenAWayIsTakenIsSaidOnceForAllItsSteps() {
        Manual m = way(manual(), ONE, "Open it: by the cap");
        Id<Alternative.Way> way = m.step(ONE).orElseThrow().way();
        m = AlternativeEdits.when(way, "there is room ").change().apply(m);
        assertThat(m.alternatives().get(0).way(way).orElseThrow().when())
                .isEqualTo("there is room");
    }

    @ParameterizedTest
    @ValueSource(strings = {"by the cap", ":", "open it:", ": by the cap"})
    void whatNamesNoWayIsRefused(String typed) {
        assertThatThrownBy(() -> AlternativeEdits.way(ONE, typed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("names no way");
    }

    @Test
    void theChecksWalkEachWayAndSayInWhichOneSomethingIsOpen() {
        Manual m = way(way(manual(), ONE, "Renew it: by hand"), OTHER, "Renew it: with the tool");
        List<Finding> found =
                new Checks(HazardRules.shipped())
                        .of(new Workspace(m, Map.of())).findings().stream()
                                .filter(f -> !f.only().isEmpty())
                                .toList();
        assertThat(found)
                .extracting(Finding::rule)
                .contains(Rule.NOT_REFITTED)
                .doesNotContain(Rule.NOT_CHECKED);
        Finding open =
                found.stream().filter(f -> f.rule() == Rule.NOT_REFITTED).findFirst().orElseThrow();
        assertThat(open.only()).containsExactly("Renew it: by hand");
        FindingSentences sentences =
                new FindingSentences(
                        new Words(null, Locale.ENGLISH), new StepNumbers(m, Sight.EVERYTHING));
        assertThat(sentences.of(open)).endsWith("This is so only here: Renew it: by hand.");
    }

    @Test
    void aConditionInWordsIsWalkedWithAndWithout() {
        Manual m = manual();
        m = m.withStep(m.step(ONE).orElseThrow().withOnlyIf("the ring is torn"));
        List<Finding> found =
                new Checks(HazardRules.shipped())
                        .of(new Workspace(m, Map.of())).findings().stream()
                                .filter(f -> f.rule() == Rule.NOT_REFITTED)
                                .toList();
        assertThat(found).allSatisfy(f -> assertThat(f.only()).isEmpty());
        Manual both = m.withStep(m.step(OTHER).orElseThrow().withOnlyIf("the ring is torn"));
        assertThat(
                        new Checks(HazardRules.shipped())
                                .of(new Workspace(both, Map.of())).findings().stream()
                                        .flatMap(f -> f.only().stream()))
                .allMatch(o -> o.equals("the ring is torn"));
    }
}
