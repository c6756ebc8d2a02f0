package methodos.core.proposal;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.change.SeenChange;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
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

    /** Parts of the step that no mark names. */
    public List<Id<Part>> lacking(Step handling) {
        Set<Id<Part>> named =
                marks.stream()
                        .filter(m -> m.mark() instanceof Mark.OfPart)
                        .map(m -> ((Mark.OfPart) m.mark()).part())
                        .collect(Collectors.toSet());
        return handling.parts().stream()
                .map(PartUse::part)
                .filter(p -> !named.contains(p))
                .toList();
    }

    /**
     * The next region given to the part of the step that has no place yet; where each has one, to
     * the chosen mark, and the region comes again after the others. The same where there is no
     * region or nothing to give it to.
     *
     * @param chosen index of a mark
     */
    public ProposedFigure withNextPlace(Step handling, int chosen) {
        List<Id<Part>> lacking = lacking(handling);
        if (regions.isEmpty() || lacking.isEmpty() && marks.isEmpty()) {
            return this;
        }
        List<SeenChange> rest = new ArrayList<>(regions);
        SeenChange region = rest.remove(0);
        List<ProposedMark> all = new ArrayList<>(marks);
        if (lacking.isEmpty()) {
            rest.add(region);
            Mark moved = all.get(chosen).mark();
            double dx = region.middle().x() - moved.points().get(0).x();
            double dy = region.middle().y() - moved.points().get(0).y();
            all.set(chosen, new ProposedMark(moved.moved(dx, dy), region.sure()));
        } else {
            Mark callout = new Mark.Callout(null, lacking.get(0), region.middle(), null);
            all.add(new ProposedMark(callout, region.sure()));
        }
        return new ProposedFigure(step, still, crop, all, rest, sure);
    }
}
