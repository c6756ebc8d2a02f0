package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Unit;
import methodos.core.manual.UnitOption;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class ClaimedUnitsTest {

    private static final Manual MANUAL =
            Manual.titled("x")
                    .withUnit(
                            Unit.unnamed()
                                    .withOptions(
                                            List.of(
                                                    new UnitOption(
                                                            "L", "cold", SerialRange.from(1800)))))
                    .withVariants(
                            List.of(
                                    new Variant(
                                            new Id<>("v"),
                                            "D",
                                            new SerialRange(1000L, 2999L),
                                            "")));

    private static Manual with(Applicability.Condition condition) {
        return MANUAL.withPart(
                PartBuilder.builder()
                        .id(new Id<>("p"))
                        .name("seal")
                        .applicability(Applicability.of(condition))
                        .build());
    }

    @Test
    void aManualWithoutVariantsIsOneGroup() {
        assertThat(ClaimedUnits.of(Manual.titled("x")))
                .singleElement()
                .satisfies(g -> assertThat(g.sight().everything()).isTrue());
    }

    @Test
    void aVariantIsDividedWhereAPartBegins() {
        List<ClaimedUnits.Group> groups =
                ClaimedUnits.of(
                        with(new Applicability.Condition(List.of(), SerialRange.from(2200))));
        assertThat(groups)
                .extracting(g -> g.sight().serials())
                .containsExactly(new SerialRange(1000L, 2199L), new SerialRange(2200L, 2999L));
        assertThat(groups).extracting(ClaimedUnits.Group::variant).containsOnly(new Id<>("v"));
    }

    @Test
    void anOptionDividesWhereItIsPossible() {
        List<ClaimedUnits.Group> groups =
                ClaimedUnits.of(
                        with(
                                new Applicability.Condition(
                                        List.of(), SerialRange.ALL, List.of("L"), List.of())));
        assertThat(groups)
                .extracting(g -> g.sight().serials().from() + " " + g.sight().with())
                .containsExactly("1000 []", "1800 []", "1800 [L]");
    }

    @Test
    void optionsThatNothingHangsOnDivideNothing() {
        assertThat(ClaimedUnits.of(MANUAL)).hasSize(1);
    }
}
