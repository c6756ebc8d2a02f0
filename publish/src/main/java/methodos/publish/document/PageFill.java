package methodos.publish.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How large the pictures of each step are printed and which steps begin a page, so that pages are
 * filled to the foot. A step is never divided; its pictures may be a fifth smaller or two fifths
 * larger than usual. Of all ways to divide a stage into pages the best is taken, by dynamic
 * programming as paragraphs are divided into lines: the squares of what stays empty, and of how far
 * the pictures are from their usual size, are as small as they can be together.
 */
final class PageFill {

    /**
     * Width of a picture beside its text where nothing is to be filled, the share of it that one
     * has which stood large before, and the width of text and picture together.
     */
    static final double USUAL = 75;

    /** A picture that has stood large before is as much smaller. */
    private static final double REPEATED = .8;

    private static final double BOTH = 157;

    private static final double SMALLEST = .8;
    private static final double LARGEST = 1.4;
    private static final double STEP = .025;

    /** Room that is left for what is reckoned wrongly. */
    private static final double SPARE = 3;

    /** What parts steps, as in {@code print.css}; the first step of a page stands without it. */
    static final double PARTING = 4;

    private static final double LINE = 5;

    private static final double WRAPPED = 1.6;

    /** How much a picture of another size weighs against an empty foot. */
    private static final double SIZE = .12;

    /** How much a further page weighs: one for a last step of two lines is none. */
    private static final double FURTHER = .04;

    /** What a step costs that is higher than a page. */
    private static final double TOO_LONG = 1e9;

    /**
     * A step as it is laid out at the usual size; all in millimetres.
     *
     * @param number of the step
     * @param around all of its height but the row of its facts and pictures, with what parts it
     *     from the next
     * @param facts height of what stands beside the pictures
     * @param captions height of what stands under the pictures
     * @param pictures height of the pictures beside the facts, or across the page; 0 for none
     * @param shown how its pictures stand
     */
    record Laid(
            int number,
            double around,
            double facts,
            double captions,
            double pictures,
            Shown shown) {

        /** With pictures beside the facts. */
        Laid(int number, double around, double facts, double captions, double pictures) {
            this(number, around, facts, captions, pictures, Shown.BESIDE);
        }

        /** In less room words take more lines, by a line more than by their length. */
        private double facts(double width) {
            return width <= USUAL ? facts : facts * (BOTH - USUAL) / (BOTH - width) + LINE;
        }

        /** Below a smaller picture each caption may take a line more. */
        private double captions(double scale) {
            return scale < 1 ? captions * WRAPPED : captions;
        }

        double height(double scale) {
            if (pictures == 0) {
                return around + facts;
            }
            double own = shown.scale(scale);
            if (shown == Shown.ACROSS) {
                return around + facts + captions + pictures * own;
            }
            double beside = facts(shown.column(scale));
            return around + Math.max(beside, captions(own) + pictures * own);
        }
    }

    /** How the pictures of a step stand, and how large they are at a size of the page. */
    enum Shown {
        /** Beside the facts, for the first time. */
        BESIDE(USUAL, SMALLEST, LARGEST),
        /** Beside the facts; they have stood large before. */
        AGAIN(USUAL * REPEATED, SMALLEST, LARGEST / REPEATED),
        /** Across the page, where they can be no larger. */
        ACROSS(162, SMALLEST, 1);

        private final double usual;
        private final double least;
        private final double most;

        Shown(double usual, double least, double most) {
            this.usual = usual;
            this.least = least;
            this.most = most;
        }

        private double scale(double page) {
            return Math.max(least, Math.min(most, page));
        }

        /** Width of a picture. */
        private double width(double page) {
            return usual * scale(page);
        }

        /** Width of the column of pictures. */
        private double column(double page) {
            return this == AGAIN ? Math.max(USUAL, width(page)) : width(page);
        }
    }

    /**
     * @param width of the pictures in millimetres
     * @param column in which they stand
     * @param begins whether a page begins with it
     */
    public record Fill(double width, double column, boolean begins) {

        /** Width of a picture that has stood large before beside one that has not. */
        public double again() {
            return width * REPEATED;
        }

        /** Width of what stands beside the pictures. */
        public double facts() {
            return BOTH - column;
        }
    }

    private PageFill() {}

    /** How wide pictures are in millimetres where nothing is to be filled, for style sheets. */
    static Map<String, Object> usual() {
        return Map.of(
                "beside", Shown.BESIDE.usual,
                "again", Shown.AGAIN.usual,
                "across", Shown.ACROSS.usual,
                "facts", BOTH - Shown.BESIDE.usual);
    }

    /**
     * @param steps of one stage
     * @param page height of a page
     * @param head height of what stands above the first step of the stage
     */
    static Map<Integer, Fill> of(List<Laid> steps, double page, double head) {
        int n = steps.size();
        double[] best = new double[n + 1];
        int[] next = new int[n + 1];
        double[] scale = new double[n + 1];
        for (int i = n - 1; i >= 0; i--) {
            best[i] = Double.POSITIVE_INFINITY;
            double room = page - SPARE - (i == 0 ? head : -PARTING);
            for (int j = i + 1; j <= n; j++) {
                List<Laid> on = steps.subList(i, j);
                double size = size(on, room, j == n);
                if (height(on, size) > room && j > i + 1) {
                    break;
                }
                double cost = best[j] + cost(on, room, page, size, j == n);
                if (cost < best[i]) {
                    best[i] = cost;
                    next[i] = j;
                    scale[i] = size;
                }
            }
        }
        Map<Integer, Fill> fills = new LinkedHashMap<>();
        for (int i = 0; i < n; i = next[i]) {
            for (int k = i; k < next[i]; k++) {
                Laid step = steps.get(k);
                fills.put(
                        step.number(),
                        new Fill(
                                step.shown().width(scale[i]),
                                step.shown().column(scale[i]),
                                k == i && i > 0));
            }
        }
        return fills;
    }

    /** The largest size at which the steps have room; the usual one is enough on a last page. */
    private static double size(List<Laid> on, double room, boolean last) {
        double size = last ? 1 : LARGEST / REPEATED;
        while (size - STEP >= SMALLEST && height(on, size) > room) {
            size -= STEP;
        }
        return size;
    }

    private static double height(List<Laid> on, double size) {
        return on.stream().mapToDouble(s -> s.height(size)).sum();
    }

    private static double cost(List<Laid> on, double room, double page, double size, boolean last) {
        double empty = (room - height(on, size)) / page;
        if (empty < 0) {
            return TOO_LONG;
        }
        return FURTHER + (last ? 0 : empty * empty) + SIZE * (size - 1) * (size - 1);
    }
}
