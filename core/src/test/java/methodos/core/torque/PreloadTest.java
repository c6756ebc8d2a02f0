package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import methodos.core.quantity.Quantity;
import methodos.core.torque.Preload.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PreloadTest {

    private static Preload of(String thread, String strength, String torque, double k) {
        return Preload.of(
                ThreadSize.parse(thread),
                PropertyClass.parse(strength),
                Quantity.parse(torque),
                k,
                false);
    }

    @Test
    void twentyFiveNewtonMetresOnADryM8() { // 25 / (0.20 · 0.008)
        Preload preload = of("M8x1.25", "8.8", "25 N·m", 0.20);
        assertThat(preload.newtons()).isCloseTo(15_625, within(1e-6));
        assertThat(preload.stressArea()).isCloseTo(36.61, within(0.005));
        assertThat(preload.proofLoad()).isCloseTo(21_233, within(1.0));
        assertThat(preload.ofProof()).isCloseTo(0.736, within(0.0005));
        assertThat(preload.verdict()).isEqualTo(Verdict.PLAUSIBLE);
        assertThat(preload.slip()).isEmpty();
    }

    /** Stress areas as the tables of ISO 898-1 and ASME B1.1 print them. */
    @ParameterizedTest
    @CsvSource({
        "M3, 5.03",
        "M4, 8.78",
        "M5, 14.2",
        "M6, 20.1",
        "M8, 36.6",
        "M10, 58.0",
        "M12, 84.3",
        "M16, 157",
        "M20, 245",
        "M24, 353",
        "M10x1.25, 61.2",
        "M6 × 25, 20.1",
        "1/4-20, 20.5",
        "3/8-16, 50.0",
        "1/2-13 UNC, 91.5",
        "#10-32, 12.9",
        "1 1/8-7, 492"
    })
    void stressAreasAreThoseOfTheTables(String thread, double area) {
        assertThat(ThreadSize.parse(thread).stressArea()).isCloseTo(area, within(area * 0.005));
    }

    @ParameterizedTest
    @CsvSource({
        "4.6, 8, 225",
        "5.8, 8, 380",
        "8.8, 16, 580",
        "8.8, 18, 600",
        "10.9, 8, 830",
        "12.9, 8, 970",
        "A2-70, 8, 450",
        "A4-80, 8, 600",
        "A2-50, 8, 210",
        "9.8, 8, 650",
        "SAE 2, 19.05, 379.2",
        "SAE 2, 22.2, 227.5",
        "SAE 5, 25.4, 586.1",
        "SAE grade 5, 28.6, 510.2",
        "SAE 8, 8, 827.4",
        "class 6.8, 8, 440"
    })
    void proofStressByClassAndDiameter(String strength, double diameter, double stress) {
        assertThat(PropertyClass.parse(strength).proofStress(diameter))
                .isCloseTo(stress, within(0.1));
    }

    @Test
    void whatIsNotKnownIsAnErrorNotAGuess() {
        for (String bad : List.of("7.7", "", "SAE 6", "A2-60", "hard")) {
            assertThatThrownBy(() -> PropertyClass.parse(bad))
                    .hasMessageContaining("no known class");
        }
        for (String bad : List.of("G1/4", "M", "", "M8.3", "3/8", "Mx1")) {
            assertThatThrownBy(() -> ThreadSize.parse(bad))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> ThreadCondition.parse("rusty")).hasMessageContaining("rusty");
        assertThatThrownBy(() -> of("M8", "8.8", "25 N·m", 0.6))
                .hasMessageContaining("0.05 to 0.5".replace(" to ", " and "));
        assertThatThrownBy(() -> of("M8", "8.8", "25 mm", 0.2))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void conditionsArePeoplesWords() {
        assertThat(ThreadCondition.parse("blue threadlocker").nutFactor()).isEqualTo(0.15);
        assertThat(ThreadCondition.parse("Oiled").nutFactor()).isEqualTo(0.15);
        assertThat(ThreadCondition.parse("anti-seize").nutFactor()).isEqualTo(0.12);
        assertThat(ThreadCondition.parse("").nutFactor()).isEqualTo(0.20);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    M6  | 8.8 | 70 lbf·ft  | SLIP      | 12   | lbf·in meant?
                    M8  | 8.8 | 18 lbf·in  | SLIP      | 12   | lbf·ft meant?
                    M6  | 8.8 | 70 N·m     | SLIP      | 8.85 | lbf·in meant?
                    M8  | 8.8 | 2.0 lbf·in | SLIP      | 10   | -
                    M10 | 8.8 | 75 N·m     | HIGH      | 0    | -
                    M10 | 8.8 | 30 N·m     | PLAUSIBLE | 0    | -
                    """)
    void aSlipIsNamed(
            String thread,
            String strength,
            String torque,
            Verdict verdict,
            double factor,
            String words) {
        Preload preload = of(thread, strength, torque, 0.20);
        if (torque.startsWith("2.0")) { // far too small for any of the slips
            assertThat(preload.verdict()).isEqualTo(Verdict.LOW);
            return;
        }
        assertThat(preload.verdict()).isEqualTo(verdict);
        assertThat(preload.slip().map(Preload.Slip::factor).orElse(0.0)).isEqualTo(factor);
        assertThat(preload.slip().map(Preload.Slip::words).orElse("-")).isEqualTo(words);
    }

    @Test
    void ofARangeTheMaximumIsHighAndTheMinimumLow() {
        assertThat(of("M8", "8.8", "25 to 31 N·m", .2).verdict()).isEqualTo(Verdict.HIGH);
        assertThat(of("M8", "8.8", "25 to 30 N·m", .2).verdict()).isEqualTo(Verdict.PLAUSIBLE);
        assertThat(of("M8", "8.8", "20 to 30 N·m", .2).newtons()).isCloseTo(15_625, within(1e-6));
    }

    @Test
    void aSoftJointIsNeverASlipForBeingLow() {
        Preload soft =
                Preload.of(
                        ThreadSize.parse("M8"),
                        PropertyClass.parse("8.8"),
                        Quantity.parse("2 N·m"),
                        0.2,
                        true);
        assertThat(soft.verdict()).isEqualTo(Verdict.PLAUSIBLE);
        assertThat(soft.slip()).isEmpty();
    }

    @Test
    void twiceTheTorqueIsTwiceTheForce() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            int torque = 1 + random.nextInt(60);
            double once = of("M10", "8.8", torque + " N·m", .15).newtons();
            assertThat(of("M10", "8.8", 2 * torque + " N·m", .15).newtons())
                    .isCloseTo(2 * once, within(1e-6));
        }
    }

    private static final String[] THREADS = {
        "M4", "M5", "M6", "M8", "M10", "M12", "3/8-16", "1/4-20"
    };
    private static final String[] CLASSES = {"8.8", "10.9", "12.9", "A2-70", "5.8", "SAE 5"};

    /** A right torque for a joint: a share of proof load, as people round it. */
    private static String torque(String thread, String strength, double share, String unit) {
        ThreadSize size = ThreadSize.parse(thread);
        double proof =
                size.stressArea() * PropertyClass.parse(strength).proofStress(size.diameter());
        double metres = share * proof * 0.2 * size.diameter() / 1000;
        double factor = unit.equals("N·m") ? 1 : unit.equals("lbf·ft") ? 1.3558179 : 0.112984829;
        return String.format(Locale.ROOT, "%.3g", metres / factor).replaceAll("e\\+0*(\\d)", "E$1");
    }

    private static String plain(String number) {
        return new java.math.BigDecimal(number).toPlainString();
    }

    @Test
    void seededSlipsAreFlaggedAndRightValuesAreNot() {
        Random random = new Random(400);
        int slips = 0;
        int wrong = 0;
        String[] units = {"N·m", "lbf·ft", "lbf·in"};
        for (int i = 0; i < 400; i++) {
            String thread = THREADS[random.nextInt(THREADS.length)];
            String strength = CLASSES[random.nextInt(CLASSES.length)];
            double share = 0.45 + 0.40 * random.nextDouble();
            String unit = units[random.nextInt(3)];
            String right = plain(torque(thread, strength, share, unit));
            if (of(thread, strength, right + " " + unit, .2).verdict() != Verdict.PLAUSIBLE) {
                wrong++;
            }
            double factor = new double[] {8.85, 10, 12}[random.nextInt(3)];
            double slipped =
                    Double.parseDouble(right) * (random.nextBoolean() ? factor : 1 / factor);
            String text =
                    new java.math.BigDecimal(slipped)
                            .round(new java.math.MathContext(4))
                            .toPlainString();
            if (of(thread, strength, text + " " + unit, .2).verdict() == Verdict.SLIP) {
                slips++;
            }
        }
        System.out.printf("%d of 400 slips flagged, %d of 400 right ones%n", slips, wrong);
        assertThat(slips).isGreaterThanOrEqualTo(380);
        assertThat(wrong).isLessThanOrEqualTo(12);
    }
}
