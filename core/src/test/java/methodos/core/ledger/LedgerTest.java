package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.finding.Rule;
import methodos.core.ledger.LedgerAction.Align;
import methodos.core.ledger.LedgerAction.Discard;
import methodos.core.ledger.LedgerAction.Drain;
import methodos.core.ledger.LedgerAction.Fill;
import methodos.core.ledger.LedgerAction.Install;
import methodos.core.ledger.LedgerAction.Isolate;
import methodos.core.ledger.LedgerAction.Loosen;
import methodos.core.ledger.LedgerAction.Mark;
import methodos.core.ledger.LedgerAction.PlaceAid;
import methodos.core.ledger.LedgerAction.Remove;
import methodos.core.ledger.LedgerAction.Restore;
import methodos.core.ledger.LedgerAction.TakeAid;
import methodos.core.ledger.LedgerAction.Tighten;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.TighteningWay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LedgerTest {

    private static final Optional<String> NO_SIZE = Optional.empty();

    private static LedgerCase.Part part(String id, int count, String... coveredBy) {
        return new LedgerCase.Part(id, count, ReuseRule.INSPECT, List.of(coveredBy), Set.of());
    }

    private static LedgerCase.Joint joint(String id) {
        return new LedgerCase.Joint(id, true, LedgerCase.Joint.BY_TORQUE, List.of(), Set.of());
    }

    private static LedgerCase.Step step(String id, LedgerAction... actions) {
        return new LedgerCase.Step(id, Set.of(), 1, Arrays.asList(actions));
    }

    private static LedgerCase.Step times(int times, String id, LedgerAction... actions) {
        return new LedgerCase.Step(id, Set.of(), times, Arrays.asList(actions));
    }

    private static List<LedgerFinding> ledger(
            List<LedgerCase.Part> parts, List<LedgerCase.Joint> joints, LedgerCase.Step... steps) {
        return Ledger.of(
                        new LedgerCase(
                                List.of(),
                                parts,
                                joints,
                                Optional.empty(),
                                List.of(),
                                List.of(steps)))
                .findings();
    }

    private static LedgerFinding only(List<LedgerFinding> findings) {
        assertThat(findings).hasSize(1);
        return findings.get(0);
    }

    @Test
    void fiveOffAndFourOnLeavesOne() {
        LedgerFinding found =
                only(
                        ledger(
                                List.of(part("7", 5)),
                                List.of(),
                                step("a", new Remove("7", 5)),
                                step("b", new Install("7", 4, false))));
        assertThat(found.rule()).isEqualTo(Rule.NOT_REFITTED);
        assertThat(found.count()).isEqualTo(1);
        assertThat(found.steps()).containsExactly("a");
    }

    @Test
    void repeatedStepsCountAtEachPlace() {
        List<LedgerCase.Part> screws = List.of(part("7", 8));
        assertThat(
                        ledger(
                                screws,
                                List.of(joint("cap")),
                                times(2, "a", new Loosen("cap", NO_SIZE), new Remove("7", 4)),
                                times(
                                        2,
                                        "b",
                                        new Install("7", 4, false),
                                        new Tighten("cap", NO_SIZE, TighteningWay.WRENCH))))
                .isEmpty();
        List<LedgerFinding> once =
                ledger(
                        screws,
                        List.of(joint("cap")),
                        times(2, "a", new Loosen("cap", NO_SIZE), new Remove("7", 4)),
                        step(
                                "b",
                                new Install("7", 4, false),
                                new Tighten("cap", NO_SIZE, TighteningWay.WRENCH)));
        assertThat(once)
                .extracting(LedgerFinding::rule)
                .containsExactly(Rule.NOT_REFITTED, Rule.NOT_TIGHTENED);
        assertThat(once).extracting(LedgerFinding::count).containsExactly(4, 1);
    }

    @Test
    void aJointThatIsLooseDoesNotGetLooser() {
        assertThat(
                        ledger(
                                List.of(),
                                List.of(joint("cap")),
                                step("a", new Loosen("cap", NO_SIZE)),
                                step("b", new Loosen("cap", NO_SIZE)),
                                step("c", new Tighten("cap", NO_SIZE, TighteningWay.WRENCH)),
                                step("d", new Tighten("cap", NO_SIZE, TighteningWay.WRENCH))))
                .isEmpty();
    }

    @Test
    void handTightIsNotTight() {
        LedgerFinding found =
                only(
                        ledger(
                                List.of(),
                                List.of(joint("cap")),
                                step("a", new Loosen("cap", NO_SIZE)),
                                step("b", new Tighten("cap", NO_SIZE, TighteningWay.HAND))));
        assertThat(found.rule()).isEqualTo(Rule.NOT_TIGHTENED);
        assertThat(found.steps()).containsExactly("a", "b");
    }

    @Test
    void sizesCompareAsQuantities() {
        assertThat(sizes("1/2 in", "12.7 mm")).isEmpty();
        assertThat(sizes("T30", "t 30")).isEmpty();
        LedgerFinding found = only(sizes("13 mm", "1/2 in"));
        assertThat(found.rule()).isEqualTo(Rule.OTHER_SIZE);
        assertThat(found.steps()).containsExactly("a", "b");
        assertThat(found.other()).containsExactly("13 mm", "1/2 in");
    }

    private static List<LedgerFinding> sizes(String off, String on) {
        return ledger(
                List.of(),
                List.of(joint("nut")),
                step("a", new Loosen("nut", Optional.of(off))),
                step("b", new Tighten("nut", Optional.of(on), TighteningWay.WRENCH)));
    }

    @Test
    void springsUnderTwoCapsComeOutCapByCap() {
        List<LedgerCase.Part> parts = List.of(part("cap", 2), part("spring", 10, "cap"));
        assertThat(
                        ledger(
                                parts,
                                List.of(),
                                step("a", new Remove("cap", 1)),
                                step("b", new Remove("spring", 5)),
                                step("c", new Remove("cap", 1)),
                                step("d", new Remove("spring", 5)),
                                step("e", new Install("spring", 5, false)),
                                step("f", new Install("cap", 1, false)),
                                step("g", new Install("spring", 5, false)),
                                step("h", new Install("cap", 1, false))))
                .isEmpty();
        LedgerFinding found =
                only(
                        ledger(
                                parts,
                                List.of(),
                                step("a", new Remove("cap", 1)),
                                step("b", new Remove("spring", 10)),
                                step("c", new Remove("cap", 1)),
                                step("d", new Install("spring", 10, false)),
                                step("e", new Install("cap", 2, false))));
        assertThat(found.rule()).isEqualTo(Rule.COVERED);
        assertThat(found.subject()).isEqualTo("spring");
        assertThat(found.steps()).containsExactly("b");
    }

    @Test
    void whatIsCoveredWhileItIsOffIsFoundWhereTheCoverGoesOn() {
        LedgerFinding found =
                only(
                        ledger(
                                List.of(part("cap", 1), part("seal", 1, "cap")),
                                List.of(),
                                step("a", new Remove("cap", 1), new Remove("seal", 1)),
                                step("b", new Install("cap", 1, false)),
                                step("c", new Install("seal", 1, false))));
        assertThat(found.rule()).isEqualTo(Rule.COVERED);
        assertThat(found.steps()).containsExactly("b");
        assertThat(found.other()).containsExactly("cap");
    }

    @Test
    void whatNeverComesOffGivesOnlyThat() {
        LedgerFinding found =
                only(
                        ledger(
                                List.of(part("cap", 1), part("seal", 1, "cap")),
                                List.of(),
                                step("a", new Remove("seal", 1)),
                                step("b", new Install("seal", 1, false)),
                                step("c", new Install("cap", 1, false))));
        assertThat(found.rule()).isEqualTo(Rule.NOT_REMOVED_FIRST);
        assertThat(found.subject()).isEqualTo("cap");
    }

    @Test
    void throwingAwayTakesOffWhatIsStillOn() {
        assertThat(
                        ledger(
                                List.of(part("seal", 2)),
                                List.of(),
                                step("a", new Discard("seal", 2)),
                                step("b", new Install("seal", 2, true))))
                .isEmpty();
    }

    @Test
    void anEnergyComesBackWhenWhatItNamesIsOn() {
        List<LedgerCase.Part> parts = List.of(part("guard", 1), part("label", 1));
        LedgerCase.Step[] steps = {
            step("a", new Isolate("air"), new Remove("guard", 1), new Remove("label", 1)),
            step("b", new Install("guard", 1, false)),
            step("c", new Restore("air")),
            step("d", new Install("label", 1, false))
        };
        LedgerFinding found = only(ledger(parts, List.of(), steps));
        assertThat(found.rule()).isEqualTo(Rule.RESTORED_TOO_EARLY);
        assertThat(found.steps()).containsExactly("a", "c");
        assertThat(found.other()).containsExactly("label");
        LedgerCase listed =
                new LedgerCase(
                        List.of(),
                        parts,
                        List.of(),
                        Optional.empty(),
                        List.of(new LedgerCase.Energy("air", List.of("guard"), List.of())),
                        List.of(steps));
        assertThat(Ledger.of(listed).findings()).isEmpty();
    }

    @Test
    void aMarkIsMadeBeforeWhatItMarksComesOff() {
        List<LedgerCase.Part> parts = List.of(part("cap", 2));
        assertThat(
                        ledger(
                                parts,
                                List.of(),
                                step("a", new Mark("line", Optional.of("cap"))),
                                step("b", new Remove("cap", 2)),
                                step("c", new Install("cap", 2, false), new Align("line"))))
                .isEmpty();
        assertThat(
                        ledger(
                                parts,
                                List.of(),
                                step("b", new Remove("cap", 1)),
                                step("a", new Mark("line", Optional.of("cap"))),
                                step("c", new Install("cap", 1, false), new Align("line"))))
                .singleElement()
                .satisfies(
                        f -> {
                            assertThat(f.rule()).isEqualTo(Rule.MARKED_TOO_LATE);
                            assertThat(f.subject()).isEqualTo("line");
                            assertThat(f.steps()).containsExactly("b", "a");
                            assertThat(f.other()).containsExactly("cap");
                        });
    }

    @Test
    void fluidsAidsAndMarksClose() {
        List<LedgerFinding> found =
                ledger(
                        List.of(),
                        List.of(),
                        step("a", new Drain("oil"), new Mark("line"), new PlaceAid("pin", 2)),
                        step("b", new TakeAid("pin", 1), new Align("dot")));
        assertThat(found)
                .extracting(LedgerFinding::rule)
                .containsExactlyInAnyOrder(
                        Rule.NOT_FILLED, Rule.NOT_MATCHED, Rule.AID_LEFT, Rule.NEVER_MARKED);
        assertThat(
                        ledger(
                                List.of(),
                                List.of(),
                                step(
                                        "a",
                                        new Drain("oil"),
                                        new Mark("line"),
                                        new PlaceAid("pin", 2)),
                                step(
                                        "b",
                                        new TakeAid("pin", 2),
                                        new Align("line"),
                                        new Fill("oil"))))
                .isEmpty();
    }

    @Test
    void kitsAreHeldAgainstWhatIsFittedNew() {
        LedgerCase.Part seal =
                new LedgerCase.Part("11", 2, ReuseRule.ALWAYS_NEW, List.of(), Set.of());
        LedgerCase.Step[] steps = {
            step("a", new Remove("11", 2)), step("b", new Install("11", 2, true))
        };
        LedgerCase.Kit one = new LedgerCase.Kit(Map.of("11", 1), Set.of());
        assertThat(kits(seal, steps, List.of(one, one))).isEmpty();
        LedgerCase.Kit ofOthers = new LedgerCase.Kit(Map.of("11", 1), Set.of("X"));
        LedgerFinding found = only(kits(seal, steps, List.of(one, ofOthers)));
        assertThat(found.rule()).isEqualTo(Rule.IN_NO_KIT);
        assertThat(found.count()).isEqualTo(1);
        assertThat(found.steps()).containsExactly("b");
    }

    private static List<LedgerFinding> kits(
            LedgerCase.Part part, LedgerCase.Step[] steps, List<LedgerCase.Kit> kits) {
        return Ledger.of(
                        new LedgerCase(
                                List.of("D"),
                                List.of(part),
                                List.of(),
                                Optional.of(kits),
                                List.of(),
                                List.of(steps)))
                .findings();
    }

    @Test
    void findingsOfSeveralVariantsAreOne() {
        LedgerCase.Part onlyS =
                new LedgerCase.Part("9", 1, ReuseRule.INSPECT, List.of(), Set.of("S"));
        List<LedgerFinding> found =
                Ledger.of(
                                new LedgerCase(
                                        List.of("D", "S"),
                                        List.of(part("7", 1), onlyS),
                                        List.of(),
                                        Optional.empty(),
                                        List.of(),
                                        List.of(
                                                step("a", new Remove("7", 1), new Remove("9", 1)),
                                                new LedgerCase.Step(
                                                        "b", Set.of("X"), 1, List.of()))))
                        .findings();
        assertThat(found)
                .extracting(f -> f.rule() + " " + f.subject() + " " + f.variants())
                .containsExactly("NOT_REFITTED 7 [D, S]", "NOT_REFITTED 9 [S]", "NO_VARIANT b []");
    }

    @Test
    void theSmallestIdIsThatOfACycle() {
        LedgerFinding found =
                only(
                        ledger(
                                List.of(part("10", 1, "9"), part("9", 1, "10")),
                                List.of(),
                                step("a", new Remove("9", 1), new Remove("10", 1)),
                                step(
                                        "b",
                                        new Install("9", 1, false),
                                        new Install("10", 1, false))));
        assertThat(found.rule()).isEqualTo(Rule.CYCLE);
        assertThat(found.subject()).isEqualTo("9");
        assertThat(found.steps()).isEmpty();
    }

    @Test
    void whatNobodyKnowsIsRefused() {
        assertThatThrownBy(() -> ledger(List.of(), List.of(), step("a", new Remove("7", 1))))
                .hasMessage("There is no part “7”, which step “a” names.");
        assertThatThrownBy(() -> ledger(List.of(part("7", 1, "8")), List.of()))
                .hasMessage("There is no part “8”, which part “7” names.");
        assertThatThrownBy(
                        () ->
                                ledger(
                                        List.of(part("7", 1)),
                                        List.of(),
                                        step("a", new Remove("7", 0))))
                .hasMessage("A count in step “a” is less than 1; it has to be 1 or more.");
    }

    @ParameterizedTest
    @EnumSource(
            value = TighteningWay.class,
            names = {"WRENCH", "ANGLE", "FEEL", "HAND"})
    void aJointGetsTightByEachWayThatItHasAndByNoOther(TighteningWay way) {
        assertThat(tightenedBy(way, Set.of(way), true)).isEmpty();
        for (TighteningWay other : List.of(TighteningWay.ANGLE, TighteningWay.HAND)) {
            if (other != way) {
                assertThat(tightenedBy(other, Set.of(way), true))
                        .extracting(LedgerFinding::rule)
                        .containsExactly(Rule.NOT_TIGHTENED);
            }
        }
    }

    @Test
    void aValueIsAskedForOnlyWhereTorqueIsTheOneWay() {
        Set<TighteningWay> either = Set.of(TighteningWay.WRENCH, TighteningWay.FEEL);
        assertThat(tightenedBy(TighteningWay.WRENCH, either, false)).isEmpty();
        assertThat(tightenedBy(TighteningWay.WRENCH, LedgerCase.Joint.BY_TORQUE, false))
                .extracting(LedgerFinding::rule)
                .containsExactly(Rule.NO_VALUE);
    }

    private static List<LedgerFinding> tightenedBy(
            TighteningWay by, Set<TighteningWay> ways, boolean valued) {
        return Ledger.of(
                        new LedgerCase(
                                List.of(),
                                List.of(),
                                List.of(
                                        new LedgerCase.Joint(
                                                "nut", valued, ways, List.of(), Set.of())),
                                Optional.empty(),
                                List.of(),
                                List.of(
                                        step(
                                                "s1",
                                                new LedgerAction.Loosen("nut", Optional.empty())),
                                        step(
                                                "s2",
                                                new LedgerAction.Tighten(
                                                        "nut", Optional.empty(), by)))))
                .findings();
    }
}
