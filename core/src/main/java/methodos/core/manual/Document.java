package methodos.core.manual;

import methodos.core.description.Id;

/** A document that rules the unit, its revision, and what is looked up in it. */
public record Document(Id<Document> id, String name, String revision, String rules) {
    public Document {
        name = name == null ? "" : name;
        revision = revision == null ? "" : revision;
        rules = rules == null ? "" : rules;
    }
}
