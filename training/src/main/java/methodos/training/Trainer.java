package methodos.training;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.narration.acts.Model;
import opennlp.tools.ml.maxent.quasinewton.QNModel;
import opennlp.tools.ml.maxent.quasinewton.QNTrainer;
import opennlp.tools.ml.model.Context;
import opennlp.tools.ml.model.Event;
import opennlp.tools.ml.model.OnePassDataIndexer;
import opennlp.tools.util.ObjectStreamUtils;
import opennlp.tools.util.TrainingParameters;

/** Fits models to examples by maximum entropy with a quadratic penalty on the weights. */
public final class Trainer {

    private static final int ITERATIONS = 120;

    /** A feature is learned from when it occurs in so many narrations. */
    private static final int NARRATIONS = 2;

    /**
     * One example.
     *
     * @param source the narration that it is of
     */
    public record Example(String source, String outcome, List<String> features) {}

    private Trainer() {}

    /**
     * @param penalty the share of the quadratic penalty; more makes weights smaller
     */
    public static Model fit(Collection<Example> examples, double penalty) {
        Set<String> kept = kept(examples);
        List<Event> events = new ArrayList<>();
        for (Example example : examples) {
            String[] features =
                    example.features().stream().filter(kept::contains).toArray(String[]::new);
            events.add(new Event(example.outcome(), features));
        }
        TrainingParameters parameters = new TrainingParameters();
        parameters.put(TrainingParameters.ITERATIONS_PARAM, ITERATIONS);
        parameters.put(TrainingParameters.CUTOFF_PARAM, 0);
        parameters.put(QNTrainer.L1COST_PARAM, 0.0);
        parameters.put(QNTrainer.L2COST_PARAM, penalty);
        try {
            OnePassDataIndexer indexer = new OnePassDataIndexer();
            indexer.init(parameters, new HashMap<>());
            indexer.index(ObjectStreamUtils.createObjectStream(events));
            QNTrainer trainer = new QNTrainer();
            trainer.init(parameters, new HashMap<>());
            return model(trainer.trainModel(ITERATIONS, indexer), kept);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Set<String> kept(Collection<Example> examples) {
        Map<String, Set<String>> sources = new HashMap<>();
        for (Example example : examples) {
            for (String feature : example.features()) {
                sources.computeIfAbsent(feature, f -> new HashSet<>()).add(example.source());
            }
        }
        sources.values().removeIf(s -> s.size() < NARRATIONS);
        return sources.keySet();
    }

    private static Model model(QNModel fitted, Set<String> kept) {
        List<String> outcomes = new ArrayList<>();
        for (int o = 0; o < fitted.getNumOutcomes(); o++) {
            outcomes.add(fitted.getOutcome(o));
        }
        Object[] structures = fitted.getDataStructures();
        Context[] contexts = (Context[]) structures[0];
        @SuppressWarnings("unchecked")
        Map<String, Context> byFeature = (Map<String, Context>) structures[1];
        Map<String, float[]> weights = new HashMap<>();
        for (String feature : kept) {
            Context context = byFeature.get(feature);
            if (context == null) {
                continue;
            }
            float[] w = new float[outcomes.size()];
            boolean any = false;
            for (int k = 0; k < context.getOutcomes().length; k++) {
                w[context.getOutcomes()[k]] = (float) context.getParameters()[k];
                any |= Math.abs(context.getParameters()[k]) > 5e-4;
            }
            if (any) {
                weights.put(feature, w);
            }
        }
        return new Model(outcomes, weights);
    }
}
