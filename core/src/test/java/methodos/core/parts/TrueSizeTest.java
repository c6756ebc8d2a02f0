package methodos.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.description.Id;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrueSizeTest {

    private static Part part(String name, String size) {
        return PartBuilder.builder().id(new Id<>("p")).name(name).size(size).quantity(1).build();
    }

    @Test
    void sizesAreReadAsTheyAreWritten() {
        assertThat(TrueSize.of(part("cap screw", "M6 × 25"))).contains(new TrueSize.Screw(6, 25));
        assertThat(TrueSize.of(part("stud", "M12x80"))).contains(new TrueSize.Screw(12, 80));
        assertThat(TrueSize.of(part("castle nut", "M20 × 1.5"))).contains(new TrueSize.Nut(30));
        assertThat(TrueSize.of(part("lock nut", "M8"))).contains(new TrueSize.Nut(13));
        assertThat(TrueSize.of(part("O-ring", "80 × 2.5"))).contains(new TrueSize.Ring(80, 85));
        assertThat(TrueSize.of(part("sealing ring", "17 × 21")))
                .contains(new TrueSize.Ring(17, 21));
        assertThat(TrueSize.of(part("split pin", "4 × 40"))).contains(new TrueSize.Pin(4, 40));
        assertThat(new TrueSize.Screw(6, 25).head()).isEqualTo(9);
    }

    @ParameterizedTest
    @CsvSource({"body,", "snap ring,18", "level plug,G 3/8", "washer,2.10 to 2.40", "nut,M7"})
    void whatDoesNotTellItHasNone(String name, String size) {
        assertThat(TrueSize.of(part(name, size == null ? "" : size))).isEmpty();
    }
}
