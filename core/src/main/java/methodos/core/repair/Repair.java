package methodos.core.repair;

import java.util.List;
import methodos.core.edit.Edit;

/**
 * A change that settles a finding. What it adds is drafted: somebody has to accept it.
 *
 * @param key of what it does, in the words of the program
 * @param arguments what that is filled in with; steps as {@link
 *     methodos.core.finding.Finding.StepRef}
 * @param edit the change
 */
public record Repair(String key, List<Object> arguments, Edit edit) {
    static Repair of(String key, Edit edit, Object... arguments) {
        return new Repair(key, List.of(arguments), edit);
    }
}
