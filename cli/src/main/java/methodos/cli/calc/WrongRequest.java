package methodos.cli.calc;

/** A request that cannot be calculated, with a sentence that names the field. */
final class WrongRequest extends Exception {

    private static final long serialVersionUID = 1L;

    WrongRequest(String sentence) {
        super(sentence);
    }
}
