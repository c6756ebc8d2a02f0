package methodos.core.check;

import java.util.List;

/**
 * Something that somebody has to settle.
 *
 * @param place where it is settled
 * @param key key of its sentence in the words of the program
 * @param arguments what the sentence is filled in with
 * @param step the step that it concerns, null where none
 * @param subject id of the clip, part, joint, figure or document that it concerns, null where none
 */
public record OpenPoint(
        Place place, String key, List<Object> arguments, String step, String subject) {

    /** Leads to a step, with nothing said of it. */
    public static OpenPoint toStep(String step) {
        return new OpenPoint(Place.STEPS, "", List.of(), step, null);
    }

    /** Leads to a figure, with nothing said of it. */
    public static OpenPoint toFigure(String figure) {
        return new OpenPoint(Place.FIGURES, "", List.of(), null, figure);
    }
}
