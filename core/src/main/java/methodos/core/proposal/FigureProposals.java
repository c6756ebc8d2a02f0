package methodos.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import methodos.core.change.SearchSpan;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.proposal.ProposedFigure.ProposedMark;

/** Drafts the figures of steps from what the film shows. */
public final class FigureProposals {

    /** A part is to fill this share of the width of what is shown. */
    private static final double FILLS = .25;

    /** Less of a still is too coarse to be printed, more is the whole. */
    private static final double SMALLEST = .32;

    private static final double LARGEST = .8;

    /** What is smaller than this share of the crop's width gets a lens. */
    private static final double LENS = .07;

    /** So many callouts of other parts than those of the step. */
    private static final int OTHERS = 2;

    /** Steps so near to a step are about the same parts. */
    private static final int NEAR = 4;

    /** Less sure, a mark is not proposed. */
    private static final double LEAST = .3;

    /** The same for a part that the step does not handle. */
    private static final double LEAST_OTHER = .45;

    /** A part that is found again is so sure at most. */
    private static final double CARRIED = .9;

    /** So much of the span of another step nothing is done in yet, or any more. */
    private static final double OVERLAP = .25;

    private final Manual manual;
    private final Map<Id<Step>, SeenSpan> seen;
    private final Map<Id<Step>, List<Sighting>> sightings;
    private final List<Sighting> pointedAt;
    private final List<Step> steps;
    private final PlaceFinder finder;
    private final ToDoubleFunction<Id<Clip>> shape;

    /**
     * @param seen what the film shows of each step, by the first span of the step
     * @param shape height of the pictures of a clip as a share of their width
     */
    public FigureProposals(
            Manual manual,
            Map<Id<Step>, SeenSpan> seen,
            PlaceFinder finder,
            ToDoubleFunction<Id<Clip>> shape) {
        this.manual = manual;
        this.seen = seen;
        this.sightings = Sightings.of(manual, seen);
        this.pointedAt = Sightings.pointedAt(manual);
        this.steps = manual.steps().toList();
        this.finder = finder;
        this.shape = shape;
    }

    /** What is proposed for a step; empty where the film shows nothing of it. */
    public Optional<ProposedFigure> of(Step step) {
        SeenSpan span = seen.get(step.id());
        if (span == null || step.spans().isEmpty()) {
            return Optional.empty();
        }
        Id<Clip> clip = step.spans().get(0).clip();
        List<Sighting> own = sightings.getOrDefault(step.id(), List.of());
        double time = time(step, span, own);
        List<ProposedMark> marks = new ArrayList<>();
        List<SeenChange> used = new ArrayList<>();
        Set<Id<Part>> shown = new HashSet<>();
        List<Box> boxes = new ArrayList<>();
        for (Sighting s : own) {
            if (s.time() != time || s.sure() < LEAST) {
                continue;
            }
            used.add(s.place());
            boxes.add(Box.of(s.place()));
            Point at = s.place().middle();
            marks.add(
                    new ProposedMark(
                            shown.add(s.part())
                                    ? new Mark.Callout(null, s.part(), at, null)
                                    : new Mark.ScrewPlace(null, s.part(), at),
                            s.sure()));
        }
        for (PartUse use : step.parts()) {
            if (!shown.contains(use.part())) {
                found(use.part(), clip, time)
                        .filter(f -> f.sure >= LEAST)
                        .ifPresent(
                                f -> {
                                    shown.add(use.part());
                                    boxes.add(f.box());
                                    marks.add(f.callout());
                                });
            }
        }
        double high = shape.applyAsDouble(clip);
        Preparation.Crop crop = boxes.isEmpty() ? null : crop(boxes, high);
        int of = marks.size();
        others(step, clip, time).stream()
                .filter(f -> !shown.contains(f.part) && f.sure >= LEAST_OTHER)
                .filter(f -> shows(crop, f.at, high))
                .limit(OTHERS)
                .forEach(f -> marks.add(f.callout()));
        lens(boxes, crop).ifPresent(marks::add);
        if (marks.isEmpty() && span.changes().isEmpty()) {
            return Optional.empty();
        }
        double sure = marks.stream().limit(of).mapToDouble(ProposedMark::sure).max().orElse(0);
        List<SeenChange> rest =
                span.changes().stream()
                        .filter(c -> !used.contains(c))
                        .filter(c -> (c.kind() == SeenChange.Kind.GONE) == (time == span.before()))
                        .toList();
        return Optional.of(
                new ProposedFigure(
                        step.id(), new Figure.Still(clip, time), crop, marks, rest, sure));
    }

