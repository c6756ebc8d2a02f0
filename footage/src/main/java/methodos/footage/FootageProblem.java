package methodos.footage;

/** A recording cannot be read, with the sentence for people. */
public final class FootageProblem extends Exception {

    private static final long serialVersionUID = 1L;

    public FootageProblem(String sentence) {
        super(sentence);
    }
}
