package methodos.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Where parts were seen: what is gone after a step is what the step took off, what is new is what
 * it put on.
 *
 * <p>Where a step handles several parts and as many things changed, they are taken in the order of
 * the words; where fewer changed, the first part is the one that is seen. Nothing is seen of a part
 * for which no change is left.
 */
public final class Sightings {

    /** Less sure changes are not taken for a part. */
    private static final double LEAST = .33;

    /** A choice among several is so much less sure. */
    private static final double CHOSEN = .85;

    /** Several parts told apart by the order of the words alone. */
    private static final double BY_ORDER = .7;

    /** What is told so much less than the first stands beside it and is not one of several. */
    private static final double STANDS_OUT = .5;

    /** As near to the edge of the picture, as a share of it, a change is cut off. */
    private static final double EDGE = .012;

    private static final double AT_EDGE = .6;

    /** A part that the step only touches and that lies elsewhere afterwards. */
    private static final double TOUCHED = .75;

    /**
     * The author may have pointed at what hides the part; and how much around a spot is looked at.
     */
    private static final double POINTED_AT = .95;

    private static final double SPOT = .09;

    /** Things of one kind differ in size by this factor at most. */
    private static final double ALIKE = 2.6;

    private final Manual manual;
    private final Map<Id<Step>, SeenSpan> seen;

    private Sightings(Manual manual, Map<Id<Step>, SeenSpan> seen) {
        this.manual = manual;
        this.seen = seen;
    }

