package methodos.cli.defects;

import static methodos.cli.defects.GateEdits.at;
import static methodos.cli.defects.GateEdits.energy;
import static methodos.cli.defects.GateEdits.item;
import static methodos.cli.defects.GateEdits.joint;
import static methodos.cli.defects.GateEdits.part;
import static methodos.cli.defects.GateEdits.q;
import static methodos.cli.defects.GateEdits.reading;
import static methodos.cli.defects.GateEdits.rule;
import static methodos.cli.defects.GateEdits.undone;
import static methodos.cli.defects.GateEdits.use;
import static methodos.cli.defects.GateEdits.without;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Answer;
import methodos.core.manual.Applicability;
import methodos.core.manual.Found;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Step;
import methodos.core.manual.Value;

/** Sixty single defects in the manual of the sluice gate lift, each with what finds it. */
final class GateDefects {

    /**
     * @param step that the finding names, empty where it names none
     */
    record Seeded(String what, Rule rule, String step, UnaryOperator<Manual> defect) {
        @Override
        public String toString() {
            return what;
        }
    }

    private final List<Seeded> all = new ArrayList<>();

    private GateDefects() {}

    static List<Seeded> all() {
        GateDefects defects = new GateDefects();
        defects.parts();
        defects.jointsAndEnergies();
        defects.aidsAndFluids();
        defects.readings();
        defects.conditionsAndRounds();
        defects.fittingAndLifting();
        defects.values();
        return defects.all;
    }

    private void add(String what, Rule rule, String step, UnaryOperator<Manual> defect) {
        all.add(new Seeded(what, rule, step, defect));
    }

    private void step(String what, Rule rule, String step, UnaryOperator<Step> defect) {
        add(what, rule, step, m -> m.withStep(defect.apply(at(m, step))));
    }

    /** The defect stands in one step, and is found at another. */
    private void step(
            String what, Rule rule, String found, String step, UnaryOperator<Step> defect) {
        add(what, rule, found, m -> m.withStep(defect.apply(at(m, step))));
    }

    private void parts() {
        step("the crown wheel stays off", Rule.NOT_REFITTED, "s120", "s142", s -> without(s, "p5"));
        step("the pinion stays off", Rule.NOT_REFITTED, "s116", "s145", s -> without(s, "p6"));
        step(
                "five cover screws go on",
                Rule.NOT_REFITTED,
                "s118",
                "s147",
                s -> use(s, "p3", u -> u.withCount(5)));
        step(
                "seven cover screws go on",
                Rule.TOO_MANY_FITTED,
                "s147",
                s -> use(s, "p3", u -> u.withCount(7)));
        step("the counter stays off", Rule.NOT_REFITTED, "s113", "s151", s -> without(s, "p14"));
        step(
                "the crank never came off",
                Rule.NOT_REMOVED_FIRST,
                "s152",
                "s113",
                s -> without(s, "p19"));
        step(
                "the lock plate is left out",
                Rule.NOT_REFITTED,
                "s119",
                "s143",
                s -> without(s, "p9"));
        step(
                "the old seal goes back",
                Rule.REUSED,
                "s144",
                s -> use(s, "p12", u -> u.withSupply(PartUse.Supply.SAME)));
        step(
                "four bearings come off",
                Rule.TOO_MANY_REMOVED,
                "s120",
                s -> use(s, "p13", u -> u.withCount(4).withPlaces(List.of())));
        add(
                "the tab washer goes back, not the lock plate",
                Rule.NOT_REFITTED,
                "s119",
                m -> part(m, "p8", p -> p.withConvertedTo(null)));
        add(
                "the seal is in no kit",
                Rule.IN_NO_KIT,
                "",
                m ->
                        m.withKits(
                                m.kits().stream()
                                        .map(
                                                k ->
                                                        k.withContents(
                                                                k.contents().stream()
                                                                        .filter(
                                                                                c ->
                                                                                        !c.part()
                                                                                                .text()
                                                                                                .equals(
                                                                                                        "p12"))
                                                                        .toList()))
                                        .toList()));
        add(
                "nut and wheel cover each other",
                Rule.CYCLE,
                "",
                m -> part(m, "p7", p -> p.withCoveredBy(List.of(new Id<>("p13")))));
        add(
                "the pinion is taken while the nut covers it",
                Rule.COVERED,
                "s116",
                m -> part(m, "p6", p -> p.withCoveredBy(List.of(new Id<>("p7")))));
        add(
                "a step for no lift",
                Rule.NO_VARIANT,
                "s152",
                m ->
                        m.withStep(
                                at(m, "s152")
                                        .withApplicability(
                                                Applicability.serials(
                                                        new SerialRange(1L, 9L, "SG", 0)))));
    }

