package methodos.cli.defects;

import java.util.Set;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;

/**
 * A manual with one fault put into it.
 *
 * @param kind what was done to it
 * @param rules of which one has to find it
 * @param subject what it is about, null where that is not a matter of ids
 * @param steps one of which has to be named by the finding; none where no step is named
 */
record Defect(String kind, Manual manual, Set<Rule> rules, String subject, Set<Id<Step>> steps) {

    Defect(String kind, Manual manual, Rule rule, String subject, Set<Id<Step>> steps) {
        this(kind, manual, Set.of(rule), subject, steps);
    }
}
