package methodos.core.bench;

import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;

/** Something of a step that is not as it should be. */
@ToldApartBy("of")
public sealed interface Outside {

    /** A reading outside its limit. */
    record OfReading(@Required int reading, @Required int which) implements Outside {}

    /** Something that was judged bad by eye. */
    record OfLook(@Required int look) implements Outside {}

    /** A decision for which no rule says how it goes on. */
    record OfDecision(@Required String decision) implements Outside {}
}
