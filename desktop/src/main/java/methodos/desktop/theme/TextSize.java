package methodos.desktop.theme;

import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;

/**
 * How large everything is shown that is read: one size for the whole program, as there is one
 * person before it. Drawings and controls grow with the words, so that all stays in proportion.
 */
public final class TextSize {

    /** The sizes that are offered, as shares of the usual one. */
    private static final double[] SIZES = {.95, 1, 1.1, 1.25, 1.5, 1.75, 2};

    private static final double USUAL = 1;
    private static final ReadOnlyDoubleWrapper FACTOR = new ReadOnlyDoubleWrapper(USUAL);

    private TextSize() {}

    /** The size, 1 for the usual one. */
    public static ReadOnlyDoubleProperty factor() {
        return FACTOR.getReadOnlyProperty();
    }

    /** Sets the size; what is too small or too large becomes the smallest or the largest. */
    public static void set(double factor) {
        FACTOR.set(Math.max(SIZES[0], Math.min(SIZES[SIZES.length - 1], factor)));
    }

    /** The next larger size, or the largest. */
    public static void larger() {
        for (double size : SIZES) {
            if (size > FACTOR.get()) {
                set(size);
                return;
            }
        }
    }

    /** The next smaller size, or the smallest. */
    public static void smaller() {
        for (int i = SIZES.length - 1; i >= 0; i--) {
            if (SIZES[i] < FACTOR.get()) {
                set(SIZES[i]);
                return;
            }
        }
    }

    public static void usual() {
        set(USUAL);
    }
}
