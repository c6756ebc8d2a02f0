package methodos.desktop.stores;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Part;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.typed.TypedNumber;
import methodos.desktop.project.OpenProject;

/**
 * What is typed of a part, in a table or beside the lines. What is not understood is an {@link
 * IllegalArgumentException} with a sentence.
 */
final class PartEntry {

    private final OpenProject project;

    PartEntry(OpenProject project) {
        this.project = project;
    }

    /** A name, which no line of the lists goes without. */
    String name(String typed) {
        if (typed.isEmpty()) {
            throw new IllegalArgumentException(project.words().of("stores.noName"));
        }
        return typed;
    }

    Part name(Part part, String typed) {
        return part.withName(name(typed));
    }

    int count(String typed) {
        return TypedNumber.needed(typed);
    }

    Part quantity(Part part, String typed) {
        return part.withQuantity(count(typed));
    }

    /** The item that a part sits on, as it is typed. */
    String sitsOn(Part part) {
        return items(part.sitsOn() == null ? List.of() : List.of(part.sitsOn()));
    }

    Part sitsOn(Part part, String typed) {
        List<Id<Part>> on = StoreEdits.items(project.manual(), typed);
        return part.withSitsOn(on.isEmpty() ? null : on.get(0));
    }

    /** The items that cover a part, as they are typed. */
    String coveredBy(Part part) {
        return items(part.coveredBy());
    }

    Part coveredBy(Part part, String typed) {
        return part.withCoveredBy(StoreEdits.items(project.manual(), typed));
    }

    /** The item that goes on while a part stays off, as it is typed. */
    String convertedTo(Part part) {
        return items(part.convertedTo() == null ? List.of() : List.of(part.convertedTo()));
    }

    /**
     * @throws IllegalArgumentException if it is the part itself
     */
    Part convertedTo(Part part, String typed) {
        List<Id<Part>> to = StoreEdits.items(project.manual(), typed);
        if (to.contains(part.id())) {
            throw new IllegalArgumentException(project.words().of("stores.notItself"));
        }
        return part.withConvertedTo(to.isEmpty() ? null : to.get(0));
    }

    Part mass(Part part, String typed) {
        return part.withMass(mass(typed));
    }

    /** A mass; null where nothing is typed. */
    Quantity mass(String typed) {
        return typed.isEmpty() ? null : Quantity.parse(typed, MeasureUnit.Dimension.MASS);
    }

    private String items(List<Id<Part>> ids) {
        return StoreEdits.items(project.manual(), ids);
    }
}
