package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.WrittenIfTrue;

/**
 * A document that rules the unit, its revision, and what is looked up in it.
 *
 * @param heard whether it is here only because the narration sends to it
 */
@RecordBuilder
public record Document(
        Id<Document> id, String name, String revision, String rules, @WrittenIfTrue boolean heard)
        implements DocumentBuilder.With {
    public Document {
        name = name == null ? "" : name;
        revision = revision == null ? "" : revision;
        rules = rules == null ? "" : rules;
    }

    /** One of which name, revision and what it rules are known. */
    public Document(Id<Document> id, String name, String revision, String rules) {
        this(id, name, revision, rules, false);
    }
}
