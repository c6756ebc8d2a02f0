package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

class AdapterSettingTest {

    private static final Quantity TORQUE = Quantity.parse("46 to 92 N·m");

    @Test
    void bothEndsOfTheTorqueAreSet() {
        AdapterSetting inLine = AdapterSetting.of(TORQUE, "400 mm, 60 mm").orElseThrow();
        assertThat(inLine).isEqualTo(new AdapterSetting(Rational.of(40), Rational.of(80)));
        assertThat(AdapterSetting.of(TORQUE, "40 cm; 6 cm; 90°"))
                .contains(new AdapterSetting(Rational.of(46), Rational.of(92)));
        assertThat(AdapterSetting.of(Quantity.parse("≤ 46 N·m"), "400 mm, 60 mm"))
                .contains(new AdapterSetting(Rational.of(40), Rational.of(40)));
    }

    @Test
    void whatIsNoAdapterIsNotReckonedWith() {
        assertThat(AdapterSetting.of(TORQUE, "400 mm")).isEmpty();
        assertThat(AdapterSetting.of(TORQUE, "1 mm, 2 mm, 3°, 4 mm")).isEmpty();
        assertThatThrownBy(() -> AdapterSetting.of(TORQUE, "400 mm, long"))
                .hasMessageContaining("long");
        assertThatThrownBy(() -> AdapterSetting.of(TORQUE, "400 mm, 60 N·m"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aLineOfTheUsualTorquesIsRead() {
        var usual = UsualTorque.parse("M8, 8.8, oiled: 22 N·m").orElseThrow();
        assertThat(usual.thread()).isEqualTo("M8");
        assertThat(usual.condition()).isEqualTo("oiled");
        assertThat(usual.torque().unit()).isEqualTo(MeasureUnit.NEWTON_METRE);
        assertThat(UsualTorque.parse("M8, 8.8: 22 N·m").orElseThrow().condition()).isEmpty();
        assertThat(UsualTorque.parse("M8 22 N·m")).isEmpty();
        assertThatThrownBy(() -> UsualTorque.parse("M8, 8.8: 22 mm"))
                .hasMessage("“22 mm” is no torque.");
    }
}
