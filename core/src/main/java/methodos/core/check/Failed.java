package methodos.core.check;

import methodos.core.description.Id;
import methodos.core.manual.Step;

/**
 * Something that could not be worked out, though everything else was.
 *
 * @param what key of its name in the words of the program, such as {@code derived.ledger}
 * @param step id of the step that is to blame, null where none is
 * @param path where what is to blame stands in the manual, empty where no one thing is
 * @param cause what went wrong, for the report
 */
public record Failed(String what, Id<Step> step, String path, Throwable cause) {}
