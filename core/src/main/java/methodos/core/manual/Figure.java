package methodos.core.manual;

import java.util.ArrayList;
import java.util.List;

/**
 * A still with marks on it.
 *
 * @param still where the picture was taken
 * @param picture digest of the kept picture
 * @param text what it shows, for those who cannot see it; drafted from the marks where empty
 */
public record Figure(
        String id, String title, Still still, String picture, List<Mark> marks, String text) {

    /** A moment of a clip. */
    public record Still(String clip, double time) {}

    public Figure {
        marks = marks == null ? List.of() : List.copyOf(marks);
        title = title == null ? "" : title;
        text = text == null ? "" : text;
    }

    public Figure withTitle(String v) {
        return new Figure(id, v, still, picture, marks, text);
    }

    /** Puts a mark in the place of the one with its id, or adds it. */
    public Figure withMark(Mark mark) {
        List<Mark> all = new ArrayList<>(marks);
        all.replaceAll(m -> m.id().equals(mark.id()) ? mark : m);
        if (!all.contains(mark)) {
            all.add(mark);
        }
        return new Figure(id, title, still, picture, all, text);
    }

    public Figure withoutMark(String mark) {
        List<Mark> rest = marks.stream().filter(m -> !m.id().equals(mark)).toList();
        return new Figure(id, title, still, picture, rest, text);
    }
}
