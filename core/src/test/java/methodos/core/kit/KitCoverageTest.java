package methodos.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class KitCoverageTest {

    private static final Sight EARLY = new Sight("QA-80 S", SerialRange.upTo(2199));
    private static final Sight LATE = new Sight("QA-80 S", SerialRange.from(2200));

    private final Manual manual =
            Samples.withKits(
                    Samples.actuator(),
                    List.of(
                            Samples.kit("K1", "p2", 2, "p3", 1),
                            Samples.kit("K2", "p2", 3, "p4", 1)));

    private KitCoverage.Row row(Sight sight, Id<Part> part) {
        return KitCoverage.of(PractisedManual.of(manual).seenBy(sight)).stream()
                .filter(r -> r.part().id().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void alwaysNewPartsAreNeeded() {
        assertThat(row(EARLY, new Id<>("p2")).needed()).isEqualTo(2);
        assertThat(row(EARLY, new Id<>("p2")).certain()).isTrue();
        assertThat(row(EARLY, new Id<>("p2")).missingFrom(new Id<>("K1"))).isZero();
    }

    @Test
    void inspectedPartsInAKitAreNeededOnCondition() {
        assertThat(row(EARLY, new Id<>("p3")).certain()).isFalse();
        assertThat(row(EARLY, new Id<>("p3")).missingFrom(new Id<>("K2"))).isZero();
    }

    @Test
    void onlyTheUnitsLookedAtCount() {
        assertThat(KitCoverage.of(PractisedManual.of(manual).seenBy(EARLY)))
                .extracting(r -> r.part().id())
                .doesNotContain(new Id<>("p4"));
        assertThat(row(LATE, new Id<>("p4")).missingFrom(new Id<>("K1"))).isEqualTo(1);
    }

    @Test
    void theSmallestSufficientKitComesFirst() {
        assertThat(KitCoverage.sufficient(PractisedManual.of(manual).seenBy(EARLY)))
                .extracting(Kit::number)
                .containsExactly("K1", "K2");
        assertThat(KitCoverage.sufficient(PractisedManual.of(manual).seenBy(LATE)))
                .extracting(Kit::number)
                .containsExactly("K2");
    }

    @Test
    void aPartInNoKitIsNamed() {
        Manual without = Samples.withKits(Samples.actuator(), List.of(Samples.kit("K1", "p2", 2)));
        assertThat(KitCoverage.of(PractisedManual.of(without).seenBy(LATE)))
                .filteredOn(KitCoverage.Row::inNoKit)
                .extracting(r -> r.part().id())
                .containsExactly(new Id<>("p4"));
    }
}
