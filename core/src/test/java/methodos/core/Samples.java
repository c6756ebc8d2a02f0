package methodos.core;

import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Kit;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Model;
import methodos.core.manual.Movement;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Unit;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;

/** A small manual for tests: an actuator with one cap, two models and two ranges of serials. */
public final class Samples {

    public static final Applicability SPRING_RETURN = Applicability.model("QA-80 S");
    public static final Applicability LATE = Applicability.serials(SerialRange.from(2200));

    private Samples() {}

    public static Manual actuator() {
        Part screw = part(new Id<>("p1"), "7", "cap screw", "M6 × 25", 4, ReuseRule.INSPECT);
        Part ring = part(new Id<>("p2"), "11", "O-ring, end cap", "", 2, ReuseRule.ALWAYS_NEW);
        Part spring =
                part(new Id<>("p3"), "9", "spring", "", 5, ReuseRule.INSPECT)
                        .withApplicability(SPRING_RETURN);
        Part snap =
                part(new Id<>("p4"), "25", "snap ring", "48", 1, ReuseRule.ALWAYS_NEW)
                        .withApplicability(LATE);
        Unit unit =
                Unit.unnamed()
                        .withName("Quarter-turn actuator")
                        .withMaker("Halvorn")
                        .withType("QA-80")
                        .withModels(
                                List.of(
                                        new Model("QA-80 D", "double acting"),
                                        new Model("QA-80 S", "spring return")));
        Step loosen =
                step(new Id<>("s1"), "Loosen the four cap screws crosswise.", 2, 12)
                        .withParts(List.of(new PartUse(new Id<>("p1"), 4)));
        Step springs =
                step(new Id<>("s2"), "Take the five springs out.", 14, 20)
                        .withParts(List.of(new PartUse(new Id<>("p3"), 5)))
                        .withApplicability(SPRING_RETURN);
        Step tighten =
                step(new Id<>("s3"), "Tighten the four cap screws.", 30, 38)
                        .withJoints(List.of(new Id<>("j1")));
        Joint cap =
                JointBuilder.builder()
                        .id(new Id<>("j1"))
                        .name("Cap to body")
                        .fastener(new Id<>("p1"))
                        .count(4)
                        .propertyClass("8.8")
                        .condition("oiled")
                        .torque(Value.of("7 to 8.5 N·m"))
                        .stages(QuantityList.parse("2.5 N·m"))
                        .order("cross")
                        .build();
        Manual m = Manual.titled("Overhaul of the QA-80").withUnit(unit);
        m =
                m.withClip(
                        new Clip(
                                new Id<>("clip1"),
                                "take-down",
                                "../take-down.mp4",
                                1000,
                                "d1g35t",
                                60,
                                null,
                                null));
        for (Part p : List.of(screw, ring, spring, snap)) {
            m = m.withPart(p);
        }
        m = m.withJoint(cap);
        m =
                m.withVariants(
                        List.of(
                                new Variant(
                                        new Id<>("v1"),
                                        "QA-80 D",
                                        new SerialRange(1000L, 2199L),
                                        "bonded bearing"),
                                new Variant(
                                        new Id<>("v2"),
                                        "QA-80 D",
                                        SerialRange.from(2200),
                                        "removable bearing"),
                                new Variant(
                                        new Id<>("v3"),
                                        "QA-80 S",
                                        new SerialRange(1000L, 2199L),
                                        "five springs, bonded"),
                                new Variant(
                                        new Id<>("v4"),
                                        "QA-80 S",
                                        SerialRange.from(2200),
                                        "five springs, removable")));
        m = m.withNewStep(stageId(m, Stage.Kind.TAKE_DOWN), loosen);
        m = m.withNewStep(stageId(m, Stage.Kind.TAKE_DOWN), springs);
        return m.withNewStep(stageId(m, Stage.Kind.BUILD_UP), tighten);
    }

    private static Id<Stage> stageId(Manual m, Stage.Kind kind) {
        return m.stage(kind).orElseThrow().id();
    }

    private static Part part(
            Id<Part> id, String item, String name, String size, int count, ReuseRule reuse) {
        return PartBuilder.builder()
                .id(id)
                .item(item)
                .number("HV-" + item)
                .name(name)
                .size(size)
                .quantity(count)
                .reuse(reuse)
                .build();
    }

    public static Step step(Id<Step> id, String text, double from, double to) {
        Span span = new Span(new Id<>("clip1"), from, to);
        return Step.of(id, text, List.of(span), List.of(new Evidence.Recorded(span, text)));
    }

    public static Kit kit(String number, Object... partsAndCounts) {
        List<Kit.Content> contents = new java.util.ArrayList<>();
        for (int i = 0; i < partsAndCounts.length; i += 2) {
            contents.add(
                    new Kit.Content(
                            new Id<>((String) partsAndCounts[i]), (Integer) partsAndCounts[i + 1]));
        }
        return new Kit(new Id<>(number), number, "kit " + number, contents);
    }

    public static Manual withKits(Manual m, List<Kit> kits) {
        return m.withKits(kits);
    }

    public static Captions captions() {
        return new Captions(
                List.of(
                        new Caption(0, 2, "Right, welcome back."),
                        new Caption(2.5, 8, "Four screws, crosswise."),
                        new Caption(14, 19, "Five springs, lift them out."),
                        new Caption(22, 26, "I lost one under the bench once.")));
    }

    public static Workspace workspace() {
        return new Workspace(actuator(), Map.of(new Id<>("clip1"), captions()));
    }

    /** One mark of each kind, on parts of {@link #actuator()}. */
    public static List<Mark> everyMark() {
        Point a = new Point(.3, .3);
        Point b = new Point(.6, .35);
        Point c = new Point(.55, .7);
        Point d = new Point(.3, .6);
        return List.of(
                new Mark.Callout(new Id<>("k1"), new Id<>("p1"), a, null),
                new Mark.ScrewOrder(new Id<>("k2"), List.of(a, b, c, d), null, List.of()),
                new Mark.ScrewPlace(new Id<>("k3"), new Id<>("p1"), d),
                new Mark.Turn(
                        new Id<>("k4"),
                        a,
                        b,
                        c,
                        new ThreadTurn(
                                ThreadTurn.Hand.LEFT,
                                ThreadTurn.Action.LOOSEN,
                                ThreadTurn.SeenFrom.HEAD),
                        null),
                new Mark.Shift(new Id<>("k5"), a, c, Movement.LIFT),
                new Mark.Detail(new Id<>("k6"), a, a.plus(.05, 0), null),
                new Mark.Outline(new Id<>("k7"), List.of(a, b, c, d)),
                new Mark.Length(new Id<>("k8"), a, b),
                new Mark.Scale(
                        new Id<>("k9"),
                        KnownShape.RECTANGLE,
                        List.of(a, b, c, d),
                        List.of(Quantity.parse("60 mm"), Quantity.parse("40 mm"))),
                new Mark.MatchMark(new Id<>("k10"), a, b, "1"),
                new Mark.ByFeel(new Id<>("k11"), c, "clicks"),
                new Mark.Label(new Id<>("k12"), d, "front"),
                new Mark.Cover(new Id<>("k13"), a, c));
    }
}
