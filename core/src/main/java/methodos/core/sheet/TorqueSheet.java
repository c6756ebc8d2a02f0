package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;
import methodos.core.torque.PropertyClass;
import methodos.core.torque.ThreadCondition;

/** Tightening values from a sheet; a joint is known again by its name. */
final class TorqueSheet {

    private static final Field JOINT =
            Field.of("joint", "joint", "name", "description", "connection", "what").needed();
    private static final Field ITEM =
            Field.of("fastener", "fastener", "item", "item no", "screw", "bolt", "pos");
    private static final Field COUNT =
            Field.of("count", "count", "quantity", "qty", "pcs", "pieces");
    private static final Field STRENGTH =
            Field.of("class", "class", "property class", "strength", "grade");
    private static final Field CONDITION =
            Field.of("condition", "condition", "thread condition", "lubrication", "thread");
    private static final Field TORQUE =
            Field.of(
                            "torque",
                            "torque",
                            "tightening torque",
                            "value",
                            "tightening value",
                            "torque value")
                    .needed();
    private static final Field SECOND =
            Field.of("second", "other", "second value", "other unit", "also", "torque 2");
    private static final Field STAGES = Field.of("stages", "stages", "in stages", "steps before");
    private static final Field ORDER = Field.of("order", "order", "sequence", "pattern");
    private static final Field FURTHER = Field.of("angle", "angle", "further turn", "turn angle");
    private static final Field TURNED =
            Field.of("turned", "turned", "turns", "past hand-tight", "hand-tight then");
    private static final Field FEEL = Field.of("feel", "feel", "by feel", "until");
    private static final Field BACK =
            Field.of("back-off", "back-off", "back off", "backoff", "turned back");
    private static final Field HAND =
            Field.of("hand", "hand", "thread hand", "hand of thread", "lh/rh");
    private static final Field SOFT = Field.of("soft", "soft", "soft joint", "gasket");

    static final List<Field> FIELDS =
            List.of(
                    JOINT, ITEM, COUNT, STRENGTH, CONDITION, TORQUE, SECOND, STAGES, ORDER, FURTHER,
                    TURNED, FEEL, BACK, HAND, SOFT);

    private final Columns columns;
    private final Manual manual;
    private final List<RowProblem> problems = new ArrayList<>();
    private final Map<String, Joint> known = new HashMap<>();

    /** By item number and by name with size. */
    private final Map<String, Part> fasteners = new HashMap<>();

