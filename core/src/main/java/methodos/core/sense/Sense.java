package methodos.core.sense;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;
import methodos.core.manual.TorqueDefault;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.manual.Wait;
import methodos.core.manual.Wrench;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.Quantity;

/**
 * Looks for places that make no sense. The program itself writes none; a file that was merged,
 * written by hand or damaged may have them, and is opened all the same with each of them named.
 */
public final class Sense {

    /** What ids are made of; some of them name files. */
    private static final Pattern ID = Pattern.compile("[\\p{Alnum}_-]{1,64}");

    private static final Pattern DIGEST = Pattern.compile("[0-9a-f]{64}");

    /** A span may end this much behind its clip: containers round their length. */
    private static final double SLACK_SECONDS = 2;

    private static final double LONGEST_WAIT_SECONDS = 366 * 86_400.0;

    /** How far outside its picture, in its own widths, a mark may lie: a balloon, a lens. */
    private static final double FAR_OUTSIDE = 20;

    private final Manual manual;
    private final Map<Class<?>, Set<String>> known = new HashMap<>();
    private final Set<String> ids = new HashSet<>();
    private final Map<String, Double> ends = new HashMap<>();
    private final Set<String> models = new HashSet<>();
    private final List<Senseless> found = new ArrayList<>();
    private String step;
    private String stepPath = "";

    private Sense(Manual manual) {
        this.manual = manual;
    }

    /** What makes no sense in a manual, in the order in which it stands; none in a sound one. */
    public static List<Senseless> of(Manual manual) {
        Sense sense = new Sense(manual);
        manual.unit().models().stream().map(Model::name).forEach(sense.models::add);
        manual.variants().stream().map(Variant::model).forEach(sense.models::add);
        manual.clips().forEach(c -> sense.ends.put(c.id(), c.duration() + SLACK_SECONDS));
        Walk.through(manual, sense::know);
        Walk.through(manual, sense::look);
        return List.copyOf(sense.found);
    }

    private void know(String path, Object owner, RecordShape.Component component, Object value) {
        if (!component.name().equals("id") || !(value instanceof String id)) {
            return;
        }
        boolean first = ids.add(scope(path, owner) + id);
        known.computeIfAbsent(owner.getClass(), c -> new HashSet<>()).add(id);
        if (owner instanceof Mark) {
            known.computeIfAbsent(Mark.class, c -> new HashSet<>()).add(id);
        }
        String at = owner instanceof Step ? id : null;
        if (!first) {
            found.add(new Senseless(Senseless.Kind.ID_TWICE, path, at, id));
        }
        if (!ID.matcher(id).matches()) {
            found.add(new Senseless(Senseless.Kind.STRANGE_ID, path, at, id));
        }
    }

    /** Within what an id is the only one: checks in their symptom, marks in their figure. */
    private static String scope(String path, Object owner) {
        boolean inner = owner instanceof Symptom.Check || owner instanceof Mark;
        return inner
                ? path.substring(0, path.indexOf(']')) + "#"
                : owner.getClass().getName() + "#";
    }

    private void look(String path, Object owner, RecordShape.Component component, Object value) {
        if (owner instanceof Step s) {
            step = s.id();
            stepPath = path.substring(0, path.lastIndexOf('.'));
        } else if (!path.startsWith(stepPath)) {
            step = null;
        }
        if (!component.refersTo().isEmpty()) {
            if (value instanceof List<?> list) {
                list.forEach(id -> leads(path, component, (String) id));
            } else {
                leads(path, component, (String) value);
            }
        }
        if (component.name().equals("count") && value instanceof Integer n && n < 1) {
            add(Senseless.Kind.TOO_FEW, path, String.valueOf(n));
        }
        range(path, owner, component, value);
        dimensions(path, owner, component, value);
        names(path, owner, component, value);
    }

    private void leads(String path, RecordShape.Component component, String id) {
        boolean there =
                id == null
                        || component.refersTo().stream()
                                .anyMatch(t -> known.getOrDefault(t, Set.of()).contains(id));
        if (!there) {
            add(Senseless.Kind.LEADS_NOWHERE, path, id);
        }
    }

