package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.Torque;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures in all the ways in which people say them. */
class ValuesTest {

    @ParameterizedTest
    @CsvSource({
        "torque the bolts to twenty two newton metres, 22, 22, N·m",
        "tighten them down to forty foot pounds, 40, 40, lbf·ft",
        "nip the screws up at eight Nm, 8, 8, N·m",
        "the bolts go to eighteen to twenty newton metres, 18, 20, N·m",
        "sixty foot pounds on the big nut, 60, 60, lbf·ft",
        "thirty five newton metres for the head bolts, 35, 35, N·m",
        "torque is twelve newton metres for those screws, 12, 12, N·m",
        "pull the nut up to three hundred newton metres plus or minus ten, 290, 310, N·m",
        "forty five inch pounds on the cover screws, 45, 45, lbf·in",
        "do the nuts up to a hundred and ten newton meters, 110, 110, N·m",
        "bring the bolts up to fifty newton metres, 50, 50, N·m",
        "tighten the nut to at least forty newton metres, 40, , N·m"
    })
    void torques(String words, Double min, Double max, String unit) {
        DraftedStep step = Spoken.step(words, "tighten");
        assertThat(step.torques())
                .singleElement()
                .satisfies(
                        t -> {
                            assertThat(t.min()).isEqualTo(min);
                            assertThat(t.max()).isEqualTo(max);
                            assertThat(t.unit()).isEqualTo(unit);
                            assertThat(words).contains(t.quote());
                        });
    }

    @Test
    void aSpokenMilIsAMillimetreWithADoubt() {
        DraftedStep mil = Spoken.step("measure the gap it must be at most two mil", "measure");
        assertThat(mil.limits()).extracting(Limit::unit).containsExactly("mm");
        assertThat(mil.unsure()).containsExactly("unit");
        assertThat(Spoken.step("measure the gap at most two millimetres", "measure").unsure())
                .isEmpty();
        assertThat(Spoken.step("remove the four bolts with a ten mil socket", "remove").unsure())
                .isEmpty();
    }

    @Test
    void stagesShareTheUnitOfTheLast() {
        DraftedStep step =
                Spoken.step(
                        "bring the bolts up in stages ten twenty then thirty five newton metres",
                        "tighten");
        assertThat(step.torques()).extracting(Torque::min).containsExactly(10.0, 20.0, 35.0);
        assertThat(step.torques()).extracting(Torque::unit).containsOnly("N·m");
    }

    @Test
    void twoSystemsAreTwoEntries() {
        DraftedStep step =
                Spoken.step(
                        "tighten the cap screws to fifteen newton metres thats eleven foot pounds",
                        "tighten");
        assertThat(step.torques()).extracting(Torque::unit).containsExactly("N·m", "lbf·ft");
    }

    @Test
    void anAngleBehindATorqueStandsWithItAndAsALimit() {
        DraftedStep step =
                Spoken.step(
                        "do the nuts up to a hundred newton meters and then another ninety degrees",
                        "tighten");
        assertThat(step.torques()).extracting(Torque::then).containsExactly(90.0);
        assertThat(step.limits()).extracting(Limit::of).containsExactly("additional angle");
    }

    @ParameterizedTest
    @CsvSource({
        "the clearance should be between point one and point one five millimetres, 0.1, 0.15, mm",
        "end float no more than fifteen thou, , 0.015, in",
        "measure the lining four millimetres minimum, 4, , mm",
        "bore is eighty millimetres plus or minus point oh five, 79.95, 80.05, mm",
        "runout must be less than point oh five, , 0.05, mm",
        "resistance should be twelve ohms plus or minus one, 11, 13, ohm",
        "the free length is forty two millimetres, 42, 42, mm"
    })
    void limits(String words, Double min, Double max, String unit) {
        DraftedStep step = Spoken.step(words, "measure");
        assertThat(step.kind()).isEqualTo(Kind.MEASUREMENT);
        assertThat(step.limits())
                .singleElement()
                .satisfies(
                        l -> {
                            assertThat(l.min()).isEqualTo(min);
                            assertThat(l.max()).isEqualTo(max);
                            assertThat(l.unit()).isEqualTo(unit);
                        });
    }

    @ParameterizedTest
    @CsvSource({
        "set the gap to point two of a millimetre, adjust, 0.2, mm",
        "set the gap to ten thou, adjust, 0.01, in",
        "pump the tyre up to one hundred and twenty psi, pressurise, 120, psi",
        "charge the vessel to eight bar, pressurise, 8, bar",
        "fill the sump with one point two litres of oil, fill, 1.2, L",
        "put in two hundred and fifty mils of hydraulic oil, fill, 250, mL",
        "about a litre and a half of gear oil in there, fill, 1.5, L",
        "heat the bearing to ninety degrees in the oven, heat, 90, °C",
        "warm the hub up to about eighty degrees celsius, heat, 80, °C",
        "turn the screw out two and a half turns, turn, 2.5, turn",
        "back the nut off a quarter of a turn, loosen, 0.25, turn",
        "pressure test it at six bar, test, 6, bar"
    })
    void figuresOfWhatIsDone(String words, String action, double value, String unit) {
        assertThat(Spoken.step(words, action).limits())
                .anySatisfy(
                        l -> {
                            assertThat(l.min()).isEqualTo(value);
                            assertThat(l.max()).isEqualTo(value);
                            assertThat(l.unit()).isEqualTo(unit);
                        });
    }

    @ParameterizedTest
    @CsvSource({
        "let the glue cure for twenty four hours, 86400",
        "leave it to soak for half an hour, 1800",
        "wait two minutes then check it, 120",
        "wait a minute and a half, 90"
    })
    void waits(String words, double seconds) {
        assertThat(Spoken.steps(words))
                .flatExtracting(DraftedStep::waits)
                .extracting(DraftedStep.Pause::seconds)
                .contains(seconds);
    }

    @ParameterizedTest
    @CsvSource({"cycle the valve ten times, 10", "open and close it twenty times, 20"})
    void repeats(String words, int count) {
        assertThat(Spoken.steps(words))
                .filteredOn(s -> s.repeats() != null)
                .extracting(s -> s.repeats().count())
                .containsExactly(count);
    }

    @ParameterizedTest
    @CsvSource({
        "The unit is number seven of nine.",
        "I made forty two of these last year.",
        "It is the twenty four hundred model."
    })
    void numbersThatAreNoValues(String words) {
        List<DraftedStep> steps = Spoken.draft(words).steps();
        assertThat(steps).flatExtracting(DraftedStep::torques).isEmpty();
        assertThat(steps).flatExtracting(DraftedStep::limits).isEmpty();
        assertThat(steps).flatExtracting(DraftedStep::waits).isEmpty();
    }
}
