package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.quantity.Agreement;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.ValueConflicts;
import methodos.core.torque.WrenchScale;

/** Tightening values that disagree, that no screw bears, or that no wrench reaches. */
final class TorqueChecks {

    private static final Pattern TORQUE =
            Pattern.compile(
                    "\\d+(?:\\.\\d+)?(?:\\s*(?:to|-|–)\\s*\\d+(?:\\.\\d+)?)?\\s*"
                            + "(?:N·m|N-m|Nm|lbf·ft|lbf·in|(?:ft|in)[- ]lbs?|lb[- ](?:ft|in))");

    private final Manual manual;
    private final List<Finding> findings = new ArrayList<>();
    private final Map<String, JointTorque> torques = new LinkedHashMap<>();
    private final Map<String, String> firstStep = new HashMap<>();
    private final List<WrenchScale> shop;
    private final Map<String, WrenchScale> wrenchTools = new HashMap<>();

    private TorqueChecks(Manual manual) {
        this.manual = manual;
        manual.steps().forEach(s -> s.joints().forEach(j -> firstStep.putIfAbsent(j, s.id())));
        Map<String, Part> parts = new HashMap<>();
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
     * @param manual as it is carried out
     */
    static List<Finding> of(Manual manual) {
        TorqueChecks checks = new TorqueChecks(manual);
        checks.conflicts();
        checks.torques.values().forEach(checks::joint);
        manual.steps().forEach(checks::step);
        return checks.findings;
    }

    private void add(Rule rule, String joint, String step, String key, Object... arguments) {
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
                    c.joint().id(),
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
        String step = firstStep.get(joint.id());
        torque.preload()
                .filter(p -> p.verdict() != Preload.Verdict.PLAUSIBLE)
                .ifPresent(
                        p ->
                                add(
                                        Rule.IMPLAUSIBLE_TORQUE,
                                        joint.id(),
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
                                            joint.id(),
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
                                                torque.joint().id(),
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
        Matcher matcher = TORQUE.matcher(step.text());
        while (matcher.find()) {
            Optional<Quantity> said = quantity(matcher.group());
            if (said.isPresent() && known.stream().noneMatch(k -> agree(k, said.get()))) {
                Joint joint = tightened.get(0).joint();
                add(
                        Rule.VALUES_DISAGREE,
                        joint.id(),
                        step.id(),
                        "finding.VALUES_DISAGREE.text",
                        new StepRef(step.id()),
                        said.get().print(),
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
