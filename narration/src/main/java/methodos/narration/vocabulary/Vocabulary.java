package methodos.narration.vocabulary;

/** All words that the reader knows: what is done, and to and with what. */
public record Vocabulary(Acts acts, Things things) {

    /** The words that come with the program. */
    public static Vocabulary english() {
        return new Vocabulary(Acts.english(), Things.english());
    }
}
