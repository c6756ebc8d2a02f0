package methodos.narration.acts;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A multinomial logistic regression: for each outcome a sum of the weights of the features that are
 * there, made into probabilities.
 */
public final class Model {

    private final List<String> outcomes;
    private final Map<String, float[]> weights;

    /**
     * @param weights for each feature a weight for each of the outcomes
     */
    public Model(List<String> outcomes, Map<String, float[]> weights) {
        this.outcomes = List.copyOf(outcomes);
        this.weights = new HashMap<>(weights);
    }

    public List<String> outcomes() {
        return outcomes;
    }

    /** How many features have weights. */
    public int size() {
        return weights.size();
    }

    /** The probability of each outcome, in their order. */
    public double[] probabilities(List<String> features) {
        double[] sums = new double[outcomes.size()];
        for (String feature : features) {
            float[] w = weights.get(feature);
            for (int o = 0; w != null && o < sums.length; o++) {
                sums[o] += w[o];
            }
        }
        double most = Arrays.stream(sums).max().orElse(0);
        double all = 0;
        for (int o = 0; o < sums.length; o++) {
            sums[o] = Math.exp(sums[o] - most);
            all += sums[o];
        }
        for (int o = 0; o < sums.length; o++) {
            sums[o] /= all;
        }
        return sums;
    }

    /** The likeliest outcome. */
    public String best(List<String> features) {
        double[] p = probabilities(features);
        int best = 0;
        for (int o = 1; o < p.length; o++) {
            best = p[o] > p[best] ? o : best;
        }
        return outcomes.get(best);
    }

    /** The probability of one outcome; 0 for one that the model does not know. */
    public double probability(String outcome, List<String> features) {
        int at = outcomes.indexOf(outcome);
        return at < 0 ? 0 : probabilities(features)[at];
    }

    /**
     * The model as text: the outcomes, then a feature a line with the weights that are not zero,
     * each behind the number of its outcome, in thousandths.
     */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add(String.join("\t", outcomes));
        weights.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(
                        e -> {
                            StringBuilder line = new StringBuilder(e.getKey());
                            for (int o = 0; o < outcomes.size(); o++) {
                                int thousandths = Math.round(e.getValue()[o] * 1000);
                                if (thousandths != 0) {
                                    line.append('\t').append(o).append(':').append(thousandths);
                                }
                            }
                            lines.add(line.toString());
                        });
        return lines;
    }

    /** Reads what {@link #lines} writes. */
    public static Model of(List<String> lines) {
        List<String> outcomes = List.of(lines.get(0).split("\t"));
        Map<String, float[]> weights = new HashMap<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] cells = line.split("\t");
            float[] w = new float[outcomes.size()];
            for (int c = 1; c < cells.length; c++) {
                int colon = cells[c].indexOf(':');
                w[Integer.parseInt(cells[c].substring(0, colon))] =
                        Integer.parseInt(cells[c].substring(colon + 1)) / 1000f;
            }
            weights.put(cells[0], w);
        }
        return new Model(outcomes, weights);
    }
}
