package methodos.desktop.seam;

import java.util.Locale;
import methodos.core.manual.Clip;

/** A time in a clip. */
record Moment(Clip clip, double time) {

    /** As minutes, seconds and hundredths: 2:14.36. */
    static String clock(double time) {
        long hundredths = Math.round(time * 100);
        return String.format(
                Locale.ROOT,
                "%d:%02d.%02d",
                hundredths / 6000,
                hundredths / 100 % 60,
                hundredths % 100);
    }

    /** As minutes and seconds: 2:14. */
    static String shortClock(double time) {
        long seconds = (long) Math.floor(time + 1e-6);
        return String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }
}
