package methodos.demo.footage;

import java.util.List;

/**
 * A clip: its shots one after another, cut hard.
 *
 * @param captions how its captions are written: {@code vtt}, {@code srt} or {@code blocks}, the
 *     last being half-minute blocks without punctuation as speech recognition gives them
 * @param poses how often in a second what moves takes a new place: fewer than frames, since each
 *     costs seconds of processor time
 */
record Clip(String name, String captions, int poses, List<Shot> shots) {

    static final int FRAMES_PER_SECOND = 12;

    double seconds() {
        return shots.stream().mapToDouble(s -> s.seconds).sum();
    }

    double startOf(Shot shot) {
        double at = 0;
        for (Shot other : shots) {
            if (other == shot) {
                return at;
            }
            at += other.seconds;
        }
        throw new IllegalArgumentException(shot.name + " is not in " + name);
    }
}
