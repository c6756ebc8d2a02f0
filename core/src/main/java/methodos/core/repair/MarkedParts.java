package methodos.core.repair;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import methodos.core.language.PartNames;
import methodos.core.manual.Action;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** Where a mark is matched: where the parts go on that the step with the mark names. */
public final class MarkedParts {

    private MarkedParts() {}

    /** The steps that build up and fit one of the marked parts; none where that is not known. */
    public static List<Step> fittingSteps(Manual manual, LedgerItem mark) {
        Set<String> marked = marked(manual, mark);
        return manual.stage(Stage.Kind.BUILD_UP).stream()
                .flatMap(s -> s.steps().stream())
                .filter(
                        s ->
                                s.parts().stream()
                                        .anyMatch(
                                                u ->
                                                        marked.contains(u.part())
                                                                && u.in(Stage.Kind.BUILD_UP)
                                                                        == Handling.PUT_ON))
                .toList();
    }

    /** Of the parts that are there when the mark is made, those that its name names, else all. */
    private static Set<String> marked(Manual manual, LedgerItem mark) {
        Set<String> there = new HashSet<>();
        manual.steps()
                .filter(
                        s ->
                                s.actions().stream()
                                        .anyMatch(
                                                a ->
                                                        a.verb() == Action.Verb.MARK
                                                                && a.object().equals(mark.id())))
                .flatMap(s -> s.parts().stream())
                .map(PartUse::part)
                .forEach(there::add);
        String name = mark.name().toLowerCase(Locale.ROOT);
        Set<String> named = named(manual, there, p -> name.contains(p.toLowerCase(Locale.ROOT)));
        if (named.isEmpty()) {
            named = named(manual, there, p -> name.contains(PartNames.head(p)));
        }
        return named.isEmpty() ? there : named;
    }

    private static Set<String> named(Manual manual, Set<String> parts, Predicate<String> name) {
        return parts.stream()
                .filter(p -> manual.part(p).filter(x -> name.test(x.name())).isPresent())
                .collect(Collectors.toSet());
    }
}
