package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * A still with marks on it.
 *
 * @param still where the picture was taken
 * @param picture digest of the kept picture
 * @param text what it shows, for those who cannot see it; drafted from the marks where empty
 */
@RecordBuilder
public record Figure(
        String id, String title, Still still, String picture, List<Mark> marks, String text)
        implements FigureBuilder.With {

    /** A moment of a clip. */
    public record Still(String clip, double time) {}

    public Figure {
        marks = marks == null ? List.of() : List.copyOf(marks);
        title = title == null ? "" : title;
        text = text == null ? "" : text;
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

    public Figure withoutMark(String mark) {
        return withMarks(marks.stream().filter(m -> !m.id().equals(mark)).toList());
    }
}
