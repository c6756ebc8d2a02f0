package methodos.core.manual;

import java.util.List;

/** Something put on a picture. */
public sealed interface Mark {

    String id();

    /**
     * A numbered balloon that points to a part.
     *
     * @param target the spot of the part on the picture
     * @param balloon where the balloon is held, null where it finds its own place
     */
    record Callout(String id, String part, Point target, Point balloon) implements Mark {
        public Callout withTarget(Point v) {
            return new Callout(id, part, v, balloon);
        }

        public Callout withBalloon(Point v) {
            return new Callout(id, part, target, v);
        }
    }

    /**
     * The screws of a joint, with the order in which they are tightened.
     *
     * @param screws where they lie on the picture, in the order in which they were clicked
     * @param arrangement as which they are taken, null for what they look like
     * @param given the author's order where the arrangement is given, numbers from 1; otherwise
     *     empty
     */
    record ScrewOrder(String id, List<Point> screws, Arrangement arrangement, List<Integer> given)
            implements Mark {

        public ScrewOrder {
            screws = screws == null ? List.of() : List.copyOf(screws);
            given = given == null ? List.of() : List.copyOf(given);
        }

        public ScrewOrder withScrews(List<Point> v) {
            return new ScrewOrder(id, v, arrangement, given);
        }

        public ScrewOrder withArrangement(Arrangement v) {
            return new ScrewOrder(id, screws, v, given);
        }
    }
}
