package methodos.core.manual;

import java.util.List;

/**
 * An energy that the unit holds, and how it is made safe and given back.
 *
 * @param amount how much, in words
 * @param madeSafe how it is made safe, in words
 * @param safeSteps the steps that make it safe
 * @param restoreSteps the steps that give it back
 */
public record Energy(
        String id,
        String name,
        String amount,
        String madeSafe,
        List<String> safeSteps,
        List<String> restoreSteps,
        Applicability applicability) {
    public Energy {
        amount = amount == null ? "" : amount;
        madeSafe = madeSafe == null ? "" : madeSafe;
        safeSteps = safeSteps == null ? List.of() : List.copyOf(safeSteps);
        restoreSteps = restoreSteps == null ? List.of() : List.copyOf(restoreSteps);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }
}
