package methodos.footage;

import java.awt.image.BufferedImage;

/**
 * A picture of a recording.
 *
 * @param time when it comes on the screen, in seconds from the start of playback
 */
public record Still(double time, BufferedImage picture) {}
