package methodos.core.manual;

/** What is made of a mark, kind by kind: a kind that is forgotten does not compile. */
public interface MarkCases<R> {
    R callout(Mark.Callout mark);

    R screwOrder(Mark.ScrewOrder mark);

    R screwPlace(Mark.ScrewPlace mark);

    R turn(Mark.Turn mark);

    R shift(Mark.Shift mark);

    R detail(Mark.Detail mark);

    R outline(Mark.Outline mark);

    R length(Mark.Length mark);

    R scale(Mark.Scale mark);

    R matchMark(Mark.MatchMark mark);

    R byFeel(Mark.ByFeel mark);

    R label(Mark.Label mark);

    R cover(Mark.Cover mark);
}
