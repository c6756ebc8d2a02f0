package methodos.core.words;

/** Something in a sentence that is called by a key in the words of the program. */
public record Named(String key) {}
