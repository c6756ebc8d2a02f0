package methodos.desktop.footage;

import java.util.Locale;

/** Writes times of a recording. */
public final class FootageClock {

    private FootageClock() {}

    /** As minutes, seconds and hundredths: 2:14.36. */
    public static String exact(double time) {
        long hundredths = Math.round(time * 100);
        return String.format(
                Locale.ROOT,
                "%d:%02d.%02d",
                hundredths / 6000,
                hundredths / 100 % 60,
                hundredths % 100);
    }

    /** As minutes and seconds: 2:14. */
    public static String minutes(double time) {
        long seconds = (long) Math.floor(time + 1e-6);
        return String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }
}
