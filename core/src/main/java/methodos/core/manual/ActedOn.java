package methodos.core.manual;

import methodos.core.description.Id;

/** What a step can do something to besides its parts: a joint, or an aid, a fluid or a mark. */
public sealed interface ActedOn permits Joint, LedgerItem {

    Id<? extends ActedOn> id();

    String name();
}
