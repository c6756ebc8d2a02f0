package methodos.core.manual;

import java.util.List;

/**
 * Where a manual stands in a series of trainings.
 *
 * @param presupposes what somebody has to have learned before, each by its title
 * @param leadsTo what comes next, each by its title
 */
public record Training(List<String> presupposes, List<String> leadsTo) {

    /** A manual that stands by itself. */
    public static final Training NONE = new Training(List.of(), List.of());

    public Training {
        presupposes = presupposes == null ? List.of() : List.copyOf(presupposes);
        leadsTo = leadsTo == null ? List.of() : List.copyOf(leadsTo);
    }
}
