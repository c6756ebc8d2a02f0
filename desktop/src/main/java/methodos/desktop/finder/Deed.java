package methodos.desktop.finder;

/**
 * Something that the program does.
 *
 * @param name what it is called
 * @param key by which it is done, empty for none
 */
public record Deed(String name, String key, Runnable run) {}
