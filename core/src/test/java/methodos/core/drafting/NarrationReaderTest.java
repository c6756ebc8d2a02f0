package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.EnglishPartsOfSpeech;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NarrationReaderTest {

    private final NarrationReader reader =
            new NarrationReader(Lexicon.english(), EnglishPartsOfSpeech.load());

    private Draft draft(String... captions) {
        List<Caption> all = new ArrayList<>();
        for (int i = 0; i < captions.length; i++) {
            all.add(new Caption(10 * i, 10 * i + 9, captions[i]));
        }
        return reader.read(new Captions(all));
    }

    private List<DraftedStep> steps(String... captions) {
        return draft(captions).steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Remove the end cap. | remove | end cap",
                "Take off the four cover bolts with a ten mil socket. | remove | cover bolt",
                "Now we're going to pull the drain plug out. | remove | drain plug",
                "The retaining ring is removed with circlip pliers. | remove | retaining ring",
                "Don't forget to mark the pinion. | mark | pinion",
                "Drain the oil into a clean pan. | drain | oil",
                "Slide the pistons back in together. | install | piston",
                "Have a look at the rack. | inspect | rack",
                "Give the body a good wipe. | clean | body",
                "Support the actuator with a sling. | support | actuator",
                "Let the housing cool for ten minutes. | cool | housing",
                "Wind the pressure screw out. | turn | pressure screw",
                "End cap off. | remove | end cap"
            })
    void oneThingDoneIsOneStep(String words, String action, String part) {
        DraftedStep step = steps(words).get(0);
        assertThat(step.action()).isEqualTo(action.strip());
        assertThat(step.parts()).extracting(DraftedStep.PartNamed::name).contains(part.strip());
    }

    @Test
    void countSizePlaceAndToolAreRead() {
        DraftedStep step =
                steps(
                                "Remove the four M8 by 25 cap screws from the end cap with a six mil hex key.")
                        .get(0);
        assertThat(step.parts())
                .containsExactly(new DraftedStep.PartNamed("cap screw", 4, "M8 x 25", "end cap"));
        assertThat(step.tools()).containsExactly(new DraftedStep.ToolNamed("hex key", "6 mm"));
        assertThat(step.text())
                .isEqualTo("Remove the 4 M8 × 25 cap screws from the end cap with a 6 mm hex key.");
    }

    @Test
    void twoSystemsAreTwoTorques() {
        DraftedStep step =
                steps(
                                "Tighten the stop nut to twenty-two to twenty-six newton metres, that's sixteen"
                                        + " to nineteen foot-pounds.")
                        .get(0);
        assertThat(step.torques())
                .extracting(
                        DraftedStep.Torque::min, DraftedStep.Torque::max, DraftedStep.Torque::unit)
                .containsExactly(tuple(22.0, 26.0, "N·m"), tuple(16.0, 19.0, "lbf·ft"));
    }

    @Test
    void theLastOfTwoValuesHolds() {
        List<DraftedStep> steps =
                steps("Torque the cap screws to eighty, no, sorry, ninety-five newton metres.");
        assertThat(steps)
                .flatExtracting(DraftedStep::torques)
                .extracting(DraftedStep.Torque::min)
                .containsExactly(95.0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Do not pry between the cap and the body.",
                "Never use a screwdriver there.",
                "Don't hit the shaft.",
                "No screwdriver between cap and body.",
                "Petroleum jelly: no."
            })
    void whatIsForbiddenIsACautionAndNoStep(String words) {
        assertThat(steps("Remove the end cap.", words).stream().skip(1))
                .allSatisfy(s -> assertThat(s.kind()).isEqualTo(Kind.CAUTION))
                .isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I once took the cap off with the spring loaded and it hit the ceiling. | ASIDE",
                "My old boss glued one back together. | ASIDE",
                "Thanks for watching, see you next week. | CHATTER",
                "(music) | NOISE"
            })
    void talkIsProposedToBeSetAside(String words, Draft.Reason reason) {
        Draft draft = draft("Remove the end cap.", words);
        assertThat(draft.dismissed()).extracting(Draft.SetAside::reason).contains(reason);
        assertThat(draft.steps().stream().filter(s -> s.kind() != Kind.NOTE)).hasSize(1);
    }

    @Test
    void aLeftHandThreadBelongsToTheNutThatIsUndone() {
        List<DraftedStep> steps =
                steps(
                        "The big nut in the middle has a left-hand thread. So it's clockwise to undo it.");
        assertThat(steps).anySatisfy(s -> assertThat(s.threadDirection()).isEqualTo("left"));
    }

    @Test
    void aConditionGoesWithWhatItIsFor() {
        DraftedStep step =
                steps("Inspect the guide band.", "If the band is worn, replace it.").get(1);
        assertThat(step.action()).isEqualTo("replace");
        assertThat(step.condition()).contains("worn");
    }

    @Test
    void aLimitThatRejectsIsTurnedRound() {
        List<DraftedStep> steps =
                steps(
                        "Measure the free length of the spring. Replace the spring if it is below"
                                + " sixty-two millimetres.");
        assertThat(steps)
                .filteredOn(s -> s.kind() == Kind.MEASUREMENT)
                .flatExtracting(DraftedStep::limits)
                .extracting(DraftedStep.Limit::min, DraftedStep.Limit::max, DraftedStep.Limit::unit)
                .containsExactly(tuple(62.0, null, "mm"));
    }

    @Test
    void theSameWorkElsewhereIsARepeat() {
        List<DraftedStep> steps =
                steps("Tap the end cap off with a soft mallet.", "Same on the other side.");
        assertThat(steps).hasSize(2);
        assertThat(steps.get(1).repeatOf()).isNotNull();
        assertThat(steps.get(1).action()).isEqualTo(steps.get(0).action());
    }

    @Test
    void aDocumentIsAReferenceWithoutAValue() {
        List<DraftedStep> steps = steps("Coupling torque, that's in your manual.");
        assertThat(steps)
                .anySatisfy(
                        s -> {
                            assertThat(s.reference()).contains("manual");
                            assertThat(s.torques()).isEmpty();
                        });
    }

    @Test
    void runningWordsAreCutWhereSomethingNewBegins() {
        List<DraftedStep> steps =
                steps(
                        "so nut off flange off and then um take the bear rings out with the puller and"
                                + " dont hit the shaft");
        assertThat(steps)
                .extracting(DraftedStep::kind, DraftedStep::action)
                .containsExactly(
                        tuple(Kind.ACTION, "remove"),
                        tuple(Kind.ACTION, "remove"),
                        tuple(Kind.ACTION, "remove"),
                        tuple(Kind.CAUTION, null));
        assertThat(steps.get(2).parts())
                .extracting(DraftedStep.PartNamed::name)
                .contains("bearing");
    }

    @Test
    void hazardsStandWithWhatIsDone() {
        assertThat(steps("Unplug the pump.")).isNotEmpty();
        assertThat(steps("Isolate the actuator at the main switch.").get(0).hazards())
                .contains("electrical");
        assertThat(
                        steps("Support the case before you go on. It weighs fourteen kilos.")
                                .get(0)
                                .hazards())
                .contains("heavy load");
    }

    @Test
    void noWordIsLostWhateverIsSaid() {
        String[] vocabulary =
                ("so and then um remove the end cap off nut bolts four with a ten mil socket dont never"
                                + " if its is broken it them newton metres twenty to five half turn left hand"
                                + " thread no sorry okay now look at that . , ? M8 x 25 3/8 -> + = ( ) : … “ab")
                        .split(" ");
        Random random = new Random(5);
        for (int run = 0; run < 300; run++) {
            List<Caption> captions = new ArrayList<>();
            double time = 0;
            for (int c = 0; c < 1 + random.nextInt(6); c++) {
                String words =
                        random.ints(1 + random.nextInt(25), 0, vocabulary.length)
                                .mapToObj(i -> vocabulary[i])
                                .collect(Collectors.joining(" "));
                captions.add(new Caption(time, time + 3, words));
                time += 3 + random.nextInt(3);
            }
            Draft draft = reader.read(new Captions(captions));
            List<String> quoted =
                    Stream.concat(
                                    draft.steps().stream()
                                            .flatMap(s -> s.evidence().stream())
                                            .map(DraftedStep.Quote::quote),
                                    draft.dismissed().stream().map(Draft.SetAside::quote))
                            .flatMap(q -> Stream.of(q.split(" ")))
                            .toList();
            for (Caption caption : captions) {
                for (String word : caption.words().split(" ")) {
                    boolean spoken = word.chars().anyMatch(Character::isLetterOrDigit);
                    if (spoken) {
                        assertThat(quoted).as(captions.toString()).contains(word);
                    }
                }
            }
        }
    }

    @Test
    void nothingSaidIsNothingDrafted() {
        assertThat(reader.read(new Captions(List.of()))).isEqualTo(new Draft(List.of(), List.of()));
        assertThat(draft("… — !").steps()).isEmpty();
    }

    @Test
    void aNarrationMayBreakOffInTheMiddleOfASentence() {
        assertThat(draft("Cap off.", "The O-ring in the cap goes in the bin, it").steps())
                .isNotEmpty();
        assertThat(draft("it").steps()).isEmpty();
    }
}
