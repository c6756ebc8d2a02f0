package methodos.core.geometry;

import java.util.Optional;

/** Small systems of linear equations. */
public final class LinearSystem {

    private static final double SINGULAR = 1e-10;

    private LinearSystem() {}

    /**
     * Solves by elimination with the largest pivot.
     *
     * @param rows each with its right side at the end; they are changed
     * @return nothing where the equations do not determine the unknowns
     */
    public static Optional<double[]> solve(double[][] rows) {
        int n = rows.length;
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                if (Math.abs(rows[i][k]) > Math.abs(rows[pivot][k])) {
                    pivot = i;
                }
            }
            if (Math.abs(rows[pivot][k]) < SINGULAR) {
                return Optional.empty();
            }
            double[] row = rows[pivot];
            rows[pivot] = rows[k];
            rows[k] = row;
            for (int i = 0; i < n; i++) {
                double factor = i == k ? 0 : rows[i][k] / row[k];
                for (int j = k; j <= n; j++) {
                    rows[i][j] -= factor * row[j];
                }
            }
        }
        double[] solution = new double[n];
        for (int i = 0; i < n; i++) {
            solution[i] = rows[i][n] / rows[i][i];
        }
        return Optional.of(solution);
    }
}
