package methodos.desktop.stores;

import java.util.ArrayList;
import java.util.List;

/**
 * Where the columns of the drawn stores are, and where each step lies along their rule.
 *
 * @param width of a line, in pixels
 * @param kits how many kits have a column
 * @param steps how many steps the rule shows
 */
record StoreScale(double width, int kits, int steps) {

    static final double BALLOON = 20;
    static final double NAME = 44;
    static final double NEED = 236;
    static final double KITS = 254;
    static final double KIT = 56;
    static final double EXTRA = 66;

    /** At most so many kits are drawn; all of them are in the table of kits. */
    static final int MOST_KITS = 3;

    private static final double INSET = 12;
    private static final double LEAST_NUMBERED = 38;
    private static final double LEAST_TICK = 5;

    static StoreScale of(double width, int kits, int steps) {
        return new StoreScale(width, Math.min(kits, MOST_KITS), Math.max(1, steps));
    }

    double kit(int index) {
        return KITS + index * KIT;
    }

    double extra() {
        return KITS + kits * KIT;
    }

    double ruleLeft() {
        return extra() + EXTRA;
    }

    double ruleRight() {
        return width - 8;
    }

    private double gap() {
        return (ruleRight() - ruleLeft() - 2 * INSET) / Math.max(1, steps - 1);
    }

    /** Where a step lies; halves lie between two. */
    double x(double step) {
        return steps == 1
                ? (ruleLeft() + ruleRight()) / 2
                : ruleLeft() + INSET + (step - 1) * gap();
    }

    /** The steps that have a number: every 1, 2, 5, 10 … so that they do not crowd. */
    List<Integer> numbered() {
        return every(LEAST_NUMBERED);
    }

    List<Integer> ticks() {
        return every(LEAST_TICK);
    }

    private List<Integer> every(double least) {
        int by = 1;
        int turn = 0;
        while (by * gap() < least && by < steps) {
            by = turn++ % 3 == 1 ? by / 2 * 5 : by * 2;
        }
        List<Integer> all = new ArrayList<>();
        for (int step = by; step <= steps; step += by) {
            all.add(step);
        }
        return all;
    }
}
