package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * A part that was named in a step, where several of the list can be meant, or none that is a thing
 * of its own. Until somebody answers, or a list comes that does, the step has none of them.
 *
 * @param named how it was named
 * @param handling what is done with it, null for what the stage of the step is for
 * @param answers the parts that can be meant, the likeliest first; none where the list has none
 */
@RecordBuilder
public record Question(@Required Named named, PartUse.Handling handling, List<Id<Part>> answers)
        implements QuestionBuilder.With {
    public Question {
        answers = answers == null ? List.of() : List.copyOf(answers);
    }

    /** The use of one of the parts in the place of the question. */
    public PartUse answered(Id<Part> part) {
        int count = named.quantity() == null ? 1 : named.quantity();
        return new PartUse(part, count, handling).withNamed(named);
    }
}
