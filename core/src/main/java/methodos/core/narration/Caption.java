package methodos.core.narration;

/**
 * Words of the narration with when they are said.
 *
 * @param start seconds from the start of playback
 * @param end seconds, after the start
 */
public record Caption(double start, double end, String words) {}
