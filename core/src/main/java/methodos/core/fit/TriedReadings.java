package methodos.core.fit;

import java.util.List;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;

/**
 * Readings that somebody tries against a limit, each with what the limit says of it.
 *
 * @param readings as they were typed
 * @param verdicts one for each reading
 */
public record TriedReadings(List<Quantity> readings, List<ReadingVerdict> verdicts) {

    /**
     * Reads and judges them.
     *
     * @param resolution smallest step of the instrument; null where it is not known
     * @param typed readings with commas between them; without a unit in that of the limit
     * @throws IllegalArgumentException with a sentence if one is no single reading of that kind
     */
    public static TriedReadings of(Quantity limit, Quantity resolution, String typed) {
        List<Quantity> readings = QuantityList.parse(typed, limit.unit());
        readings.stream()
                .filter(r -> !r.single())
                .findFirst()
                .ifPresent(
                        r -> {
                            throw new IllegalArgumentException(
                                    "“" + r.entered() + "” is no single reading.");
                        });
        return new TriedReadings(
                readings,
                readings.stream().map(r -> ReadingVerdict.of(limit, resolution, r)).toList());
    }

    /** How many readings have a verdict. */
    public long count(ReadingVerdict verdict) {
        return verdicts.stream().filter(v -> v == verdict).count();
    }
}
