package methodos.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Replacement;
import methodos.core.manual.Sight;
import methodos.core.narration.Workspace;
import methodos.core.parts.PartsAnswer.Offer;
import org.junit.jupiter.api.Test;

class PartsReportTest {

    private final Manual manual = Samples.actuator().withKit(Samples.kit("K1", "p2", 2));

    private static final Replacement NEWER = new Replacement("HV-11B", null, "2026-09-01");

    private static PartsAnswer answer() {
        return new PartsAnswer(
                Map.of(
                        "HV-7", new Offer("0.80 EUR", 3, null),
                        "HV-11", new Offer("2.10 EUR", 0, NEWER),
                        "HV-9", new Offer("9.00 EUR", 50, null)),
                Map.of("K1", Map.of("HV-11", 3, "HV-25", 1)));
    }

    @Test
    void whatTheServiceSaysIsHeldAgainstTheManual() {
        PartsReport report = PartsReport.of(manual, answer());
        assertThat(report.unknown()).extracting(p -> p.number()).containsExactly("HV-25");
        assertThat(report.replaced())
                .singleElement()
                .satisfies(r -> assertThat(r.replacement()).isEqualTo(NEWER));
        assertThat(report.scarce())
                .singleElement()
                .satisfies(s -> assertThat(s.part().number()).isEqualTo("HV-7"));
        assertThat(report.kits().get(0).differences())
                .containsExactly("HV-11: 2 → 3", "HV-25: 0 → 1");
    }

    @Test
    void itBecomesOpenPointsUntilItIsSettled() {
        Workspace workspace = new Workspace(manual, Map.of());
        assertThat(keys(workspace)).noneMatch(k -> k.startsWith("open.service"));
        Workspace asked = workspace.withPartsAnswer(answer());
        assertThat(keys(asked))
                .contains(
                        "open.service.unknown",
                        "open.service.replaced",
                        "open.service.scarce",
                        "open.service.kit");
        Manual noted = StoreEdits.replaced(new Id<>("p2"), NEWER).change().apply(manual);
        assertThat(keys(asked.with(noted)))
                .doesNotContain("open.service.replaced")
                .contains("open.part.replaced");
        Manual taken = StoreEdits.replace(new Id<>("p2")).change().apply(noted);
        assertThat(taken.part(new Id<>("p2")).orElseThrow().number()).isEqualTo("HV-11B");
        assertThat(keys(workspace.with(taken))).doesNotContain("open.part.replaced");
        assertThat(StoreEdits.replace(new Id<>("p1")).change().apply(taken)).isEqualTo(taken);
    }

    private static List<String> keys(Workspace workspace) {
        return OpenPoints.of(workspace, Sight.EVERYTHING).stream().map(OpenPoint::key).toList();
    }

    @Test
    void numbersAreAskedOnce() {
        assertThat(PartsAnswer.asked(List.of("a", "", "b", "a"))).containsExactly("a", "b");
        assertThat(PartsAnswer.NONE.given()).isFalse();
    }
}