    private void jointsAndEnergies() {
        step(
                "the cover is not tightened",
                Rule.NOT_TIGHTENED,
                "s118",
                "s147",
                s -> s.withJoints(List.of()));
        step(
                "the nut is not tightened",
                Rule.NOT_TIGHTENED,
                "s119",
                "s143",
                s -> s.withJoints(List.of()));
        step(
                "the drain plug is not tightened",
                Rule.NOT_TIGHTENED,
                "s111",
                "s148",
                s -> s.withJoints(List.of()));
        step(
                "the level plug is not tightened",
                Rule.NOT_TIGHTENED,
                "s111",
                "s150",
                s -> s.withJoints(List.of()));
        add(
                "the cover has no value",
                Rule.NO_VALUE,
                "s147",
                m ->
                        joint(
                                m,
                                "j41",
                                j ->
                                        j.withTorque(new Value.Open("ask", null))
                                                .withStages(List.of())));
        add(
                "a slip of ten on the crank",
                Rule.IMPLAUSIBLE_TORQUE,
                "",
                m -> joint(m, "j45", j -> j.withTorque(Value.of("500 to 600 N·m"))));
        add(
                "two values of the cover",
                Rule.VALUES_DISAGREE,
                "",
                m -> joint(m, "j41", j -> j.withSecond(q("50 to 60 lbf·ft"))));
        add(
                "no wrench reaches",
                Rule.NO_WRENCH,
                "",
                m -> joint(m, "j45", j -> j.withTorque(Value.of("70 to 75 N·m"))));
        add(
                "the gate is never pinned",
                Rule.NOT_ISOLATED,
                "",
                m -> energy(m, e -> e.withSafeSteps(List.of())));
        add(
                "the gate is not pinned again",
                Rule.NOT_ISOLATED,
                "",
                m -> energy(m, e -> e.withSafeSteps(e.safeSteps().subList(0, 1))));
        add(
                "the gate stays pinned",
                Rule.NOT_RESTORED,
                "s107",
                m -> energy(m, e -> e.withRestoreSteps(e.restoreSteps().subList(0, 1))));
        add(
                "the pin comes out before the cover is on",
                Rule.RESTORED_TOO_EARLY,
                "s143",
                m ->
                        energy(
                                m,
                                e ->
                                        e.withRestoreSteps(
                                                        List.of(new Id<>("s106"), new Id<>("s143")))
                                                .withParts(List.of(new Id<>("p2")))));
        step(
                "no statement on the heavy housing",
                Rule.HAZARD_MISSING,
                "s121",
                s -> s.withHazards(List.of()));
        step(
                "no statement on the punch",
                Rule.HAZARD_MISSING,
                "s116",
                s -> s.withHazards(List.of()));
        step("no statement on the pump", Rule.HAZARD_LATE, "s105", s -> s.withHazards(List.of()));
    }

