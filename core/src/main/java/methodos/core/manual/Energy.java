package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;

/**
 * An energy that the unit holds, and how it is made safe and given back.
 *
 * @param amount how much, in words
 * @param madeSafe how it is made safe, in words
 * @param safeSteps the steps that make it safe
 * @param restoreSteps the steps that give it back
 * @param parts the parts that it moves or fills: off only when it is made safe, and on before it is
 *     given back; all where none of them and no joint is named
 * @param joints the joints that hold it in the same way
 */
@RecordBuilder
public record Energy(
        Id<Energy> id,
        String name,
        String amount,
        String madeSafe,
        List<Id<Step>> safeSteps,
        List<Id<Step>> restoreSteps,
        Applicability applicability,
        List<Id<Part>> parts,
        List<Id<Joint>> joints)
        implements EnergyBuilder.With {
    public Energy {
        name = name == null ? "" : name;
        amount = amount == null ? "" : amount;
        madeSafe = madeSafe == null ? "" : madeSafe;
        safeSteps = safeSteps == null ? List.of() : List.copyOf(safeSteps);
        restoreSteps = restoreSteps == null ? List.of() : List.copyOf(restoreSteps);
        applicability = applicability == null ? Applicability.ALL : applicability;
        parts = parts == null ? List.of() : List.copyOf(parts);
        joints = joints == null ? List.of() : List.copyOf(joints);
    }

    /** Whether it names what it moves or fills; otherwise that is the whole unit. */
    public boolean concernsSome() {
        return !parts.isEmpty() || !joints.isEmpty();
    }
}
