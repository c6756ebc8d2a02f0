package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.finding.Rule;
import methodos.core.ledger.LedgerCase.Step;
import methodos.core.manual.ReuseRule;
import org.junit.jupiter.api.Test;

/** Parts that stay off for good, parts that are new together, energies and counters. */
class ConversionTest {

    /** An old bush of two halves is replaced by a bush in one piece, under a cover. */
    private static final LedgerCase.Part COVER = part("cover", Optional.empty(), "");

    private static final LedgerCase.Part OLD =
            new LedgerCase.Part(
                    "18",
                    1,
                    ReuseRule.INSPECT,
                    List.of("cover"),
                    Set.of(),
                    Optional.of("18b"),
                    Optional.empty());
    private static final LedgerCase.Part NEW = part("18b", Optional.empty(), "");

    private static LedgerCase.Part part(String id, Optional<String> replacedBy, String set) {
        return new LedgerCase.Part(
                id,
                1,
                ReuseRule.INSPECT,
                List.of(),
                Set.of(),
                replacedBy,
                Optional.of(set).filter(s -> !s.isEmpty()));
    }

    private static Step step(String id, LedgerAction... actions) {
        return new Step(id, Set.of(), 1, List.of(actions));
    }

    private static LedgerAction off(String part) {
        return new LedgerAction.Remove(part, 1);
    }

    private static LedgerAction on(String part) {
        return new LedgerAction.Install(part, 1, false);
    }

    private static List<LedgerFinding> walked(
            List<LedgerCase.Part> parts, List<LedgerCase.Energy> energies, Step... steps) {
        return Ledger.of(
                        new LedgerCase(
                                List.of(),
                                parts,
                                List.of(),
                                Optional.empty(),
                                energies,
                                List.of(steps)))
                .findings();
    }

    private static List<LedgerFinding> converted(Step... steps) {
        return walked(List.of(COVER, OLD, NEW), List.of(), steps);
    }

    @Test
    void theOldOneStaysOffAndTheOtherGoesOn() {
        assertThat(
                        converted(
                                step("s1", new LedgerAction.Isolate("air")),
                                step("s2", off("cover"), off("18")),
                                step("s3", new LedgerAction.Install("18b", 1, true)),
                                step("s4", on("cover")),
                                step("s5", new LedgerAction.Restore("air"))))
                .isEmpty();
    }

    @Test
    void aConversionIsAMust() {
        assertThat(converted(step("s2", off("cover"), off("18")), step("s4", on("cover"))))
                .as("neither")
                .extracting(LedgerFinding::rule, LedgerFinding::subject)
                .containsExactly(tuple(Rule.NOT_REFITTED, "18"));
        assertThat(
                        converted(
                                step("s2", off("cover"), off("18")),
                                step("s3", on("18")),
                                step("s4", on("cover"))))
                .as("the old one")
                .extracting(LedgerFinding::rule, LedgerFinding::subject)
                .containsExactly(tuple(Rule.REUSED, "18"));
        assertThat(
                        converted(
                                step("s2", off("cover")),
                                step("s3", on("18b")),
                                step("s4", on("cover"))))
                .as("both")
                .extracting(LedgerFinding::rule, LedgerFinding::subject)
                .containsExactly(tuple(Rule.NOT_REMOVED_FIRST, "18"));
    }

    @Test
    void theOtherOneLiesUnderWhatCoveredTheOldOne() {
        assertThat(
                        converted(
                                step("s2", off("cover"), off("18")),
                                step("s4", on("cover")),
                                step("s5", on("18b"))))
                .extracting(LedgerFinding::rule, LedgerFinding::subject)
                .containsExactly(tuple(Rule.COVERED, "18b"));
    }

    @Test
    void ofASetAllAreNewIfOneIs() {
        List<LedgerCase.Part> plates =
                List.of(
                        part("a", Optional.empty(), "plates"),
                        part("b", Optional.empty(), "plates"),
                        part("c", Optional.empty(), "plates"));
        assertThat(
                        walked(
                                plates,
                                List.of(),
                                step("s1", off("a"), off("b")),
                                step("s2", new LedgerAction.Install("a", 1, true)),
                                step("s3", on("b"))))
                .extracting(LedgerFinding::rule, LedgerFinding::subject, LedgerFinding::steps)
                .containsExactly(
                        tuple(Rule.REUSED, "b", List.of("s3")),
                        tuple(Rule.REUSED, "c", List.of("s2")));
        assertThat(walked(plates, List.of(), step("s1", off("a")), step("s2", on("a")))).isEmpty();
    }

    /** A press is made safe, jogged under power to let the bush out, and made safe again. */
    @Test
    void anEnergyMayBeGivenBackInMidWorkAndTakenAwayAgain() {
        List<LedgerCase.Part> parts = List.of(part("ram", Optional.empty(), ""));
        LedgerCase.Energy drive = new LedgerCase.Energy("drive", List.of("ram"), List.of());
        Step safe = step("s1", new LedgerAction.Isolate("drive"));
        Step jog = step("s3", new LedgerAction.Restore("drive"));
        Step again = step("s5", new LedgerAction.Isolate("drive"));
        Step back = step("s7", new LedgerAction.Restore("drive"));
        assertThat(
                        walked(
                                parts,
                                List.of(drive),
                                safe,
                                step("s2", off("ram")),
                                jog,
                                again,
                                step("s6", on("ram")),
                                back))
                .as("only the last time everything has to be back")
                .isEmpty();
        assertThat(
                        walked(
                                parts,
                                List.of(drive),
                                safe,
                                jog,
                                step("s4", off("ram")),
                                again,
                                step("s6", on("ram")),
                                back))
                .extracting(LedgerFinding::rule, LedgerFinding::subject, LedgerFinding::steps)
                .containsExactly(tuple(Rule.NOT_ISOLATED, "drive", List.of("s3", "s4")));
        assertThat(
                        walked(
                                parts,
                                List.of(drive),
                                safe,
                                step("s2", off("ram")),
                                back,
                                step("s8", on("ram"))))
                .extracting(LedgerFinding::rule)
                .containsExactly(Rule.RESTORED_TOO_EARLY);
    }

    @Test
    void aCounterThatIsReadIsSetBackAfterIt() {
        Step read = step("s1", new LedgerAction.ReadCounter("hours"));
        Step reset = step("s2", new LedgerAction.ResetCounter("hours"));
        assertThat(walked(List.of(), List.of(), read, reset)).isEmpty();
        assertThat(walked(List.of(), List.of(), reset)).isEmpty();
        assertThat(walked(List.of(), List.of(), read))
                .extracting(LedgerFinding::rule, LedgerFinding::subject)
                .containsExactly(tuple(Rule.NOT_RESET, "hours"));
        assertThat(walked(List.of(), List.of(), reset, read))
                .as("set back before it is read")
                .extracting(LedgerFinding::rule)
                .containsExactly(Rule.NOT_RESET);
    }
}
