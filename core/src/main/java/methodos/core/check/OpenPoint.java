package methodos.core.check;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Step;

/**
 * Something that somebody has to settle.
 *
 * @param matter what it is about
 * @param key key of its sentence in the words of the program
 * @param arguments what the sentence is filled in with
 * @param step the step that it concerns, null where none
 * @param subject id of the clip, part, joint, figure or document that it concerns, null where none
 */
public record OpenPoint(
        Matter matter, String key, List<Object> arguments, Id<Step> step, String subject) {

    /** Leads to a step, with nothing said of it. */
    public static OpenPoint toStep(Id<Step> step) {
        return new OpenPoint(Matter.STEPS, "", List.of(), step, null);
    }

    /** Leads to a figure, with nothing said of it. */
    public static OpenPoint toFigure(Id<Figure> figure) {
        return new OpenPoint(Matter.FIGURES, "", List.of(), null, figure.text());
    }
}