    private void aidsAndFluids() {
        step("the gate pin stays in", Rule.AID_LEFT, "s107", "s161", s -> undone(s, "i91"));
        step("the stop logs stay in", Rule.AID_LEFT, "s104", "s163", s -> undone(s, "i92"));
        step("the pump stays in the well", Rule.AID_LEFT, "s105", "s164", s -> undone(s, "i93"));
        step(
                "one stop log stays in",
                Rule.AID_LEFT,
                "s104",
                "s163",
                s -> s.withActions(List.of(s.actions().get(0).withCount(1))));
        step("no oil is filled", Rule.NOT_FILLED, "s111", "s149", s -> undone(s, "i94"));
        step(
                "too much oil is filled",
                Rule.OTHER_AMOUNT,
                "s149",
                s -> s.withActions(List.of(s.actions().get(0).withAmount(q("1.8 L")))));
        step(
                "another unit slips in",
                Rule.OTHER_AMOUNT,
                "s149",
                s -> s.withActions(List.of(s.actions().get(0).withAmount(q("0.8 gal")))));
        add(
                "the amount held is another",
                Rule.OTHER_AMOUNT,
                "s149",
                m -> item(m, "i94", i -> i.withAmount(q("1.2 L"))));
        add(
                "less is filled than was drained",
                Rule.OTHER_AMOUNT,
                "s149",
                m ->
                        item(m, "i94", i -> i.withAmount(null))
                                .withStep(
                                        at(m, "s149")
                                                .withActions(
                                                        List.of(
                                                                at(m, "s149")
                                                                        .actions()
                                                                        .get(0)
                                                                        .withAmount(q("0.4 L"))))));
        step("the counter is not set back", Rule.NOT_RESET, "s101", "s151", s -> undone(s, "i95"));
        step("the mark is never matched", Rule.NOT_MATCHED, "s115", "s145", s -> undone(s, "i96"));
        step("the mark is never made", Rule.NEVER_MARKED, "s145", "s115", s -> undone(s, "i96"));
        add(
                "the mark is made when the flange is off",
                Rule.MARKED_TOO_LATE,
                "",
                m ->
                        m.withStep(undone(at(m, "s115"), "i96"))
                                .withStep(
                                        at(m, "s119")
                                                .withActions(
                                                        List.of(
                                                                at(m, "s119").actions().get(0),
                                                                new Action(
                                                                        Action.Verb.MARK,
                                                                        new Id<LedgerItem>("i96"))))
                                                .withParts(
                                                        List.of(
                                                                at(m, "s119").parts().get(0),
                                                                at(m, "s119").parts().get(1),
                                                                new PartUse(
                                                                        new Id<>("p11"),
                                                                        1,
                                                                        PartUse.Handling
                                                                                .TOUCHED)))));
    }

    private void readings() {
        step(
                "a choice of one",
                Rule.UNANSWERABLE,
                "s135",
                s ->
                        reading(
                                s,
                                0,
                                r ->
                                        r.withAnswer(
                                                new Answer.Choice(
                                                        List.of("yes"), List.of("yes")))));
        step(
                "a good answer that is none",
                Rule.UNANSWERABLE,
                "s135",
                s ->
                        reading(
                                s,
                                0,
                                r ->
                                        r.withAnswer(
                                                new Answer.Choice(
                                                        List.of("yes", "no"), List.of("maybe")))));
        step(
                "a formula of nothing",
                Rule.UNANSWERABLE,
                "s149",
                s -> reading(s, 2, r -> r.withAnswer(new Answer.Reckoned("a - x", "kg"))));
        step(
                "two readings with one symbol",
                Rule.UNANSWERABLE,
                "s149",
                s -> reading(s, 1, r -> r.withSymbol("a")));
        step(
                "a unit that is none",
                Rule.UNANSWERABLE,
                "s101",
                s -> reading(s, 1, r -> r.withAnswer(new Answer.Noted("rounds"))));
        step(
                "neither limit nor answer",
                Rule.UNANSWERABLE,
                "s134",
                s -> reading(s, 0, r -> r.withLimit(null)));
        step(
                "held against what comes later",
                Rule.UNANSWERABLE,
                "s101",
                s -> reading(s, 1, r -> r.withAgainst(new Id<>("r149"))));
        step(
                "a number against words",
                Rule.UNANSWERABLE,
                "s165",
                s -> reading(s, 0, r -> r.withAgainst(new Id<>("r149"))));
        step(
                "a limit without a value",
                Rule.NO_VALUE,
                "s134",
                s -> reading(s, 0, r -> r.withLimit(new Value.Open("ask", null))));
        step(
                "what it was held against is gone",
                Rule.SENSELESS,
                "s165",
                "s101",
                s -> reading(s, 0, r -> r.withId(null)));
    }

