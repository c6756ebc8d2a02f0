package methodos.publish.document;

/** What a step holds makes its page fail. */
final class StepFailed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int number;

    StepFailed(int number, Throwable cause) {
        super("step " + number, cause);
        this.number = number;
    }

    int number() {
        return number;
    }
}
