package methodos.core.sense;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.description.Id;
import methodos.core.description.RecordShape.Component;
import methodos.core.description.Walk;
import methodos.core.description.Walk.Where;
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

    private final Map<Class<?>, Set<Id<?>>> known = new HashMap<>();

    /** The ids that were met, by that within which each is the only one. */
    private final Map<Object, Set<String>> passed = new HashMap<>();

    private final Map<Id<Clip>, Double> ends = new HashMap<>();
    private final Set<String> models = new HashSet<>();
    private final List<Senseless> found = new ArrayList<>();
    private long highest;

    /** The very steps in which nothing was found. */
    private final Set<Step> sound = Collections.newSetFromMap(new IdentityHashMap<>());

    private Sense() {}

    /** What makes no sense in a manual, in the order in which it stands; none in a sound one. */
    public static List<Senseless> of(Manual manual) {
        return new Sense().after(manual).found();
    }

    /** One that has seen nothing yet. */
    public static Sense ofNothing() {
        return new Sense();
    }

    /**
     * Looks at a manual after this one: steps that are the same and were sound are not looked at
     * again, if all that they can lead to is the same as well.
     */
    public Sense after(Manual manual) {
        Sense next = new Sense();
        manual.unit().models().stream().map(Model::name).forEach(next.models::add);
        manual.variants().stream().map(Variant::model).forEach(next.models::add);
        manual.clips().forEach(c -> next.ends.put(c.id(), c.duration() + SLACK_SECONDS));
        Walk.ids(manual, next::know);
        boolean same =
                known.equals(next.known) && models.equals(next.models) && ends.equals(next.ends);
        Set<Step> passed = same ? sound : Set.of();
        Walk.through(manual, step -> !(step instanceof Step s && passed.contains(s)), next::look);
        Set<Id<Step>> unsound = new HashSet<>();
        next.found.stream().map(Senseless::step).filter(Objects::nonNull).forEach(unsound::add);
        manual.steps().filter(s -> !unsound.contains(s.id())).forEach(next.sound::add);
        return next;
    }

    /** What made no sense, in the order in which it stands. */
    public List<Senseless> found() {
        return List.copyOf(found);
    }

    private void know(Where where, Component component, Object value) {
        Id<?> id = (Id<?>) value;
        highest = Math.max(highest, number(id));
        Object owner = where.owner();
        known.computeIfAbsent(owner.getClass(), c -> new HashSet<>()).add(id);
        if (owner instanceof Mark) {
            known.computeIfAbsent(Mark.class, c -> new HashSet<>()).add(id);
        }
        if (!passed.computeIfAbsent(scope(where), s -> new HashSet<>()).add(id.text())) {
            add(Senseless.Kind.ID_TWICE, where, component, id.text());
        }
        if (!ID.matcher(id.text()).matches()) {
            add(Senseless.Kind.STRANGE_ID, where, component, id.text());
        }
    }

    /** Within what an id is the only one: checks in their symptom, marks in their figure. */
    private static Object scope(Where where) {
        boolean inner = where.owner() instanceof Symptom.Check || where.owner() instanceof Mark;
        return inner ? where.outer().path() : where.owner().getClass();
    }

    private void look(Where where, Component component, Object value) {
        if (value == null || value instanceof List<?> list && list.isEmpty()) {
            return; // most components of a step: where nothing is said, nothing can be wrong
        }
        if (!component.refersTo().isEmpty()) {
            if (value instanceof List<?> ids) {
                ids.forEach(id -> leads(where, component, (Id<?>) id));
            } else {
                leads(where, component, (Id<?>) value);
            }
        }
        if (component.name().equals("count") && value instanceof Integer n && n < 1) {
            add(Senseless.Kind.TOO_FEW, where, component, String.valueOf(n));
        }
        range(where, component, value);
        dimensions(where, component, value);
        names(where, component, value);
    }

    private void leads(Where where, Component component, Id<?> id) {
        boolean there =
                id == null
                        || component.refersTo().stream()
                                .anyMatch(t -> known.getOrDefault(t, Set.of()).contains(id));
        if (!there) {
            add(Senseless.Kind.LEADS_NOWHERE, where, component, id.text());
        }
    }

    private void range(Where where, Component component, Object value) {
        Object owner = where.owner();
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
        } else if (owner instanceof Manual manual && component.name().equals("lastId")) {
            if (highest > manual.lastId()) {
                add(Senseless.Kind.COUNTER_TOO_LOW, where, component, String.valueOf(value));
            }
        }
        if (wrong) {
            add(Senseless.Kind.OUT_OF_RANGE, where, component, String.valueOf(value));
        }
    }

    private void dimensions(Where where, Component component, Object value) {
        Object owner = where.owner();
        Dimension wanted = wanted(owner, component.name());
        if (wanted == null) {
            return;
        }
        List<?> all =
                value instanceof List<?> list ? list : value == null ? List.of() : List.of(value);
        for (Object one : all) {
            Quantity quantity = one instanceof Value v ? v.known().orElse(null) : (Quantity) one;
            if (quantity != null && quantity.unit().dimension() != wanted) {
                add(Senseless.Kind.WRONG_DIMENSION, where, component, quantity.entered());
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

    private boolean after(Id<Clip> clip, double time) {
        Double end = ends.get(clip);
        return end != null && time > end;
    }

    private void names(Where where, Component component, Object value) {
        Object owner = where.owner();
        if (owner instanceof Applicability.Condition && component.name().equals("models")) {
            for (Object model : (List<?>) value) {
                if (!models.contains(model)) {
                    add(Senseless.Kind.NO_SUCH_MODEL, where, component, String.valueOf(model));
                }
            }
        }
        boolean digest =
                owner instanceof Figure && component.name().equals("picture")
                        || owner instanceof Clip && component.name().equals("captions");
        if (digest && value instanceof String name && !DIGEST.matcher(name).matches()) {
            add(Senseless.Kind.NO_DIGEST, where, component, name);
        }
    }

    private void add(Senseless.Kind kind, Where where, Component component, String what) {
        Id<Step> step = where.within(Step.class).map(Step::id).orElse(null);
        found.add(new Senseless(kind, where.path(component), step, what));
    }

    /** The highest number that an id of the manual was made from; 0 where there is none. */
    static long highestId(Manual manual) {
        Sense sense = new Sense();
        Walk.ids(manual, sense::know);
        return sense.highest;
    }

    private static long number(Id<?> id) {
        int at = id.text().length();
        while (at > 0 && id.text().charAt(at - 1) >= '0' && id.text().charAt(at - 1) <= '9') {
            at--;
        }
        String digits = id.text().substring(at);
        return digits.isEmpty() || digits.length() > 15 ? 0 : Long.parseLong(digits);
    }
}