    private void conditionsAndRounds() {
        step(
                "hangs on what is found later",
                Rule.NOT_FOUND_BEFORE,
                "s108",
                s -> s.withOnlyIfFound(new Found.Fails(new Id<>("l132"))));
        step(
                "hangs on a verdict that is none",
                Rule.NOT_FOUND_BEFORE,
                "s138",
                s -> s.withOnlyIfFound(new Found.Decided(new Id<>("q97"), "wait")));
        step(
                "hangs on a cause that is none",
                Rule.NOT_FOUND_BEFORE,
                "s108",
                s -> s.withOnlyIfFound(new Found.Cause(new Id<>("x98"), "rust")));
        step(
                "hangs on what is never bad",
                Rule.NOT_FOUND_BEFORE,
                "s136",
                "s135",
                s ->
                        reading(
                                s,
                                0,
                                r ->
                                        r.withAnswer(
                                                new Answer.Choice(
                                                        List.of("yes", "no"), List.of()))));
        add(
                "rounds without an end",
                Rule.NO_WAY_OUT,
                "s162",
                m ->
                        m.withRepeats(
                                m.repeats().stream()
                                        .map(r -> r.withUntil("").withMost(0))
                                        .toList()));
        add(
                "more rounds at least than at most",
                Rule.NO_WAY_OUT,
                "s162",
                m -> m.withRepeats(m.repeats().stream().map(r -> r.withLeast(9)).toList()));
        add(
                "a verdict leads back",
                Rule.NO_WAY_OUT,
                "s137",
                m -> rule(m, 0, r -> r.withSteps(List.of(new Id<>("s116")))));
        add(
                "measured again for ever",
                Rule.TABLE_WITH_A_HOLE,
                "s137",
                m -> rule(m, 4, r -> r.withAgain(r.again().withMost(0))));
        add(
                "a pin of 4.7 mm has no verdict",
                Rule.TABLE_WITH_A_HOLE,
                "s137",
                m ->
                        m.withDecision(
                                m.decisions()
                                        .get(0)
                                        .withRules(m.decisions().get(0).rules().subList(0, 4))));
    }

    private void fittingAndLifting() {
        step("the housing is lifted by hand", Rule.TOO_HEAVY, "s121", s -> s.withTools(List.of()));
        add(
                "the hoist is too weak",
                Rule.TOO_HEAVY,
                "s121",
                m ->
                        m.withTools(
                                m.tools().stream()
                                        .map(t -> t.rated() == null ? t : t.withRated(q("30 kg")))
                                        .toList()));
        step(
                "nothing says which way round the seal goes",
                Rule.WAY_ROUND_UNTOLD,
                "s144",
                s -> use(s, "p12", u -> u.withWayRound("")).withFigures(List.of()));
        step(
                "both bearings go below",
                Rule.OTHER_PLACE,
                "s142",
                s ->
                        use(
                                s,
                                "p13",
                                u -> u.withPlaces(List.of("below the wheel", "below the wheel"))));
        step(
                "a place that there is not",
                Rule.OTHER_PLACE,
                "s142",
                s ->
                        use(
                                s,
                                "p13",
                                u -> u.withPlaces(List.of("below the wheel", "beside the wheel"))));
    }

    private void values() {
        step(
                "a word for the same part",
                Rule.NAMES,
                "s131",
                s -> s.withText("Wash the big gear with cleaner."));
        step(
                "a sentence without end",
                Rule.LANGUAGE,
                "s152",
                s ->
                        s.withText(
                                "Push the crank on and tighten a new crank nut, and then look at it again from all sides, and turn it a little, and do so until all is even."));
        step("a step that shows nothing", Rule.COVERAGE, "s141", s -> s.withFigures(List.of()));
    }
}
