package methodos.files.sheet;

/** A sheet cannot be read; the message is one sentence for the user. */
public final class SheetProblem extends Exception {

    private static final long serialVersionUID = 1L;

    public SheetProblem(String sentence) {
        super(sentence);
    }

    public SheetProblem(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
