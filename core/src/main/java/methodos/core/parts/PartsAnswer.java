package methodos.core.parts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Replacement;

/**
 * What a maker's parts service says of part numbers and kits.
 *
 * @param offers by part number; a number that it does not know is missing
 * @param kits what each kit that it knows holds, by kit number: how many of each part number
 */
public record PartsAnswer(Map<String, Offer> offers, Map<String, Map<String, Integer>> kits) {

    /**
     * @param price as it is printed, with its currency
     * @param stock how many can be delivered at once
     * @param replacement the newer number in its place, null where it is current
     */
    public record Offer(String price, int stock, Replacement replacement) {}

    /** Nothing was asked. */
    public static final PartsAnswer NONE = new PartsAnswer(Map.of(), Map.of());

    public PartsAnswer {
        offers = Map.copyOf(offers);
        Map<String, Map<String, Integer>> copy = new LinkedHashMap<>();
        kits.forEach((kit, held) -> copy.put(kit, Map.copyOf(held)));
        kits = Map.copyOf(copy);
    }

    /** What there is for a part number; empty where it is not known. */
    public Optional<Offer> offer(String number) {
        return Optional.ofNullable(offers.get(number));
    }

    /** Whether anything was asked at all. */
    public boolean given() {
        return !offers.isEmpty() || !kits.isEmpty();
    }

    /** The numbers that are asked for a list of parts. */
    public static List<String> asked(List<String> numbers) {
        return numbers.stream().filter(n -> !n.isBlank()).distinct().toList();
    }
}
