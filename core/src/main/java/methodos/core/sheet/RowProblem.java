package methodos.core.sheet;

/**
 * A cell that was not understood.
 *
 * @param line in the file, from 1
 * @param column as the sheet spells it
 * @param reason a sentence
 */
public record RowProblem(int line, String column, String reason) {

    /** As it is told: line, column, why. */
    public String sentence() {
        return "Line " + line + ", " + column + ": " + reason;
    }
}
