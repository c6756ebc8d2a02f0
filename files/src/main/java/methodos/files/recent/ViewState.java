package methodos.files.recent;

import java.util.List;

/**
 * How the window of a project looked when it was left.
 *
 * @param place name of the place that was shown, empty where none is known
 * @param step id of the chosen step, empty for none
 * @param clip id of the clip at the play position, empty for none
 * @param moment seconds of playback in the clip
 * @param scale pixels a second of the line of time; 0 where it fits the clips
 * @param details names of the places in which, where there is no room for both, what goes with the
 *     chosen thing was shown in place of the whole
 * @param bounds of the window on the screen, null where it was never shown
 */
public record ViewState(
        String place,
        String step,
        String clip,
        double moment,
        double scale,
        List<String> details,
        Bounds bounds) {

    public static final ViewState NONE = new ViewState("", "", "", 0, 0, List.of(), null);

    /** A window on the screen, in pixels. */
    public record Bounds(double x, double y, double width, double height) {}

    public ViewState {
        place = place == null ? "" : place;
        step = step == null ? "" : step;
        clip = clip == null ? "" : clip;
        details = details == null ? List.of() : List.copyOf(details);
    }

    public ViewState withBounds(Bounds now) {
        return new ViewState(place, step, clip, moment, scale, details, now);
    }
}