    /** Before for what comes off, after for what goes on. */
    private double time(Step step, SeenSpan span, List<Sighting> own) {
        if (!own.isEmpty()) {
            return own.get(0).time();
        }
        Stage.Kind stage = manual.stageOf(step.id()).map(Stage::kind).orElse(Stage.Kind.TAKE_DOWN);
        boolean off =
                step.parts().stream().anyMatch(u -> u.in(stage) == PartUse.Handling.TAKEN_OFF);
        return off ? span.before() : span.after();
    }

    /** A part that was seen elsewhere and is found again. */
    private record Again(Id<Part> part, Point at, double radius, double sure) {

        ProposedMark callout() {
            return new ProposedMark(new Mark.Callout(null, part, at, null), sure);
        }

        Box box() {
            return new Box(at.x() - radius, at.y() - radius, at.x() + radius, at.y() + radius);
        }
    }

    private Optional<Again> found(Id<Part> part, Id<Clip> clip, double time) {
        return Stream.concat(pointedAt.stream(), sightings.values().stream().flatMap(List::stream))
                .filter(s -> s.part().equals(part) && s.clip().equals(clip))
                .flatMap(s -> again(s, time).stream())
                .max(Comparator.comparingDouble(Again::sure));
    }

    private Optional<Again> again(Sighting s, double time) {
        if (s.time() == time) {
            return Optional.of(again(s, s.place().middle(), 1));
        }
        if (handledBetween(s, time)) {
            return Optional.empty();
        }
        return finder.find(s.clip(), s.time(), s.place().middle(), s.radius(), time)
                .map(c -> again(s, c.place(), c.trust()));
    }

    /** Whether the part came off or was put on between its sighting and a time of the clip. */
    private boolean handledBetween(Sighting sighting, double time) {
        double from = Math.min(sighting.time(), time);
        double to = Math.max(sighting.time(), time);
        return manual.stages().stream()
                .anyMatch(
                        stage ->
                                stage.steps().stream()
                                        .filter(s -> within(s, sighting.clip(), from, to))
                                        .flatMap(s -> s.parts().stream())
                                        .filter(u -> u.part().equals(sighting.part()))
                                        .anyMatch(u -> moves(u.in(stage.kind()))));
    }

    private static boolean within(Step step, Id<Clip> clip, double from, double to) {
        return step.spans().stream()
                .filter(s -> s.clip().equals(clip))
                .mapToDouble(s -> (s.start() + s.end()) / 2)
                .anyMatch(middle -> middle > from && middle < to);
    }

    private static boolean moves(PartUse.Handling handling) {
        return handling == PartUse.Handling.TAKEN_OFF || handling == PartUse.Handling.PUT_ON;
    }

    private static Again again(Sighting s, Point at, double trust) {
        return new Again(s.part(), at, s.radius(), Math.min(CARRIED, s.sure() * trust));
    }

    /** Parts of the steps around that are in the picture too, the nearest step first. */
    private List<Again> others(Step step, Id<Clip> clip, double time) {
        int at = steps.stream().map(Step::id).toList().indexOf(step.id());
        List<Again> all = new ArrayList<>();
        for (int away = 1; away <= NEAR; away++) {
            for (int i : new int[] {at + away, at - away}) {
                if (i < 0 || i >= steps.size()) {
                    continue;
                }
                Id<Step> id = steps.get(i).id();
                List<Sighting> there = new ArrayList<>(sightings.getOrDefault(id, List.of()));
                pointedAt.stream().filter(s -> s.step().equals(id)).forEach(there::add);
                for (Sighting s : there) {
                    if (s.clip().equals(clip)
                            && all.stream().noneMatch(a -> a.part.equals(s.part()))) {
                        again(s, time).ifPresent(all::add);
                    }
                }
            }
        }
        return all;
    }