    private void range(String path, Object owner, RecordShape.Component component, Object value) {
        boolean wrong = false;
        if (value instanceof Double d && !Double.isFinite(d)) {
            wrong = true;
        } else if (owner instanceof Span span && component.name().equals("end")) {
            wrong = span.start() < 0 || after(span.clip(), span.end());
        } else if (owner instanceof Figure.Still still && component.name().equals("time")) {
            wrong = still.time() < 0 || after(still.clip(), still.time());
        } else if (owner instanceof Clip clip && component.name().equals("duration")) {
            wrong = clip.duration() < 0;
        } else if (owner instanceof Clip clip && component.name().equals("size")) {
            wrong = clip.size() < 0;
        } else if (owner instanceof Wait wait && component.name().equals("seconds")) {
            wrong = !(wait.seconds() >= 0 && wait.seconds() <= LONGEST_WAIT_SECONDS);
        } else if (owner instanceof Point && value instanceof Double d) {
            wrong = Math.abs(d) > FAR_OUTSIDE;
        } else if (owner instanceof Part part && component.name().equals("quantity")) {
            wrong = part.quantity() < 1;
        } else if (owner instanceof Manual && component.name().equals("lastId")) {
            if (highestId(manual) > manual.lastId()) {
                add(Senseless.Kind.COUNTER_TOO_LOW, path, String.valueOf(value));
            }
        }
        if (wrong) {
            add(Senseless.Kind.OUT_OF_RANGE, path, String.valueOf(value));
        }
    }

    private void dimensions(
            String path, Object owner, RecordShape.Component component, Object value) {
        Dimension wanted = wanted(owner, component.name());
        if (wanted == null) {
            return;
        }
        List<?> all =
                value instanceof List<?> list ? list : value == null ? List.of() : List.of(value);
        for (Object one : all) {
            Quantity quantity = one instanceof Value v ? v.known().orElse(null) : (Quantity) one;
            if (quantity != null && quantity.unit().dimension() != wanted) {
                add(Senseless.Kind.WRONG_DIMENSION, path, quantity.entered());
            }
        }
    }

    private static Dimension wanted(Object owner, String component) {
        boolean torque =
                owner instanceof Wrench && component.equals("range")
                        || owner instanceof TorqueDefault && component.equals("torque")
                        || owner instanceof Joint
                                && (component.equals("torque") || component.equals("second"));
        if (torque) {
            return Dimension.TORQUE;
        }
        if (owner instanceof Joint && component.equals("angle")) {
            return Dimension.ANGLE;
        }
        return owner instanceof Mark.Scale && component.equals("sizes") ? Dimension.LENGTH : null;
    }

    private boolean after(String clip, double time) {
        Double end = ends.get(clip);
        return end != null && time > end;
    }

    private void names(String path, Object owner, RecordShape.Component component, Object value) {
        if (owner instanceof Applicability.Condition && component.name().equals("models")) {
            for (Object model : (List<?>) value) {
                if (!models.contains(model)) {
                    add(Senseless.Kind.NO_SUCH_MODEL, path, String.valueOf(model));
                }
            }
        }
        boolean digest =
                owner instanceof Figure && component.name().equals("picture")
                        || owner instanceof Clip && component.name().equals("captions");
        if (digest && value instanceof String name && !DIGEST.matcher(name).matches()) {
            add(Senseless.Kind.NO_DIGEST, path, name);
        }
    }

    private void add(Senseless.Kind kind, String path, String what) {
        found.add(new Senseless(kind, path, step, what));
    }

    /** The highest number that an id of the manual was made from; 0 where there is none. */
    static long highestId(Manual manual) {
        long[] highest = {0};
        Walk.through(
                manual,
                (path, owner, component, value) -> {
                    if (component.name().equals("id") && value instanceof String id) {
                        highest[0] = Math.max(highest[0], number(id));
                    }
                });
        return highest[0];
    }

    private static long number(String id) {
        int at = id.length();
        while (at > 0 && id.charAt(at - 1) >= '0' && id.charAt(at - 1) <= '9') {
            at--;
        }
        String digits = id.substring(at);
        return digits.isEmpty() || digits.length() > 15 ? 0 : Long.parseLong(digits);
    }
}
