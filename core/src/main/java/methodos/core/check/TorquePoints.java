package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.fit.InstrumentFit;
import methodos.core.fit.LimitTable;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.ValueConflicts;
import methodos.core.torque.WrenchPlan;

/** What is open in the tightening values, the wrenches and the instruments. */
final class TorquePoints {

    private final PractisedManual practised;
    private final Manual manual;
    private final Sight sight;

    /** The first step that tightens a joint. */
    private final Map<Id<Joint>, Id<Step>> steps = new HashMap<>();

    /** Joints that only steps tighten which are left out. */
    private final Set<Id<Joint>> leftOut = new HashSet<>();

    private final List<OpenPoint> points = new ArrayList<>();

    private TorquePoints(Manual whole, PractisedManual practised, Sight sight) {
        this.practised = practised;
        this.manual = practised.manual();
        this.sight = sight;
        whole.steps().forEach(s -> leftOut.addAll(s.joints()));
        manual.steps().forEach(this::tightened);
        leftOut.removeAll(steps.keySet());
    }

    private void tightened(Step step) {
        step.joints().forEach(j -> steps.putIfAbsent(j, step.id()));
    }

    /**
     * @param whole the manual with the steps that are left out
     */
    static List<OpenPoint> of(Manual whole, PractisedManual practised, Sight sight) {
        TorquePoints all = new TorquePoints(whole, practised, sight);
        all.manual.joints().stream()
                .filter(j -> j.applicability().concerns(sight) && !all.leftOut.contains(j.id()))
                .forEach(all::joint);
        all.conflicts();
        all.wrenches();
        all.instruments();
        return all.points;
    }

    private void add(String key, Id<Step> step, String subject, Object... arguments) {
        points.add(new OpenPoint(Matter.VALUES, key, List.of(arguments), step, subject));
    }

    private void joint(Joint joint) {
        Id<Step> step = steps.get(joint.id());
        JointTorque.of(manual, joint)
                .preload()
                .filter(p -> p.verdict() != Preload.Verdict.PLAUSIBLE)
                .ifPresent(
                        p ->
                                add(
                                        "open.torque." + p.verdict().name(),
                                        step,
                                        joint.id().text(),
                                        joint.name(),
                                        Math.round(100 * p.ofProof()),
                                        p.slip().map(Preload.Slip::words).orElse("")));
        if (joint.way() == TighteningWay.ANGLE && joint.turned() == null) {
            add("open.torque.angle", step, joint.id().text(), joint.name());
        } else if (joint.byWrench() && joint.torque() instanceof Value.Open open) {
            add("open.torque", step, joint.id().text(), joint.name(), open.why());
        }
        if (step == null) {
            add("open.joint.unused", null, joint.id().text(), joint.name());
        }
    }

    private void conflicts() {
        for (ValueConflicts.Conflict c : ValueConflicts.of(manual, sight)) {
            add(
                    c.other().isEmpty() ? "open.torque.units" : "open.torque.sibling",
                    steps.get(c.joint().id()),
                    c.joint().id().text(),
                    c.joint().name(),
                    c.first().print(),
                    c.second().print(),
                    c.likely().map(TorquePoints::slip).orElse(""),
                    c.other().map(Joint::name).orElse(""));
        }
    }

    /** "lbf·ft for lbf·in" is what was written for what was meant. */
    static String slip(String likely) {
        return "Likely: " + likely.replace(" for ", " written for ") + ".";
    }

    /** Without wrenches of the shop there is nothing to hold the values against. */
    private void wrenches() {
        if (!manual.wrenches().isEmpty()) {
            for (WrenchPlan.Unreached u : WrenchPlan.of(practised, sight).unreached()) {
                Joint joint = u.joint().joint();
                add(
                        "open.torque.wrench",
                        null,
                        joint.id().text(),
                        joint.name(),
                        u.stage().entered().print());
            }
        }
    }

    private void instruments() {
        for (LimitTable.Row row : LimitTable.of(practised, sight)) {
            if (row.fit().filter(f -> f == InstrumentFit.TOO_COARSE).isPresent()) {
                add(
                        "open.instrument",
                        row.step().id(),
                        null,
                        row.instrument().orElseThrow().label(),
                        row.reading().what(),
                        row.number());
            }
        }
    }
}