    /**
     * @param seen what the film shows of each step, by the first span of the step
     * @return for each step its sightings, those of the part named first first
     */
    public static Map<Id<Step>, List<Sighting>> of(Manual manual, Map<Id<Step>, SeenSpan> seen) {
        Sightings sightings = new Sightings(manual, seen);
        Map<Id<Step>, List<Sighting>> all = new HashMap<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                if (seen.containsKey(step.id()) && !step.spans().isEmpty()) {
                    all.put(step.id(), sightings.of(step, stage.kind()));
                }
            }
        }
        return all;
    }

    /** Where the author himself pointed at parts, on stills of clips. */
    public static List<Sighting> pointedAt(Manual manual) {
        List<Sighting> all = new ArrayList<>();
        for (Step step : manual.steps().toList()) {
            for (Id<Figure> id : step.figures()) {
                Figure figure = manual.figure(id).orElse(null);
                if (figure == null || figure.still() == null) {
                    continue;
                }
                for (Mark mark : figure.marks()) {
                    if (mark instanceof Mark.Callout c && !figure.doubtful().contains(c.id())) {
                        all.add(
                                new Sighting(
                                        c.part(),
                                        step.id(),
                                        figure.still().clip(),
                                        figure.still().time(),
                                        spot(c.target()),
                                        POINTED_AT));
                    }
                }
            }
        }
        return all;
    }

    private static SeenChange spot(Point at) {
        return new SeenChange(SeenChange.Kind.GONE, at, SPOT, SPOT, List.of(), POINTED_AT, null, 0);
    }

    private List<Sighting> of(Step step, Stage.Kind stage) {
        SeenSpan span = seen.get(step.id());
        List<Sighting> all = new ArrayList<>();
        for (PartUse.Handling handling :
                List.of(PartUse.Handling.TAKEN_OFF, PartUse.Handling.PUT_ON)) {
            boolean off = handling == PartUse.Handling.TAKEN_OFF;
            List<PartUse> uses =
                    step.parts().stream().filter(u -> u.in(stage) == handling).toList();
            assign(mainFirst(uses), places(span, off))
                    .forEach(
                            (use, found) ->
                                    found.forEach(
                                            f ->
                                                    all.add(
                                                            new Sighting(
                                                                    use.part(),
                                                                    step.id(),
                                                                    step.spans().get(0).clip(),
                                                                    off
                                                                            ? span.before()
                                                                            : span.after(),
                                                                    f.change,
                                                                    f.sure))));
        }
        if (all.isEmpty()) {
            all.addAll(touched(step, stage, span));
        }
        List<Id<Part>> order = step.parts().stream().map(PartUse::part).toList();
        all.sort(Comparator.comparingInt(s -> order.indexOf(s.part())));
        return all;
    }

    /** What a step turns or presses may lie elsewhere afterwards, and stay on. */
    private static List<Sighting> touched(Step step, Stage.Kind stage, SeenSpan span) {
        List<PartUse> uses =
                step.parts().stream()
                        .filter(u -> u.in(stage) == PartUse.Handling.TOUCHED && u.count() > 1)
                        .toList();
        List<SeenChange> places = places(span, false);
        if (uses.size() != 1 || places.size() < uses.get(0).count()) {
            return List.of();
        }
        return ofOne(uses.get(0).count(), places).stream()
                .map(
                        f ->
                                new Sighting(
                                        uses.get(0).part(),
                                        step.id(),
                                        step.spans().get(0).clip(),
                                        span.after(),
                                        f.change,
                                        TOUCHED * f.sure))
                .toList();
    }

    private record Found(SeenChange change, double sure) {}

    /** What is renewed each time is a seal or a pin in or on the thing that the step is about. */
    private List<PartUse> mainFirst(List<PartUse> uses) {
        List<PartUse> all = new ArrayList<>(uses);
        all.sort(Comparator.comparing(u -> alwaysNew(u.part())));
        return all;
    }

    private boolean alwaysNew(Id<Part> part) {
        return manual.part(part).filter(p -> p.reuse() == ReuseRule.ALWAYS_NEW).isPresent();
    }

    private static List<SeenChange> places(SeenSpan span, boolean off) {
        SeenChange.Kind kind = off ? SeenChange.Kind.GONE : SeenChange.Kind.NEW;
        return span.changes().stream()
                .filter(c -> c.kind() == kind && c.sure() >= LEAST)
                .sorted(Comparator.comparingDouble(Sightings::weight).reversed())
                .toList();
    }

    /**
     * A large change is more likely what the step is about than a small one; what reaches over the
     * edge of the picture may be held there by a hand.
     */
    private static double weight(SeenChange change) {
        Point m = change.middle();
        double toEdge =
                Math.min(
                        Math.min(m.x() - change.width() / 2, 1 - m.x() - change.width() / 2),
                        Math.min(m.y() - change.height() / 2, 1 - m.y() - change.height() / 2));
        return change.sure()
                * Math.pow(change.width() * change.height(), .2)
                * (toEdge < EDGE ? AT_EDGE : 1);
    }

    private static Map<PartUse, List<Found>> assign(List<PartUse> uses, List<SeenChange> places) {
        Map<PartUse, List<Found>> all = new HashMap<>();
        if (uses.isEmpty() || places.isEmpty()) {
            return all;
        }
        if (uses.size() == 1) {
            all.put(uses.get(0), ofOne(uses.get(0).count(), places));
        } else if (places.size() >= uses.size()
                && uses.stream().allMatch(u -> u.count() == 1)
                && alike(places.subList(0, uses.size()))) {
            List<SeenChange> first = new ArrayList<>(places.subList(0, uses.size()));
            first.sort(Comparator.comparingDouble(c -> c.at() == null ? 0 : c.at()));
            for (int i = 0; i < uses.size(); i++) {
                SeenChange change = first.get(i);
                all.put(uses.get(i), List.of(new Found(change, BY_ORDER * change.sure())));
            }
        } else {
            PartUse main = uses.get(0);
            all.put(
                    main,
                    ofOne(main.count(), places).stream()
                            .map(f -> new Found(f.change, CHOSEN * f.sure))
                            .toList());
        }
        return all;
    }

    /** Changes that stand out equally. */
    private static boolean alike(List<SeenChange> places) {
        double most = weight(places.get(0));
        return places.stream().allMatch(p -> weight(p) > .55 * most);
    }

    private static List<Found> ofOne(int count, List<SeenChange> places) {
        SeenChange first = places.get(0);
        if (count == 1 || places.size() == 1) {
            boolean clear = places.size() == 1 || weight(places.get(1)) < .6 * weight(first);
            return List.of(new Found(first, first.sure() * (clear ? 1 : CHOSEN)));
        }
        List<SeenChange> best = List.of();
        List<SeenChange> strong =
                places.stream().filter(p -> weight(p) > STANDS_OUT * weight(first)).toList();
        for (SeenChange each : strong) {
            List<SeenChange> like =
                    strong.stream().filter(p -> size(p, each) <= ALIKE).limit(count).toList();
            if (like.size() > best.size()) {
                best = like;
            }
        }
        double sure = best.size() == count ? 1 : CHOSEN;
        return best.stream()
                .sorted(Comparator.comparingDouble(c -> c.at() == null ? 0 : c.at()))
                .map(c -> new Found(c, sure * c.sure()))
                .toList();
    }

    private static double size(SeenChange a, SeenChange b) {
        double one = a.width() * a.height();
        double other = b.width() * b.height();
        return Math.max(one, other) / Math.max(1e-9, Math.min(one, other));
    }
}
