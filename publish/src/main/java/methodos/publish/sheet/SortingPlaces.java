package methodos.publish.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.parts.TrueSize;

/** The parts that come off, each with a place to lay it, in the order in which they come. */
public final class SortingPlaces {

    /** So many outlines of one part at most; it is counted all the same. */
    private static final int MOST = 10;

    private SortingPlaces() {}

    /**
     * @param count how many come off
     * @param discarded whether it is laid here only to be counted
     * @param steps at which it comes off
     * @param shapes one outline for each, none where its size is not known
     */
    public record Place(
            String item,
            String label,
            int count,
            boolean discarded,
            String steps,
            List<Shape> shapes) {}

    /**
     * An outline at true size; in mm, what it does not have is 0.
     *
     * @param kind screw, nut, ring or pin
     * @param width of the shank, the pin, the nut or the hole of the ring
     * @param height of the shank or the pin; of a ring how wide it is
     */
    public record Shape(String kind, double width, double height, double head, double headHigh) {

        static Shape of(TrueSize size) {
            if (size instanceof TrueSize.Screw s) {
                return new Shape("screw", s.length(), s.diameter(), s.diameter(), s.head());
            }
            if (size instanceof TrueSize.Nut n) {
                return new Shape("nut", n.across(), n.across(), 0, 0);
            }
            if (size instanceof TrueSize.Ring r) {
                return new Shape("ring", r.inner(), (r.outer() - r.inner()) / 2, 0, 0);
            }
            TrueSize.Pin pin = (TrueSize.Pin) size;
            return new Shape("pin", pin.length(), pin.diameter(), 0, 0);
        }
    }

    /** The places for the units that are looked at. */
    public static List<Place> of(Manual manual, Sight sight, StepNumbers numbers) {
        return manual.parts().stream()
                .filter(p -> p.applicability().concerns(sight))
                .flatMap(p -> place(p, manual, numbers).stream())
                .sorted(Comparator.comparingInt(SortingPlaces::first))
                .toList();
    }

    private static int first(Place place) {
        return Integer.parseInt(place.steps().split(",", 2)[0]);
    }

    private static Stream<PartUse> taken(Step step, Part part) {
        return step.parts().stream()
                .filter(u -> u.part().equals(part.id()))
                .filter(u -> u.in(Stage.Kind.TAKE_DOWN) == PartUse.Handling.TAKEN_OFF);
    }

    private static Optional<Place> place(Part part, Manual manual, StepNumbers numbers) {
        List<Step> steps =
                manual.stage(Stage.Kind.TAKE_DOWN).stream()
                        .flatMap(s -> s.steps().stream())
                        .filter(s -> numbers.of(s.id()).isPresent())
                        .filter(s -> taken(s, part).findAny().isPresent())
                        .toList();
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        int all = steps.stream().flatMap(s -> taken(s, part)).mapToInt(PartUse::count).sum();
        int count = Math.max(1, Math.min(all, part.quantity()));
        List<Shape> shapes =
                TrueSize.of(part).stream()
                        .flatMap(size -> Stream.generate(() -> Shape.of(size)))
                        .limit(TrueSize.of(part).isPresent() ? Math.min(MOST, count) : 0)
                        .toList();
        return Optional.of(
                new Place(
                        part.item(),
                        part.label(),
                        count,
                        part.reuse() == ReuseRule.ALWAYS_NEW,
                        String.join(
                                ", ",
                                steps.stream()
                                        .map(s -> "" + numbers.of(s.id()).orElseThrow())
                                        .toList()),
                        shapes));
    }
}
