package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Step;

/** Collects what a dry run stumbles over, each thing once whatever the units. */
final class Stumbles {

    private final Set<Finding> all = new LinkedHashSet<>();

    /**
     * @param what the case of the rule, with a dot in front of it; empty where it has one only
     * @param step at which it is found
     * @param subject id of what it is about
     * @param said what the sentence is filled in with, after the step
     */
    void add(Rule rule, String what, Step step, String subject, Object... said) {
        List<Object> arguments = new ArrayList<>();
        arguments.add(new StepRef(step.id()));
        arguments.addAll(List.of(said));
        all.add(
                new Finding(
                        rule,
                        step.id() + "." + subject,
                        List.of(step.id()),
                        "finding." + rule.name() + what,
                        arguments));
    }

    List<Finding> all() {
        return List.copyOf(all);
    }
}
