package methodos.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;

/** Every limit that the steps measure against, in the order of the steps. */
public final class LimitTable {

    /**
     * @param index of the reading within its step, from 0
     * @param number of the step for the units that are looked at
     * @param instrument the tool that it is measured with, where one is said
     * @param places at how many places its step is done
     */
    public record Row(
            Step step,
            int index,
            int number,
            Reading reading,
            Optional<Tool> instrument,
            int places) {

        /** How many are measured altogether. */
        public int count() {
            return reading.count() * places;
        }

        /** Smallest step of the instrument, where its size tells one that suits the limit. */
        public Optional<Quantity> resolution() {
            return instrument.flatMap(t -> InstrumentFit.resolution(t, reading));
        }

        /** Whether the instrument is fine enough, where that can be told. */
        public Optional<InstrumentFit> fit() {
            return resolution()
                    // about so much judges nothing
                    .filter(r -> reading.known().filter(q -> !q.about()).isPresent())
                    .map(r -> InstrumentFit.of(reading.known().orElseThrow(), r, null));
        }
    }

    private LimitTable() {}

    /** One row for each reading of the units that are looked at. */
    public static List<Row> of(PractisedManual practised, Sight sight) {
        Manual manual = practised.manual();
        StepNumbers numbers = new StepNumbers(manual, sight);
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<Row> rows = new ArrayList<>();
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .forEach(
                        s -> {
                            for (int i = 0; i < s.readings().size(); i++) {
                                Reading reading = s.readings().get(i);
                                if (!reading.applicability().concerns(sight)) {
                                    continue;
                                }
                                rows.add(
                                        new Row(
                                                s,
                                                i,
                                                numbers.of(s.id()).orElseThrow(),
                                                reading,
                                                Optional.ofNullable(reading.tool())
                                                        .flatMap(manual::tool),
                                                repeated.of(s.id())));
                            }
                        });
        return List.copyOf(rows);
    }
}
