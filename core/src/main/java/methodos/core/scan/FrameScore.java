package methodos.core.scan;

/**
 * What one frame of a clip is worth.
 *
 * @param time seconds, when it comes on the screen
 * @param sharpness from 0 to 1, the sharpest of the clip having 1
 * @param clipped share of the picture that is white and without detail
 * @param crushed share of the picture that is black and without detail
 * @param brightness mean from 0 (black) to 1 (white)
 * @param stillness from 0 to 1 (nothing moves but the camera)
 * @param obstruction share of the picture that is covered by something that passes through
 */
public record FrameScore(
        double time,
        double sharpness,
        double clipped,
        double crushed,
        double brightness,
        double stillness,
        double obstruction) {}