    private TorqueSheet(Columns columns, Manual manual) {
        this.columns = columns;
        this.manual = manual;
        manual.joints().forEach(j -> known.putIfAbsent(key(j.name()), j));
        for (Part part : manual.parts()) {
            fasteners.putIfAbsent(key(part.item()), part);
            fasteners.putIfAbsent(key(part.label()), part);
        }
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    static SheetReading of(Sheet sheet, Columns columns, Manual manual) {
        TorqueSheet torques = new TorqueSheet(columns, manual);
        List<Joint> read = new ArrayList<>();
        List<Item> items = new ArrayList<>();
        Set<String> names = new HashSet<>();
        Uses<Joint> uses = Uses.ofJoints(manual);
        for (Sheet.Row row : sheet.rows()) {
            int count = torques.problems.size();
            Joint joint = torques.joint(row);
            if (!names.add(key(joint.name()))) {
                torques.problem(row, JOINT, joint.name() + " stands twice.");
            }
            if (torques.problems.size() > count) {
                continue;
            }
            Optional<Joint> before = Optional.ofNullable(torques.known.get(key(joint.name())));
            if (before.isEmpty()) {
                read.add(joint);
                items.add(uses.item(Fate.ADDED, new Id<>(""), joint.name(), List.of()));
            } else if (!before.get().equals(joint)) {
                read.add(joint);
                items.add(
                        uses.item(
                                Fate.CHANGED,
                                joint.id(),
                                joint.name(),
                                torques.differences(before.get(), joint)));
            }
        }
        manual.joints().stream()
                .filter(j -> !names.contains(key(j.name())))
                .forEach(j -> items.add(uses.item(Fate.ABSENT, j.id(), j.name(), List.of())));
        return new SheetReading(
                items, torques.problems, EditKind.IMPORT_TORQUES, m -> takenInto(m, read));
    }

    private List<String> differences(Joint before, Joint after) {
        return new Differences()
                .add("torque", print(before.torque()), print(after.torque()))
                .add("in another unit", print(before.second()), print(after.second()))
                .add("screw", screw(before), screw(after))
                .add("count", before.count(), after.count())
                .add("class", before.propertyClass(), after.propertyClass())
                .add("condition", before.condition(), after.condition())
                .add(
                        "stages",
                        QuantityList.entered(before.stages()),
                        QuantityList.entered(after.stages()))
                .add("order", before.order(), after.order())
                .add("angle", print(before.further()), print(after.further()))
                .add("turned", print(before.turned()), print(after.turned()))
                .add("by feel", before.feel(), after.feel())
                .add("turned back", print(before.backOff()), print(after.backOff()))
                .add("hand of thread", before.hand(), after.hand())
                .add("soft", before.soft(), after.soft())
                .all();
    }

    private String screw(Joint joint) {
        return StoreEdits.itemOf(manual, joint.fastener());
    }

    private static String print(Value value) {
        return value.known().map(Quantity::print).orElse("");
    }

    private static String print(Quantity quantity) {
        return quantity == null ? "" : quantity.print();
    }

    private void problem(Sheet.Row row, Field field, String reason) {
        problems.add(columns.problem(row, field, reason));
    }

    private Joint joint(Sheet.Row row) {
        String name = columns.text(row, JOINT);
        if (name.isEmpty()) {
            problem(row, JOINT, "the name is missing.");
        }
        Joint joint =
                known.getOrDefault(
                        key(name),
                        JointBuilder.builder().id(new Id<>("")).name(name).count(1).build());
        joint = fastener(row, joint);
        joint = count(row, joint);
        joint = known(row, STRENGTH, joint);
        joint = known(row, CONDITION, joint);
        joint = torque(row, joint);
        joint = hand(row, joint);
        if (columns.has(ORDER)) {
            joint = joint.withOrder(columns.text(row, ORDER));
        }
        if (!columns.text(row, SOFT).isEmpty()) {
            joint =
                    joint.withSoft(
                            columns.text(row, SOFT)
                                    .toLowerCase(Locale.ROOT)
                                    .matches("yes|y|x|true|soft|1"));
        }
        return joint;
    }

    private Joint fastener(Sheet.Row row, Joint joint) {
        String item = columns.text(row, ITEM);
        if (item.isEmpty()) {
            return joint;
        }
        Optional<Part> part = Optional.ofNullable(fasteners.get(key(item)));
        if (part.isEmpty()) {
            problem(row, ITEM, "there is no item " + item + ".");
        }
        return joint.withFastener(part.map(Part::id).orElse(joint.fastener()));
    }

    private Joint count(Sheet.Row row, Joint joint) {
        String count = columns.text(row, COUNT);
        if (count.isEmpty()) {
            return joint;
        }
        if (!count.matches("[1-9]\\d{0,3}(\\.0+)?")) {
            problem(row, COUNT, "“" + count + "” is no whole number above 0.");
            return joint;
        }
        return joint.withCount((int) Double.parseDouble(count));
    }

    private Joint known(Sheet.Row row, Field field, Joint joint) {
        String text = columns.text(row, field);
        if (text.isEmpty()) {
            return joint;
        }
        try {
            if (field == STRENGTH) {
                PropertyClass.parse(text);
                return joint.withPropertyClass(text);
            }
            ThreadCondition.parse(text);
            return joint.withCondition(text);
        } catch (IllegalArgumentException e) {
            problem(row, field, e.getMessage());
            return joint;
        }
    }

    private Joint torque(Sheet.Row row, Joint joint) {
        Joint next = joint;
        Optional<Quantity> value = quantity(row, TORQUE, MeasureUnit.Dimension.TORQUE);
        if (value.isPresent()) {
            if (joint.torque() == null || !joint.torque().known().equals(value)) {
                next = next.withTorque(new Value.Known(value.get(), List.of(), true));
            }
        } else if (next.torque() == null) {
            next = next.withTorque(new Value.Open("the list gives none", null));
        }
        Optional<Quantity> second = quantity(row, SECOND, MeasureUnit.Dimension.TORQUE);
        // what the program itself converted is no second value
        Optional<String> converted = value.flatMap(Quantity::inOtherSystem).map(Quantity::print);
        if (second.isPresent() && !converted.equals(second.map(Quantity::print))) {
            next = next.withSecond(second.get());
        }
        next = turns(row, next);
        if (!columns.has(STAGES)) {
            return next;
        }
        try {
            return next.withStages(QuantityList.parse(columns.text(row, STAGES)));
        } catch (IllegalArgumentException e) {
            problem(row, STAGES, e.getMessage());
            return next;
        }
    }

    private Joint turns(Sheet.Row row, Joint joint) {
        Joint next = joint;
        Optional<Quantity> further = quantity(row, FURTHER, MeasureUnit.Dimension.ANGLE);
        if (further.isPresent()) {
            next = next.withFurther(further.get());
        }
        Optional<Quantity> turned = quantity(row, TURNED, MeasureUnit.Dimension.ANGLE);
        if (turned.isPresent()) {
            next = next.withTurned(turned.get());
        }
        Optional<Quantity> back = quantity(row, BACK, MeasureUnit.Dimension.ANGLE);
        if (back.isPresent()) {
            next = next.withBackOff(back.get());
        }
        return columns.text(row, FEEL).isEmpty() ? next : next.withFeel(columns.text(row, FEEL));
    }

    private Joint hand(Sheet.Row row, Joint joint) {
        String hand = columns.text(row, HAND).toLowerCase(Locale.ROOT);
        return switch (hand) {
            case "", "–", "-" -> joint;
            case "left", "lh", "l", "left-hand" -> joint.withHand(ThreadTurn.Hand.LEFT);
            case "right", "rh", "r", "right-hand" -> joint.withHand(ThreadTurn.Hand.RIGHT);
            default -> {
                problem(row, HAND, "“" + hand + "” is neither left nor right.");
                yield joint;
            }
        };
    }

    private Optional<Quantity> quantity(
            Sheet.Row row, Field field, MeasureUnit.Dimension dimension) {
        String text = columns.text(row, field);
        if (text.isEmpty() || text.equals("–") || text.equals("-")) {
            return Optional.empty();
        }
        try {
            Quantity quantity = columns.quantity(row, field);
            if (quantity.unit().dimension() == dimension) {
                return Optional.of(quantity);
            }
            problem(
                    row,
                    field,
                    "“" + text + "” is no " + dimension.name().toLowerCase(Locale.ROOT) + ".");
        } catch (IllegalArgumentException e) {
            problem(row, field, e.getMessage());
        }
        return Optional.empty();
    }

    private static Manual takenInto(Manual start, List<Joint> read) {
        Manual now = start;
        for (Joint joint : read) {
            now =
                    joint.id().text().isEmpty()
                            ? now.withJoint(joint.withId(now.nextId("j"))).withIdTaken()
                            : now.withJoint(joint);
        }
        return now;
    }
}
