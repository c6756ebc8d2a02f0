package methodos.publish;

/** A publication cannot be made or written, with the sentence for people. */
public final class PublishProblem extends Exception {

    private static final long serialVersionUID = 1L;

    public PublishProblem(String sentence) {
        super(sentence);
    }

    public PublishProblem(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
