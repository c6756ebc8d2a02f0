package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.core.Samples;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Value;
import methodos.core.narration.Workspace;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;

class ValueConflictsTest {

    private static Joint joint(Id<Joint> id, String torque, String second) {
        return JointBuilder.builder()
                .id(id)
                .name("cap " + id)
                .fastener(new Id<>("p1"))
                .count(4)
                .propertyClass("8.8")
                .condition("oiled")
                .torque(Value.of(torque))
                .stages(List.of())
                .build()
                .withSecond(second == null ? null : Quantity.parse(second));
    }

    private static Manual with(Joint... joints) {
        return Samples.actuator().withJoints(List.of(joints));
    }

    private static List<ValueConflicts.Conflict> conflicts(Joint... joints) {
        return ValueConflicts.of(with(joints), Sight.EVERYTHING);
    }

    @Test
    void twoUnitsThatAgreeAreNoConflict() {
        assertThat(conflicts(joint(new Id<>("a"), "7 to 8.5 N·m", "62 to 75 lbf·in"))).isEmpty();
        assertThat(conflicts(joint(new Id<>("a"), "7 to 8.5 N·m", null))).isEmpty();
    }

    @Test
    void footPoundsTakenForNewtonMetresShowInTheSecondValue() {
        var conflict = conflicts(joint(new Id<>("a"), "24 N·m", "24 lbf·ft")).get(0);
        assertThat(conflict.other()).isEmpty();
        assertThat(conflict.first().print()).isEqualTo("24 N·m");
        // 24 N·m are 17.7 lbf·ft: no slip of the pen makes 24 of it, the unit was carried over
        assertThat(conflict.likely()).isEmpty();
        assertThat(conflicts(joint(new Id<>("a"), "18 lbf·ft", "18 N·m")).get(0).likely())
                .contains("N·m for lbf·ft");
    }

    @Test
    void aJointWithTheSameScrewsContradicts() {
        var conflict =
                conflicts(
                                joint(new Id<>("a"), "24 N·m", null),
                                joint(new Id<>("b"), "42 N·m", null))
                        .get(0);
        assertThat(conflict.joint().id()).isEqualTo(new Id<>("b"));
        assertThat(conflict.other().orElseThrow().id()).isEqualTo(new Id<>("a"));
        assertThat(conflict.likely()).contains("digits swapped");
        assertThat(
                        conflicts(
                                joint(new Id<>("a"), "24 N·m", null),
                                joint(new Id<>("b"), "24 N·m", null)))
                .isEmpty();
        assertThat(
                        conflicts(
                                joint(new Id<>("a"), "24 N·m", null),
                                joint(new Id<>("b"), "12 N·m", null).withSoft(true)))
                .isEmpty();
        assertThat(
                        conflicts(
                                joint(new Id<>("a"), "24 N·m", null),
                                joint(new Id<>("b"), "30 N·m", null).withCondition("dry")))
                .isEmpty();
    }

    @Test
    void aConflictIsAnOpenPointOfItsJoint() {
        Manual manual =
                with(
                        joint(new Id<>("a"), "24 N·m", "24 lbf·ft"),
                        joint(new Id<>("b"), "42 N·m", null));
        List<OpenPoint> points = OpenPoints.of(new Workspace(manual, Map.of()), Sight.EVERYTHING);
        assertThat(points.stream().filter(p -> p.key().equals("open.torque.units")))
                .singleElement()
                .satisfies(
                        p -> {
                            assertThat(p.subject()).isEqualTo("a");
                            assertThat(p.arguments()).contains("24 N·m", "24 lbf·ft");
                        });
        assertThat(points.stream().filter(p -> p.key().equals("open.torque.sibling")))
                .singleElement()
                .satisfies(p -> assertThat(p.subject()).isEqualTo("b"));
    }

    private static String rounded(double value) {
        return new BigDecimal(value).round(new MathContext(3)).toPlainString();
    }

    /** Slips too fine for the screw: by 1.356, or two digits changed round. */
    @Test
    void fineSlipsShowWhereSomethingContradictsAndRightValuesDoNot() {
        Random random = new Random(1356);
        int slips = 0;
        int wrong = 0;
        for (int i = 0; i < 400; i++) {
            String right = rounded(8 + 90 * random.nextDouble());
            boolean metric = random.nextBoolean();
            MeasureUnit unit = metric ? MeasureUnit.NEWTON_METRE : MeasureUnit.POUND_FOOT;
            MeasureUnit other = metric ? MeasureUnit.POUND_FOOT : MeasureUnit.NEWTON_METRE;
            Quantity value = Quantity.parse(right + " " + unit.symbol());
            String converted =
                    rounded(new Conversion(value, other).exact(value.min()).toDouble())
                            + " "
                            + other.symbol();
            boolean second = random.nextBoolean();
            String slipped = slipped(right, random);
            Joint whole = joint(new Id<>("a"), value.print(), second ? converted : null);
            Joint sibling = joint(new Id<>("b"), value.print(), null);
            Joint bad =
                    joint(new Id<>("a"), slipped + " " + unit.symbol(), second ? converted : null);
            if (!(second ? conflicts(whole) : conflicts(sibling, whole)).isEmpty()) {
                wrong++;
            }
            if (!(second ? conflicts(bad) : conflicts(sibling, bad)).isEmpty()) {
                slips++;
            }
        }
        System.out.printf("%d of 400 fine slips flagged, %d of 400 right ones%n", slips, wrong);
        assertThat(slips).isGreaterThanOrEqualTo(380);
        assertThat(wrong).isLessThanOrEqualTo(12);
    }

    private static String slipped(String right, Random random) {
        char[] digits = right.replace(".", "").toCharArray();
        if (random.nextBoolean() && Math.abs(digits[0] - digits[1]) > 0) {
            int point = right.indexOf('.');
            char first = digits[0];
            digits[0] = digits[1];
            digits[1] = first;
            String text = new String(digits);
            return point < 0 ? text : text.substring(0, point) + "." + text.substring(point);
        }
        double factor = random.nextBoolean() ? 1.3558 : 1 / 1.3558;
        return rounded(Double.parseDouble(right) * factor);
    }
}
