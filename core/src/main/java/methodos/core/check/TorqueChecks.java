package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.memory.Remembered;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Agreement;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.ValueConflicts;
import methodos.core.torque.WrenchScale;

/** Tightening values that disagree, that no screw bears, or that no wrench reaches. */
final class TorqueChecks {

    private final Manual manual;
    private final Remembered<String, List<Quantity>> torquesInText;
    private final List<Finding> findings = new ArrayList<>();
    private final Map<Id<Joint>, JointTorque> torques = new LinkedHashMap<>();
    private final Map<Id<Joint>, Id<Step>> firstStep = new HashMap<>();
    private final List<WrenchScale> shop;
    private final Map<Id<Tool>, WrenchScale> wrenchTools = new HashMap<>();

    private TorqueChecks(Manual manual, Remembered<String, List<Quantity>> torquesInText) {
        this.manual = manual;
        this.torquesInText = torquesInText;
        manual.steps().forEach(s -> s.joints().forEach(j -> firstStep.putIfAbsent(j, s.id())));
        Map<Id<Part>, Part> parts = new HashMap<>();
        manual.parts().forEach(p -> parts.put(p.id(), p));
        for (Joint joint : manual.joints()) {
            torques.put(
                    joint.id(), JointTorque.of(id -> Optional.ofNullable(parts.get(id)), joint));
        }
        shop = manual.wrenches().stream().map(w -> WrenchScale.of(w.range())).toList();
        for (Tool tool : manual.tools()) {
            scale(tool.size()).ifPresent(s -> wrenchTools.put(tool.id(), s));
        }
    }

    /**
     * @param torquesInText the torques that a text names
     */
    static List<Finding> of(
            PractisedManual practised, Remembered<String, List<Quantity>> torquesInText) {
        Manual manual = practised.manual();
        TorqueChecks checks = new TorqueChecks(manual, torquesInText);
        checks.conflicts();
        checks.torques.values().forEach(checks::joint);
        manual.steps().forEach(checks::step);
        return checks.findings;
    }

    private void add(Rule rule, String joint, Id<Step> step, String key, Object... arguments) {
        findings.add(
                new Finding(
                        rule,
                        joint,
                        step == null ? List.of() : List.of(step),
                        key,
                        List.of(arguments)));
    }

    private void conflicts() {
        for (ValueConflicts.Conflict c : ValueConflicts.of(manual, Sight.EVERYTHING)) {
            add(
                    Rule.VALUES_DISAGREE,
                    c.joint().id().text(),
                    firstStep.get(c.joint().id()),
                    c.other().isEmpty()
                            ? "finding.VALUES_DISAGREE.units"
                            : "finding.VALUES_DISAGREE.sibling",
                    c.joint().name(),
                    c.first().print(),
                    c.second().print(),
                    c.likely().map(TorquePoints::slip).orElse(""),
                    c.other().map(Joint::name).orElse(""));
        }
    }

    private void joint(JointTorque torque) {
        Joint joint = torque.joint();
        Id<Step> step = firstStep.get(joint.id());
        torque.preload()
                .filter(p -> p.verdict() != Preload.Verdict.PLAUSIBLE)
                .ifPresent(
                        p ->
                                add(
                                        Rule.IMPLAUSIBLE_TORQUE,
                                        joint.id().text(),
                                        step,
                                        "finding.IMPLAUSIBLE_TORQUE." + p.verdict().name(),
                                        joint.name(),
                                        joint.torque().known().map(Quantity::print).orElse(""),
                                        Math.round(100 * p.ofProof()),
                                        p.slip().map(Preload.Slip::words).orElse("")));
        if (!shop.isEmpty() && step != null) {
            unreached(torque, shop)
                    .ifPresent(
                            stage ->
                                    add(
                                            Rule.NO_WRENCH,
                                            joint.id().text(),
                                            step,
                                            "finding.NO_WRENCH.shop",
                                            joint.name(),
                                            stage.entered().print()));
        }
    }

    private static Optional<JointTorque.Stage> unreached(
            JointTorque torque, List<WrenchScale> wrenches) {
        return torque.stages().stream()
                .filter(
                        stage ->
                                wrenches.stream()
                                        .noneMatch(
                                                w ->
                                                        w.holds(
                                                                stage.range(),
                                                                WrenchScale.USABLE_FROM)))
                .findFirst();
    }

    private void step(Step step) {
        if (step.joints().isEmpty()) {
            return;
        }
        List<WrenchScale> own =
                step.tools().stream()
                        .filter(wrenchTools::containsKey)
                        .map(wrenchTools::get)
                        .toList();
        List<JointTorque> tightened =
                step.joints().stream().filter(torques::containsKey).map(torques::get).toList();
        for (JointTorque torque : tightened) {
            if (!own.isEmpty()) {
                unreached(torque, own)
                        .ifPresent(
                                stage ->
                                        add(
                                                Rule.NO_WRENCH,
                                                torque.joint().id().text(),
                                                step.id(),
                                                "finding.NO_WRENCH.step",
                                                new StepRef(step.id()),
                                                stage.entered().print(),
                                                torque.joint().name()));
            }
        }
        if (!tightened.isEmpty()) {
            text(step, tightened);
        }
    }

    /** A torque in the words of a step has to be one of those of its joints. */
    private void text(Step step, List<JointTorque> tightened) {
        List<Quantity> known =
                tightened.stream()
                        .flatMap(
                                t ->
                                        Stream.concat(
                                                t.stages().stream().map(JointTorque.Stage::entered),
                                                Stream.ofNullable(t.joint().second())))
                        .toList();
        if (known.isEmpty()) {
            return;
        }
        for (Quantity said : torquesInText.of(step.text())) {
            if (known.stream().noneMatch(k -> agree(k, said))) {
                Joint joint = tightened.get(0).joint();
                add(
                        Rule.VALUES_DISAGREE,
                        joint.id().text(),
                        step.id(),
                        "finding.VALUES_DISAGREE.text",
                        new StepRef(step.id()),
                        said.print(),
                        joint.name(),
                        known.get(known.size() - 1).print());
            }
        }
    }

    private static boolean agree(Quantity known, Quantity said) {
        return known.unit().dimension() == said.unit().dimension()
                && Agreement.of(known, said).agree();
    }

    private static Optional<Quantity> quantity(String text) {
        try {
            return Optional.of(Quantity.parse(text))
                    .filter(q -> q.unit().dimension() == MeasureUnit.Dimension.TORQUE);
        } catch (IllegalArgumentException noQuantity) {
            return Optional.empty();
        }
    }

    private static Optional<WrenchScale> scale(String size) {
        if (size.isEmpty()) {
            return Optional.empty();
        }
        return quantity(size).filter(WrenchScale::isScale).map(WrenchScale::of);
    }
}
