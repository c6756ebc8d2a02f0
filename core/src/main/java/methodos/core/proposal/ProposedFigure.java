package methodos.core.proposal;

import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Preparation;
import methodos.core.manual.Step;

/**
 * A figure that the film proposes for a step. Nothing of it is in the manual before it is accepted.
 *
 * @param crop what of the still is to be shown, null for all of it
 * @param marks their own ids are null, since they get one when they are accepted
 * @param regions where something changed and no mark was put, the surest first
 * @param sure from 0 to 1, that of its surest mark of a part that the step handles
 */
public record ProposedFigure(
        Id<Step> step,
        Figure.Still still,
        Preparation.Crop crop,
        List<ProposedMark> marks,
        List<SeenChange> regions,
        double sure) {

    /** A mark with how sure it is, from 0 to 1. */
    public record ProposedMark(Mark mark, double sure) {}

    public ProposedFigure {
        marks = List.copyOf(marks);
        regions = List.copyOf(regions);
    }

    /** The same without one of its marks. */
    public ProposedFigure without(int mark) {
        List<ProposedMark> rest = new ArrayList<>(marks);
        rest.remove(mark);
        return new ProposedFigure(step, still, crop, rest, regions, sure);
    }
}
