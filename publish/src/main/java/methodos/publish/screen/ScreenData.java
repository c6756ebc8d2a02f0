package methodos.publish.screen;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Wait;
import methodos.core.words.Words;

/**
 * What the scripts of the form for the screen know of a manual: units to choose from, readings with
 * their limits, decisions and faults that are walked, waits, and their words.
 *
 * @param key tells the record of this issue from those of others in the same browser
 * @param units what stands behind each label of units on the page
 */
public record ScreenData(
        String key,
        String title,
        String issue,
        String made,
        List<String> models,
        Map<String, List<Units>> units,
        List<Timed> steps,
        List<AskedReading> readings,
        List<WalkedDecision> decisions,
        List<WalkedFault> faults,
        Map<String, String> words) {

    private static final ObjectMapper JSON =
            new ObjectMapper().setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);

    /** A condition of {@link Applicability}; ends that are open are null. */
    record Units(
            List<String> models,
            Long from,
            Long to,
            String letters,
            int lastDigits,
            List<String> with,
            List<String> without) {
        static Units of(Applicability.Condition c) {
            return new Units(
                    c.models(),
                    c.serials().from(),
                    c.serials().to(),
                    c.serials().letters(),
                    c.serials().lastDigits(),
                    c.with(),
                    c.without());
        }
    }

    /** A step; waits that last a time have seconds, others 0. */
    record Timed(int number, String id, List<Waited> waits) {}

    record Waited(String what, double seconds) {}

    /** The words of the scripts begin like this. */
    private static final String SAID = "screen.";

    /**
     * @param labels the labels of units that stand on the page, with what they mean
     * @param made "Issued …" or "Draft of …"
     */
    public static ScreenData of(
            Manual manual,
            Sight sight,
            Map<String, Applicability> labels,
            String made,
            Words words) {
        StepNumbers numbers = new StepNumbers(manual, sight);
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<Timed> steps = new ArrayList<>();
        List<AskedReading> readings = new ArrayList<>();
        for (Step step : manual.steps().toList()) {
            if (numbers.of(step.id()).isPresent()) {
                int number = numbers.of(step.id()).getAsInt();
                steps.add(
                        new Timed(
                                number,
                                step.id().text(),
                                step.waits().stream().map(ScreenData::waited).toList()));
                int times = repeated.of(step.id());
                step.readings()
                        .forEach(
                                r -> readings.add(AskedReading.of(r, step, number, times, manual)));
            }
        }
        Map<String, List<Units>> units = new LinkedHashMap<>();
        labels.forEach((label, a) -> units.put(label, a.any().stream().map(Units::of).toList()));
        Map<String, String> said = new LinkedHashMap<>();
        words.keys(SAID).forEach(k -> said.put(k.substring(SAID.length()), words.of(k)));
        return new ScreenData(
                manual.title() + " | " + words.of(sight),
                manual.title(),
                words.of(sight),
                made,
                manual.unit().models().stream()
                        .map(m -> m.name())
                        .filter(m -> sight.model() == null || m.equals(sight.model()))
                        .toList(),
                units,
                steps,
                readings,
                WalkedDecision.of(manual.decisions(), numbers),
                manual.symptoms().stream().map(s -> WalkedFault.of(s, numbers)).toList(),
                said);
    }

    private static Waited waited(Wait wait) {
        return new Waited(wait.what(), wait.seconds());
    }

    /** As it stands within a page: nothing in it ends the element that it stands in. */
    public String json() {
        try {
            return JSON.writeValueAsString(this).replace("<", "\\u003c");
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what the scripts know has no form", e);
        }
    }
}
