package methodos.desktop.project;

/**
 * Something that went wrong beside the interface.
 *
 * @param sentence what it was, for people, with where the report is
 */
public record Trouble(String sentence) {}
