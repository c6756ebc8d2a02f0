package methodos.desktop.tour;

import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import methodos.desktop.place.Place;

/**
 * A stop of the tour.
 *
 * @param key of the sentence that says what to do
 * @param place where it is done
 * @param target id of what the sentence points at
 * @param waits called when the stop begins; gives what tells whether it was done
 */
record Stop(String key, Place place, String target, Supplier<BooleanSupplier> waits) {}
