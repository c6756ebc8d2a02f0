package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * A still with marks on it, and what stands beside it.
 *
 * @param still where the picture was taken, null where it comes from no clip
 * @param picture digest of the kept picture
 * @param doubtful ids of the marks that may no longer point at what they should
 * @param preparation null for the still as it was taken
 * @param layout how the pictures of {@code beside} stand with this one, null for one picture
 * @param beside ids of the figures whose pictures belong to this one, in order
 * @param stack parts on each other, drawn beside the picture from the top down
 * @param text what it shows, for those who cannot see it; drafted from the marks where empty
 * @param applicability the units that look like this
 */
@RecordBuilder
public record Figure(
        Id<Figure> id,
        String title,
        Still still,
        String picture,
        Preparation preparation,
        List<Mark> marks,
        List<Id<Mark>> doubtful,
        FigureLayout layout,
        List<Id<Figure>> beside,
        List<Layer> stack,
        String text,
        Applicability applicability)
        implements FigureBuilder.With {

    /** A moment of a clip. */
    public record Still(@Required Id<Clip> clip, @Required double time) {}

    public Figure {
        marks = marks == null ? List.of() : List.copyOf(marks);
        preparation = Preparation.NONE.equals(preparation) ? null : preparation;
        doubtful = doubtful == null ? List.of() : List.copyOf(doubtful);
        beside = beside == null ? List.of() : List.copyOf(beside);
        stack = stack == null ? List.of() : List.copyOf(stack);
        title = title == null ? "" : title;
        text = text == null ? "" : text;
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** One picture, as it was taken. */
    public static Figure of(
            Id<Figure> id, String title, Still still, String picture, Mark... marks) {
        return new Figure(
                id,
                title,
                still,
                picture,
                null,
                List.of(marks),
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** How the still is prepared. */
    public Preparation prepared() {
        return preparation == null ? Preparation.NONE : preparation;
    }

    /** The mark of an id; empty where there is none. */
    public Optional<Mark> mark(Id<Mark> mark) {
        return marks.stream().filter(m -> m.id().equals(mark)).findFirst();
    }

    /** Puts a mark in the place of the one with its id, or adds it. */
    public Figure withMark(Mark mark) {
        List<Mark> all = new ArrayList<>(marks);
        all.replaceAll(m -> m.id().equals(mark.id()) ? mark : m);
        if (!all.contains(mark)) {
            all.add(mark);
        }
        return withMarks(all);
    }

    /** The figure without a mark, and without a doubt about it. */
    public Figure withoutMark(Id<Mark> mark) {
        return withMarks(marks.stream().filter(m -> !m.id().equals(mark)).toList())
                .withoutDoubt(mark);
    }

    /** The same without another figure beside it; with none left it is one picture. */
    public Figure withoutBeside(Id<Figure> figure) {
        if (!beside.contains(figure)) {
            return this;
        }
        List<Id<Figure>> rest = beside.stream().filter(f -> !f.equals(figure)).toList();
        return withBeside(rest).withLayout(rest.isEmpty() ? null : layout);
    }

    /** The mark points at what it should. */
    public Figure withoutDoubt(Id<Mark> mark) {
        return doubtful.contains(mark)
                ? withDoubtful(doubtful.stream().filter(m -> !m.equals(mark)).toList())
                : this;
    }
}
