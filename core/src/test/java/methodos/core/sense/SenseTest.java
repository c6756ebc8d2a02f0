package methodos.core.sense;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.description.Walk;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.sense.Senseless.Kind;
import methodos.fixtures.FilledManual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SenseTest {

    static LongStream seeds() {
        return LongStream.range(0, 50);
    }

    private static List<Kind> kinds(Manual manual) {
        return Sense.of(manual).stream().map(Senseless::kind).toList();
    }

    @Test
    void aSoundManualMakesSense() {
        assertThat(Sense.of(Samples.actuator())).isEmpty();
        assertThat(Sense.of(Manual.titled(""))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void eachReferenceToNothingIsNamedAtItsPlace(long seed) {
        Manual manual = FilledManual.of(seed);
        assertThat(Sense.of(manual)).isEmpty();
        int[] references = {0};
        Walk.through(
                manual,
                (where, component, value) -> {
                    boolean leads = !component.refersTo().isEmpty() && value != null;
                    boolean empty = value instanceof List<?> list && list.isEmpty();
                    references[0] += leads && !empty ? 1 : 0;
                });
        Manual lost =
                Walk.changed(
                        manual,
                        (owner, component, value) -> {
                            if (component.refersTo().isEmpty() || value == null) {
                                return value;
                            }
                            return component.isList()
                                    ? ((List<?>) value).isEmpty()
                                            ? value
                                            : List.of(new Id<>("nobody"))
                                    : new Id<>("nobody");
                        });
        List<Senseless> found = Sense.of(lost);
        assertThat(found).hasSize(references[0]).allMatch(s -> s.kind() == Kind.LEADS_NOWHERE);
        assertThat(found.stream().map(Senseless::path)).doesNotHaveDuplicates();
    }

    @Test
    void whatIsOutOfEveryRangeIsNamedWithItsStep() {
        Manual m = Samples.actuator();
        Step step = m.step(new Id<>("s1")).orElseThrow();
        Manual odd =
                m.withStep(
                        step.withParts(List.of(new PartUse(new Id<>("p1"), 0)))
                                .withWaits(List.of(new Wait("soak", -1)))
                                .withSpans(List.of(new Span(new Id<>("clip1"), 5, 1e6)))
                                .withApplicability(Applicability.model("QA-80 X")));
        assertThat(kinds(odd))
                .containsExactlyInAnyOrder(
                        Kind.TOO_FEW, Kind.OUT_OF_RANGE, Kind.OUT_OF_RANGE, Kind.NO_SUCH_MODEL);
        assertThat(Sense.of(odd)).allMatch(s -> new Id<>("s1").equals(s.step()));
        assertThat(Sense.of(odd).get(0).path()).startsWith("stages[");
    }

    @Test
    void namesOfFilesThatLeadOutOfTheProjectAreNamed() {
        Manual m = Samples.actuator();
        Manual out =
                m.withClips(
                        List.of(
                                m.clips()
                                        .get(0)
                                        .withCaptions("../../elsewhere")
                                        .withId(new Id<>("../x"))));
        assertThat(kinds(out)).contains(Kind.NO_DIGEST, Kind.STRANGE_ID);
    }

    @Test
    void idsThatStandTwiceAndALowCounterAreMendedWithoutLoss() {
        Manual m = Samples.actuator();
        Manual twice =
                m.withParts(
                                List.of(
                                        m.parts().get(0),
                                        m.parts().get(1).withId(new Id<>("p1")),
                                        m.parts().get(2),
                                        m.parts().get(3)))
                        .withLastId(0);
        assertThat(kinds(twice)).contains(Kind.ID_TWICE, Kind.COUNTER_TOO_LOW);
        Manual healed = Healing.of(twice);
        assertThat(healed.parts()).hasSize(4);
        assertThat(healed.parts().get(1))
                .isEqualTo(m.parts().get(1).withId(new Id<>("p" + healed.lastId())));
        assertThat(kinds(healed)).doesNotContain(Kind.ID_TWICE, Kind.COUNTER_TOO_LOW);
        assertThat(Healing.of(m.withLastId(900))).isEqualTo(m.withLastId(900));
    }

    /** What is looked at after an edit finds what is found by looking at everything. */
    @Test
    void lookingAfterAnEditFindsAsMuchAsLookingAfresh() {
        Manual m = Samples.actuator();
        Sense before = Sense.ofNothing().after(m);
        Step step = m.step(new Id<>("s1")).orElseThrow();
        List<Manual> edits =
                List.of(
                        m.withStep(step.withText("Another word.")),
                        m.withStep(step.withWaits(List.of(new Wait("soak", -1)))),
                        m.withStep(step.withParts(List.of(new PartUse(new Id<>("none"), 1)))),
                        m.withParts(m.parts().subList(1, m.parts().size())),
                        m.withClips(List.of()),
                        m.withVariants(List.of()));
        for (Manual edited : edits) {
            assertThat(before.after(edited).found()).isEqualTo(Sense.of(edited));
            assertThat(before.after(edited).after(m).found()).isEqualTo(Sense.of(m));
        }
        assertThat(Sense.of(edits.get(3))).isNotEmpty();
    }
}
