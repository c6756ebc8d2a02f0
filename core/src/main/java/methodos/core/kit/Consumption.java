package methodos.core.kit;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Manual;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.StepNumbers;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantitySum;

/** How much of each consumable the steps take, and where. */
public final class Consumption {

    /**
     * @param number of the step
     * @param times at how many places the step is done
     */
    public record Used(int number, int times, ConsumableUse use) {

        /** "5 g, on the lip"; empty where neither is said. */
        public String told() {
            String amount = use.amount() == null ? "" : use.amount().print();
            return Stream.of(amount, use.place())
                    .filter(t -> !t.isBlank())
                    .collect(Collectors.joining(", "));
        }
    }

    private final Manual manual;
    private final StepNumbers numbers;
    private final RepeatedSteps repeated;

    /**
     * @param numbers of the steps that are looked at
     */
    public Consumption(Manual manual, StepNumbers numbers) {
        this.manual = manual;
        this.numbers = numbers;
        this.repeated = new RepeatedSteps(manual);
    }

    /** Where it is used, in the order of the steps. */
    public List<Used> uses(Consumable consumable) {
        return manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .flatMap(
                        s ->
                                s.consumables().stream()
                                        .filter(u -> u.consumable().equals(consumable.id()))
                                        .map(
                                                u ->
                                                        new Used(
                                                                numbers.of(s.id()).orElseThrow(),
                                                                repeated.of(s.id()),
                                                                u)))
                .toList();
    }

    /** What all steps take together, repeats multiplied; empty where one of them does not say. */
    public Optional<Quantity> total(Consumable consumable) {
        List<Used> uses = uses(consumable);
        if (uses.stream().anyMatch(u -> u.use().amount() == null)) {
            return Optional.empty();
        }
        return QuantitySum.of(
                uses.stream()
                        .flatMap(u -> Collections.nCopies(u.times(), u.use().amount()).stream())
                        .toList());
    }
}
