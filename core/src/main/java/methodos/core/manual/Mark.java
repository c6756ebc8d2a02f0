package methodos.core.manual;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;
import methodos.core.quantity.Quantity;

/**
 * Something put on a picture.
 *
 * <p>Its points lie on the still as it was taken, 0 to 1 across and down; cropping and turning the
 * picture leaves them where they are on the thing they show. Balloons and lenses lie on the sheet
 * around the prepared picture, in shares of its width and height.
 */
@ToldApartBy("kind")
public sealed interface Mark {

    Id<Mark> id();

    /** The spots on the still that it is made of. */
    List<Point> points();

    /**
     * @param points as many as it has now
     */
    Mark withPoints(List<Point> points);

    default Mark withId(Id<Mark> id) {
        return (Mark) RecordShape.of(getClass()).with(this, "id", id);
    }

    /** What the cases make of this mark. */
    <R> R map(MarkCases<R> cases);

    /** The same, so far to the right and down. */
    default Mark moved(double dx, double dy) {
        return withPoints(points().stream().map(p -> p.plus(dx, dy)).toList());
    }

    /** The same with one of its points elsewhere. */
    default Mark withPoint(int index, Point to) {
        List<Point> all = new ArrayList<>(points());
        all.set(index, to);
        return withPoints(all);
    }

    /** A mark with something of its own on the sheet: a balloon, a lens. */
    sealed interface Held extends Mark {

        /** Where on the sheet it is held, null where it finds its own place. */
        Point held();

        Held withHeld(Point held);
    }

    /** A mark that points to a part of the parts list. */
    sealed interface OfPart extends Mark {
        Id<Part> part();
    }

    /** A mark with words of the author's. */
    sealed interface Worded extends Mark {
        String text();

        Worded withText(String text);
    }

