package methodos.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;

/**
 * A value of a step, for comparison.
 *
 * @param start seconds, of its step
 * @param end seconds
 * @param text how it is written, where that is compared
 * @param least null for open
 * @param most null for open
 * @param names the heads of the names that it is told of
 */
record Value(
        Type type,
        double start,
        double end,
        String text,
        Double least,
        Double most,
        Set<String> names) {

    /** What is compared, and how. */
    enum Type {
        TORQUE,
        LIMIT,
        WAIT,
        REPEAT,
        LEFT_HAND,
        PATTERN,
        TOOL_SIZE,
        QUANTITY,
        PART_SIZE,
        CONSUMABLE,
        HAZARD,
        TOOL,
        ORIENTATION,
        CONDITION,
        REFERENCE;

        /** Whether a wrong one breaks something or hurts somebody. */
        boolean figure() {
            return ordinal() <= PATTERN.ordinal();
        }

        /** Whether it counts among all values. */
        boolean counted() {
            return ordinal() <= HAZARD.ordinal();
        }

        /** Whether a step that has one too many cannot stand as it is. */
        boolean harmful() {
            return figure() || this == TOOL_SIZE;
        }
    }

    /** All values of a step. */
    static List<Value> of(DraftedStep s, Set<String> otherParts) {
        List<Value> all = new ArrayList<>();
        if (s.kind() == Kind.NOTE) {
            return all;
        }
        s.torques().forEach(t -> all.add(number(s, Type.TORQUE, t.min(), t.max(), t.unit())));
        for (DraftedStep.Limit l : s.limits()) {
            boolean time = l.unit() != null && l.unit().matches("s|min|h");
            if (time && l.min() != null && l.min().equals(l.max())) {
                double each = l.unit().equals("h") ? 3600 : l.unit().equals("min") ? 60 : 1;
                all.add(number(s, Type.WAIT, l.min() * each, l.min() * each, "s"));
            } else {
                double part = Set.of("thou", "mil").contains(l.unit()) ? 0.001 : 1;
                all.add(
                        number(
                                s,
                                Type.LIMIT,
                                l.min() == null ? null : l.min() * part,
                                l.max() == null ? null : l.max() * part,
                                part < 1 ? "in" : unit(l.unit())));
            }
        }
        s.waits().forEach(w -> all.add(number(s, Type.WAIT, w.seconds(), w.seconds(), "s")));
        if (s.repeats() != null) {
            double count = s.repeats().count();
            double most = s.repeats().max() == null ? count : s.repeats().max();
            all.add(number(s, Type.REPEAT, count, most, ""));
        }
        if ("left".equals(s.threadDirection())) {
            all.add(text(s, Type.LEFT_HAND, "left"));
        }
        text(s, Type.PATTERN, s.pattern(), all);
        for (DraftedStep.ToolNamed t : s.tools()) {
            all.add(
                    new Value(
                            Type.TOOL,
                            s.start(),
                            s.end(),
                            null,
                            null,
                            null,
                            Names.heads(t.name())));
            if (t.size() != null) {
                all.add(text(s, Type.TOOL_SIZE, Names.size(t.size())));
            }
        }
        for (DraftedStep.PartNamed p : s.parts()) {
            if (p.quantity() != null && p.quantity() != 1) {
                Set<String> names = new java.util.HashSet<>(Names.heads(p.name()));
                otherParts.forEach(o -> names.addAll(Names.heads(o)));
                double count = p.quantity();
                all.add(new Value(Type.QUANTITY, s.start(), s.end(), null, count, count, names));
            }
            if (p.size() != null) {
                all.add(text(s, Type.PART_SIZE, Names.size(p.size())));
            }
        }
        s.consumables().forEach(c -> text(s, Type.CONSUMABLE, c, all));
        s.hazards().forEach(h -> text(s, Type.HAZARD, h.toLowerCase(Locale.ROOT), all));
        text(s, Type.ORIENTATION, s.orientation(), all);
        text(s, Type.CONDITION, s.condition(), all);
        text(s, Type.REFERENCE, s.reference(), all);
        return all;
    }

    private static String unit(String unit) {
        return unit == null
                ? ""
                : switch (unit.toLowerCase(Locale.ROOT)) {
                    case "turns" -> "turn";
                    case "degree", "degrees", "°" -> "deg";
                    case "l", "litre", "liter" -> "L";
                    case "ml", "cc" -> "mL";
                    case "percent" -> "%";
                    default -> unit;
                };
    }

    private static void text(DraftedStep s, Type type, String text, List<Value> all) {
        if (text != null) {
            all.add(text(s, type, text));
        }
    }

    private static Value text(DraftedStep s, Type type, String text) {
        return new Value(type, s.start(), s.end(), text, null, null, Set.of());
    }

    private static Value number(DraftedStep s, Type type, Double least, Double most, String unit) {
        return new Value(type, s.start(), s.end(), unit, least, most, Set.of());
    }

    /** Whether another is the same, wherever it stands. */
    boolean same(Value o) {
        if (type != o.type) {
            return false;
        }
        return switch (type) {
            case TORQUE, LIMIT, WAIT, REPEAT ->
                    Objects.equals(text, o.text) && near(least, o.least) && near(most, o.most);
            case QUANTITY -> near(least, o.least) && Names.shares(names, o.names);
            case TOOL -> Names.shares(names, o.names);
            case CONSUMABLE -> Names.overlap(text, o.text);
            case ORIENTATION, CONDITION, REFERENCE -> Names.alike(text, o.text);
            case LEFT_HAND, PATTERN, TOOL_SIZE, PART_SIZE, HAZARD -> text.equals(o.text);
        };
    }

    private static boolean near(Double a, Double b) {
        return a == null || b == null
                ? a == null && b == null
                : Math.abs(a - b) <= 1e-3 * Math.max(1e-9, Math.max(Math.abs(a), Math.abs(b)));
    }

    /** Seconds between the steps of two values; 0 where they overlap. */
    double gap(Value o) {
        return Math.max(0, Math.max(start - o.end, o.start - end));
    }
}
