package methodos.files.picture;

/** A picture cannot be brought in; the message is one sentence for the user. */
public final class PictureProblem extends Exception {

    private static final long serialVersionUID = 1L;

    public PictureProblem(String sentence) {
        super(sentence);
    }

    public PictureProblem(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
