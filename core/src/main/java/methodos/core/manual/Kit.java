package methodos.core.manual;

import java.util.List;

/** A bag of parts that the maker sells under one number. */
public record Kit(String id, String number, String name, List<Content> contents) {

    /** So many of a part; more than a unit needs are spares. */
    public record Content(String part, int count) {}

    public Kit {
        name = name == null ? "" : name;
        contents = contents == null ? List.of() : List.copyOf(contents);
    }

    public int count(String part) {
        return contents.stream().filter(c -> c.part().equals(part)).mapToInt(Content::count).sum();
    }
}