    private record Box(double left, double top, double right, double bottom) {

        static Box of(SeenChange c) {
            Point m = c.middle();
            return new Box(
                    m.x() - c.width() / 2,
                    m.y() - c.height() / 2,
                    m.x() + c.width() / 2,
                    m.y() + c.height() / 2);
        }

        Box with(Box other) {
            return new Box(
                    Math.min(left, other.left),
                    Math.min(top, other.top),
                    Math.max(right, other.right),
                    Math.max(bottom, other.bottom));
        }

        double width() {
            return right - left;
        }
    }

    /** Where it happens, with enough around it to know the place; null for the whole still. */
    private static Preparation.Crop crop(List<Box> boxes, double high) {
        Box all = boxes.stream().reduce(Box::with).orElseThrow();
        double part = boxes.stream().mapToDouble(Box::width).max().orElse(0);
        double width =
                Math.max(
                        Math.max(SMALLEST, part / FILLS),
                        1.25 * Math.max(all.width(), all.bottom() - all.top()));
        if (width >= LARGEST) {
            return null;
        }
        double half = width / 2;
        double x = Math.max(half, Math.min(1 - half, (all.left() + all.right()) / 2));
        double y = Math.max(half, Math.min(1 - half, (all.top() + all.bottom()) / 2));
        return new Preparation.Crop(
                x - half - .5, (y - half - .5) * high, x + half - .5, (y + half - .5) * high);
    }

    private static boolean shows(Preparation.Crop crop, Point p, double high) {
        if (crop == null) {
            return p.x() > .02 && p.x() < .98 && p.y() > .02 && p.y() < .98;
        }
        double x = p.x() - .5;
        double y = (p.y() - .5) * high;
        double edge = .02 * crop.width();
        return x > crop.left() + edge
                && x < crop.right() - edge
                && y > crop.top() + edge
                && y < crop.bottom() - edge;
    }

    private static Optional<ProposedMark> lens(List<Box> boxes, Preparation.Crop crop) {
        double shown = crop == null ? 1 : crop.width();
        return boxes.stream()
                .filter(b -> b.width() < LENS * shown)
                .findFirst()
                .map(
                        b -> {
                            Point spot =
                                    new Point(
                                            (b.left() + b.right()) / 2, (b.top() + b.bottom()) / 2);
                            Point rim = spot.plus(1.6 * b.width(), 0);
                            return new ProposedMark(new Mark.Detail(null, spot, rim, null), .5);
                        });
    }

    /**
     * Where it is looked for what each step changed: its first span, and around it as far as no
     * other step is under way. Steps without footage are left out.
     */
    public static Map<Id<Step>, SearchSpan> searched(Manual manual) {
        Map<Id<Clip>, List<Busy>> busy = new HashMap<>();
        manual.steps()
                .forEach(
                        step ->
                                step.spans()
                                        .forEach(
                                                s ->
                                                        busy.computeIfAbsent(
                                                                        s.clip(),
                                                                        k -> new ArrayList<>())
                                                                .add(new Busy(step.id(), s))));
        Map<Id<Step>, SearchSpan> all = new LinkedHashMap<>();
        manual.steps()
                .filter(s -> !s.spans().isEmpty())
                .forEach(
                        s -> {
                            Span span = s.spans().get(0);
                            double end =
                                    manual.clip(span.clip()).map(Clip::duration).orElse(span.end());
                            all.put(s.id(), alone(s.id(), span, end, busy.get(span.clip())));
                        });
        return all;
    }

    private record Busy(Id<Step> step, Span span) {}

    private static SearchSpan alone(Id<Step> step, Span span, double end, List<Busy> others) {
        double earliest = 0;
        double latest = end;
        for (Busy other : others) {
            Span s = other.span;
            double inside = OVERLAP * (s.end() - s.start());
            if (other.step.equals(step)) {
                continue;
            }
            if (s.start() < span.start()) {
                earliest = Math.max(earliest, s.end() - inside);
            } else if (s.start() > span.start()) {
                latest = Math.min(latest, s.start() + inside);
            }
        }
        return new SearchSpan(
                span.start(),
                span.end(),
                Math.min(earliest, span.start()),
                Math.max(latest, span.end()));
    }
}