    /**
     * A numbered balloon that points to a part.
     *
     * @param target the spot of the part on the picture
     * @param balloon where the balloon is held, null where it finds its own place
     */
    record Callout(Id<Mark> id, @Required Id<Part> part, @Required Point target, Point balloon)
            implements Held, OfPart {
        @Override
        public List<Point> points() {
            return List.of(target);
        }

        @Override
        public Callout withPoints(List<Point> v) {
            return new Callout(id, part, v.get(0), balloon);
        }

        @Override
        public Point held() {
            return balloon;
        }

        @Override
        public Callout withHeld(Point v) {
            return new Callout(id, part, target, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.callout(this);
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
    record ScrewOrder(Id<Mark> id, List<Point> screws, Arrangement arrangement, List<Integer> given)
            implements Mark {

        public ScrewOrder {
            screws = screws == null ? List.of() : List.copyOf(screws);
            given = given == null ? List.of() : List.copyOf(given);
        }

        @Override
        public List<Point> points() {
            return screws;
        }

        @Override
        public ScrewOrder withPoints(List<Point> v) {
            return new ScrewOrder(id, v, arrangement, given);
        }

        /** The same screws in another arrangement. */
        public ScrewOrder withArrangement(Arrangement v) {
            return new ScrewOrder(id, screws, v, given);
        }

        /** The author's own order: the number at each screw, from 1. */
        public ScrewOrder withGiven(List<Integer> v) {
            return new ScrewOrder(id, screws, Arrangement.GIVEN, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.screwOrder(this);
        }
    }

    /** Which screw, by size and length, sits here; the key under the picture tells the sizes. */
    record ScrewPlace(Id<Mark> id, @Required Id<Part> part, @Required Point at) implements OfPart {
        @Override
        public List<Point> points() {
            return List.of(at);
        }

        @Override
        public ScrewPlace withPoints(List<Point> v) {
            return new ScrewPlace(id, part, v.get(0));
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.screwPlace(this);
        }
    }

    /**
     * An arrow that turns about a place. Its two half diameters, to the rim and to the side, make
     * the ellipse as which a circle is seen there; it begins at the rim.
     *
     * @param thread what is done to which thread, null where the author says which way it turns
     * @param said which way it turns, null where that follows from the thread
     */
    record Turn(
            Id<Mark> id,
            @Required Point centre,
            @Required Point rim,
            @Required Point side,
            ThreadTurn thread,
            Rotation said)
            implements Mark {

        @Override
        public List<Point> points() {
            return List.of(centre, rim, side);
        }

        @Override
        public Turn withPoints(List<Point> v) {
            return new Turn(id, v.get(0), v.get(1), v.get(2), thread, said);
        }

        /**
         * @param v null where the author says which way it turns
         */
        public Turn withThread(ThreadTurn v) {
            return new Turn(id, centre, rim, side, v, v == null ? rotation() : null);
        }

        /**
         * @param v null where that follows from the thread
         */
        public Turn withSaid(Rotation v) {
            return new Turn(id, centre, rim, side, v == null ? thread : null, v);
        }

        /** Which way it turns on the picture. */
        public Rotation rotation() {
            if (said != null) {
                return said;
            }
            return thread == null ? Rotation.CLOCKWISE : thread.rotation();
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.turn(this);
        }
    }

    /** A straight arrow in the direction of a movement. */
    record Shift(Id<Mark> id, @Required Point from, @Required Point to, @Required Movement movement)
            implements Mark {
        public Shift {
            movement = movement == null ? Movement.PUSH : movement;
        }

        @Override
        public List<Point> points() {
            return List.of(from, to);
        }

        @Override
        public Shift withPoints(List<Point> v) {
            return new Shift(id, v.get(0), v.get(1), movement);
        }

        /** The same arrow for another movement. */
        public Shift withMovement(Movement v) {
            return new Shift(id, from, to, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.shift(this);
        }
    }

    /**
     * A spot seen larger in a lens beside it.
     *
     * @param rim how far around the spot it reaches
     * @param lens middle of the lens on the sheet, null where it finds its own place
     */
    record Detail(Id<Mark> id, @Required Point spot, @Required Point rim, Point lens)
            implements Held {
        @Override
        public List<Point> points() {
            return List.of(spot, rim);
        }

        @Override
        public Detail withPoints(List<Point> v) {
            return new Detail(id, v.get(0), v.get(1), lens);
        }

        @Override
        public Point held() {
            return lens;
        }

        @Override
        public Detail withHeld(Point v) {
            return new Detail(id, spot, rim, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.detail(this);
        }
    }

    /** A line around a region, smooth through its corners. */
    record Outline(Id<Mark> id, List<Point> corners) implements Mark {
        public Outline {
            corners = corners == null ? List.of() : List.copyOf(corners);
        }

        @Override
        public List<Point> points() {
            return corners;
        }

        @Override
        public Outline withPoints(List<Point> v) {
            return new Outline(id, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.outline(this);
        }
    }

    /** A length that is taken from the picture by its scale. */
    record Length(Id<Mark> id, @Required Point from, @Required Point to) implements Mark {
        @Override
        public List<Point> points() {
            return List.of(from, to);
        }

        @Override
        public Length withPoints(List<Point> v) {
            return new Length(id, v.get(0), v.get(1));
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.length(this);
        }
    }

    /**
     * What on the picture has a known size; the lengths of the figure are measured by it.
     *
     * @param sizes as many as the shape takes, all in units of length; empty until they are typed
     */
    record Scale(Id<Mark> id, @Required KnownShape shape, List<Point> known, List<Quantity> sizes)
            implements Mark {
        public Scale {
            known = known == null ? List.of() : List.copyOf(known);
            sizes = sizes == null ? List.of() : List.copyOf(sizes);
        }

        @Override
        public List<Point> points() {
            return known;
        }

        @Override
        public Scale withPoints(List<Point> v) {
            return new Scale(id, shape, v, sizes);
        }

        /**
         * @param v as many as the shape takes, all in units of length
         */
        public Scale withSizes(List<Quantity> v) {
            return new Scale(id, shape, known, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.scale(this);
        }
    }

    /** Two marks that have to face each other over a joint. */
    record MatchMark(Id<Mark> id, @Required Point one, @Required Point other, String text)
            implements Worded {
        public MatchMark {
            text = text == null ? "" : text;
        }

        @Override
        public List<Point> points() {
            return List.of(one, other);
        }

        @Override
        public MatchMark withPoints(List<Point> v) {
            return new MatchMark(id, v.get(0), v.get(1), text);
        }

        @Override
        public MatchMark withText(String v) {
            return new MatchMark(id, one, other, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.matchMark(this);
        }
    }

    /** What is felt or heard here and no camera sees. */
    record ByFeel(Id<Mark> id, @Required Point at, String text) implements Worded {
        public ByFeel {
            text = text == null ? "" : text;
        }

        @Override
        public List<Point> points() {
            return List.of(at);
        }

        @Override
        public ByFeel withPoints(List<Point> v) {
            return new ByFeel(id, v.get(0), text);
        }

        @Override
        public ByFeel withText(String v) {
            return new ByFeel(id, at, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.byFeel(this);
        }
    }

    /** Words on the picture, where nothing else tells it. */
    record Label(Id<Mark> id, @Required Point at, String text) implements Worded {
        public Label {
            text = text == null ? "" : text;
        }

        @Override
        public List<Point> points() {
            return List.of(at);
        }

        @Override
        public Label withPoints(List<Point> v) {
            return new Label(id, v.get(0), text);
        }

        @Override
        public Label withText(String v) {
            return new Label(id, at, v);
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.label(this);
        }
    }

    /** What nobody should see: a face, a plate, a screen. Nothing of it is published. */
    record Cover(Id<Mark> id, @Required Point corner, @Required Point opposite) implements Mark {
        @Override
        public List<Point> points() {
            return List.of(corner, opposite);
        }

        @Override
        public Cover withPoints(List<Point> v) {
            return new Cover(id, v.get(0), v.get(1));
        }

        @Override
        public <R> R map(MarkCases<R> cases) {
            return cases.cover(this);
        }
    }
}
