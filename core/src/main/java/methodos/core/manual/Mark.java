package methodos.core.manual;

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
}
