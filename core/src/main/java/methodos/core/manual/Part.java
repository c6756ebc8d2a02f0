package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.WrittenIfTrue;
import methodos.core.quantity.Quantity;

/**
 * A line of the parts list.
 *
 * @param item the number in the balloon
 * @param number the maker's part number
 * @param size thread or dimension, empty where none is said
 * @param quantity how many a unit has
 * @param sitsOn id of the part that it sits on, null where none is said
 * @param coveredBy ids of the parts that have to be off before it can be reached
 * @param replacement the newer number in its place, null where there is none
 * @param convertedTo the part that goes on while this one stays off, null where it goes back itself
 * @param set the name of those that are all new if one of them is, empty where it is of none
 * @param mass of one, null where nothing is said
 * @param places a name for the place of each of several that are alike; none where any goes
 *     anywhere
 * @param wayRound what tells which way round it goes ("lip towards the pressure"); empty where it
 *     goes either way
 * @param lifting where it is lifted, in words; empty where nothing is said
 * @param heard whether it is here only because the narration names it: no list has it yet
 */
@RecordBuilder
public record Part(
        Id<Part> id,
        String item,
        String number,
        String name,
        String size,
        @Required int quantity,
        ReuseRule reuse,
        Applicability applicability,
        String note,
        Id<Part> sitsOn,
        List<Id<Part>> coveredBy,
        Replacement replacement,
        Id<Part> convertedTo,
        String set,
        Quantity mass,
        List<String> places,
        String wayRound,
        String lifting,
        @WrittenIfTrue boolean heard)
        implements PartBuilder.With {
    public Part {
        name = name == null ? "" : name;
        if (quantity < 0) {
            throw new IllegalArgumentException("A quantity cannot be less than 0.");
        }
        item = item == null ? "" : item;
        number = number == null ? "" : number;
        size = size == null ? "" : size;
        note = note == null ? "" : note;
        set = set == null ? "" : set;
        places = places == null ? List.of() : List.copyOf(places);
        wayRound = wayRound == null ? "" : wayRound;
        lifting = lifting == null ? "" : lifting;
        coveredBy = coveredBy == null ? List.of() : List.copyOf(coveredBy);
        reuse = reuse == null ? ReuseRule.INSPECT : reuse;
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** Name and size, as they are printed: "cap screw M6 × 25". */
    public String label() {
        return size.isEmpty() ? name : name + " " + size;
    }
}
