package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;

/**
 * How wide a line of the heading face is, so that a box or a break can be drawn before anything is
 * painted: the advance widths of Barlow SemiBold, in thousandths of the size, for the printable
 * characters of ASCII; others are taken as wide as its figure 0.
 */
final class HeadingWidth {

    private static final int FIRST = ' ';
    private static final int OTHER = 568;

    private static final int[] ADVANCE = {
        200, 335, 325, 677, 567, 833, 688, 155, 316, 316, 398, 491, 265, 404, 273, 447, 568, 353,
        551, 531, 585, 530, 529, 488, 533, 527, 355, 314, 491, 491, 491, 500, 821, 648, 622, 608,
        618, 592, 563, 613, 637, 262, 581, 620, 571, 715, 669, 621, 595, 587, 613, 591, 579, 636,
        610, 878, 616, 599, 554, 403, 447, 403, 465, 509, 219, 522, 559, 531, 559, 541, 376, 549,
        544, 255, 251, 522, 239, 829, 544, 556, 563, 563, 376, 493, 374, 541, 504, 761, 516, 489,
        455, 350, 190, 350, 522
    };

    private HeadingWidth() {}

    static double of(String text, double size) {
        return text.chars()
                        .map(
                                c ->
                                        c >= FIRST && c - FIRST < ADVANCE.length
                                                ? ADVANCE[c - FIRST]
                                                : OTHER)
                        .sum()
                * size
                / 1000;
    }

    /** The text in lines that are at most so wide, broken between words. */
    static List<String> lines(String text, double size, double width) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.trim().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (of(longer, size) > width && !line.isEmpty()) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }
}
