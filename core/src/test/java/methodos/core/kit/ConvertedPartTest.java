package methodos.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.ledger.PartLine;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

/** The plain bush of a winch stays off; a flanged one goes on in its place. */
class ConvertedPartTest {

    private static final Id<Part> PLAIN = new Id<>("plain");
    private static final Id<Part> FLANGED = new Id<>("flanged");

    private static Part part(Id<Part> id, String name) {
        return PartBuilder.builder()
                .id(id)
                .item(id.text())
                .name(name)
                .quantity(1)
                .reuse(ReuseRule.REUSE)
                .build();
    }

    private static Manual winch(Id<Part> convertedTo) {
        Manual m =
                Manual.titled("Winch")
                        .withPart(part(PLAIN, "plain bush").withConvertedTo(convertedTo))
                        .withPart(part(FLANGED, "flanged bush"));
        m = step(m, Stage.Kind.TAKE_DOWN, "Take the plain bush off.", PLAIN);
        return step(m, Stage.Kind.BUILD_UP, "Put the flanged bush on.", FLANGED);
    }

    private static Manual step(Manual m, Stage.Kind stage, String text, Id<Part> part) {
        return m.withNewStep(
                m.stage(stage).orElseThrow().id(),
                Step.of(new Id<>("s-" + part), text, List.of(), List.of())
                        .withParts(List.of(new PartUse(part, 1))));
    }

    private static List<Rule> rules(Manual manual) {
        return new Checks(HazardRules.shipped())
                .of(new Workspace(manual, Map.of())).findings().stream()
                        .map(Finding::rule)
                        .filter(r -> r.severity().grave())
                        .toList();
    }

    @Test
    void whatStaysOffForAnotherIsNotMissed() {
        assertThat(rules(winch(null)))
                .contains(Rule.NOT_REFITTED, Rule.NOT_REMOVED_FIRST)
                .doesNotContain(Rule.NOT_CHECKED);
        assertThat(rules(winch(FLANGED))).isEmpty();
        assertThat(loose(winch(null))).isTrue();
        assertThat(loose(winch(FLANGED))).isFalse();
    }

    private static boolean loose(Manual manual) {
        return PartLine.of(manual, Sight.EVERYTHING).stream().anyMatch(l -> l.loose().isPresent());
    }

    @Test
    void whatGoesOnInItsPlaceIsOrdered() {
        assertThat(
                        OrderList.of(PractisedManual.of(winch(FLANGED)), Sight.EVERYTHING)
                                .extrasByPart())
                .isEqualTo(Map.of(FLANGED, 1));
        assertThat(OrderList.of(PractisedManual.of(winch(null)), Sight.EVERYTHING).extras())
                .isEmpty();
    }

    @Test
    void whatIsOfASetIsNewWithIt() {
        Manual m = winch(null);
        Part plain = m.part(PLAIN).orElseThrow().withSet("bushes");
        Part flanged =
                m.part(FLANGED).orElseThrow().withSet("bushes").withReuse(ReuseRule.ALWAYS_NEW);
        assertThat(rules(m.withPart(plain).withPart(flanged))).contains(Rule.REUSED);
    }
}
