package methodos.core.manual;

/** So many of a part, in a step. */
public record PartUse(String part, int count) {}
