package methodos.core.speech;

/**
 * One word as the captions have it, unchanged, with its place in time.
 *
 * @param said with its punctuation
 * @param start seconds in the clip
 * @param end seconds, not before the start
 */
public record Word(String said, double start, double end) {}
