package methodos.core.figure;

import java.util.Arrays;

/**
 * Gives each row a column of its own so that the sum is least: the Hungarian method of Kuhn and
 * Munkres with potentials, rows² × columns steps.
 */
final class ShortestAssignment {

    private ShortestAssignment() {}

    /**
     * @param cost rows, none of them longer than another, with at least as many columns as rows
     * @return the column of each row
     */
    static int[] of(double[][] cost) {
        int rows = cost.length;
        int columns = rows == 0 ? 0 : cost[0].length;
        double[] rowPotential = new double[rows + 1];
        double[] columnPotential = new double[columns + 1];
        int[] rowOf = new int[columns + 1]; // counted from 1; 0 is none
        for (int row = 1; row <= rows; row++) {
            int[] before = new int[columns + 1];
            double[] least = new double[columns + 1];
            boolean[] used = new boolean[columns + 1];
            Arrays.fill(least, Double.MAX_VALUE);
            rowOf[0] = row;
            int column = 0;
            do {
                used[column] = true;
                int current = rowOf[column];
                double step = Double.MAX_VALUE;
                int next = 0;
                for (int c = 1; c <= columns; c++) {
                    if (used[c]) {
                        continue;
                    }
                    double reduced =
                            cost[current - 1][c - 1] - rowPotential[current] - columnPotential[c];
                    if (reduced < least[c]) {
                        least[c] = reduced;
                        before[c] = column;
                    }
                    if (least[c] < step) {
                        step = least[c];
                        next = c;
                    }
                }
                for (int c = 0; c <= columns; c++) {
                    if (used[c]) {
                        rowPotential[rowOf[c]] += step;
                        columnPotential[c] -= step;
                    } else {
                        least[c] -= step;
                    }
                }
                column = next;
            } while (rowOf[column] != 0);
            while (column != 0) {
                rowOf[column] = rowOf[before[column]];
                column = before[column];
            }
        }
        int[] columnOf = new int[rows];
        for (int c = 1; c <= columns; c++) {
            if (rowOf[c] > 0) {
                columnOf[rowOf[c] - 1] = c - 1;
            }
        }
        return columnOf;
    }
}
