package methodos.publish.sheet;

import java.util.ArrayList;
import java.util.List;

/** The whole work on one page, for who knows it: numbers, words cut short, values. */
public final class JobCard {

    /** Columns on the page. */
    public static final int COLUMNS = 3;

    /** Letters of a step's words. */
    private static final int WORDS = 64;

    /** What a line of words holds, to balance the columns. */
    private static final int LINE = 34;

    private JobCard() {}

    /**
     * A step, or the title of a stage where there is no number.
     *
     * @param values torque, order, limits
     */
    public record Row(String number, String words, List<String> values) {

        private int lines() {
            return 1
                    + words.length() / LINE
                    + values.stream().mapToInt(v -> 1 + v.length() / LINE).sum();
        }
    }

    /** Words cut at a space, with a sign that they go on. */
    public static String cut(String words) {
        if (words.length() <= WORDS) {
            return words;
        }
        int space = words.lastIndexOf(' ', WORDS - 1);
        return words.substring(0, space > 0 ? space : WORDS - 1) + " …";
    }

    /** The rows in columns of about the same height, in their order. */
    public static List<List<Row>> columns(List<Row> rows) {
        int all = rows.stream().mapToInt(Row::lines).sum();
        List<List<Row>> columns = new ArrayList<>();
        columns.add(new ArrayList<>());
        int lines = 0;
        for (Row row : rows) {
            boolean full = lines >= Math.ceil((double) all * columns.size() / COLUMNS);
            if (full && columns.size() < COLUMNS) {
                columns.add(new ArrayList<>());
            }
            columns.get(columns.size() - 1).add(row);
            lines += row.lines();
        }
        return columns;
    }
}
