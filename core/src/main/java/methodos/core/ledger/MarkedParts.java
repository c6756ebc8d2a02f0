package methodos.core.ledger;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.language.PartNames;
import methodos.core.manual.Action;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** The parts that a mark is made on, and where it is matched: where they go on again. */
public final class MarkedParts {

    private MarkedParts() {}

    /** The steps that build up and fit one of the marked parts; none where that is not known. */
    public static List<Step> fittingSteps(Manual manual, LedgerItem mark) {
        Set<Id<Part>> marked = marked(manual, mark);
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
    private static Set<Id<Part>> marked(Manual manual, LedgerItem mark) {
        Set<Id<Part>> there = new HashSet<>();
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
        Set<Id<Part>> named = named(manual::part, there, mark);
        return named.isEmpty() ? there : named;
    }

    /**
     * The parts that a step makes a mark on: those that its name names, else the only one of the
     * step; none where that is not known.
     *
     * @param parts the parts of the manual by their ids
     */
    static Set<Id<Part>> in(Step step, Map<Id<Part>, Part> parts, LedgerItem mark) {
        Set<Id<Part>> there = new LinkedHashSet<>();
        step.parts().forEach(u -> there.add(u.part()));
        Set<Id<Part>> named = named(id -> Optional.ofNullable(parts.get(id)), there, mark);
        return named.isEmpty() && there.size() > 1 ? Set.of() : named.isEmpty() ? there : named;
    }

    private static Set<Id<Part>> named(
            Function<Id<Part>, Optional<Part>> find, Set<Id<Part>> parts, LedgerItem mark) {
        String name = mark.name().toLowerCase(Locale.ROOT);
        Set<Id<Part>> whole = named(find, parts, p -> name.contains(p.toLowerCase(Locale.ROOT)));
        return whole.isEmpty() ? named(find, parts, p -> name.contains(PartNames.head(p))) : whole;
    }

    private static Set<Id<Part>> named(
            Function<Id<Part>, Optional<Part>> find, Set<Id<Part>> parts, Predicate<String> name) {
        return parts.stream()
                .filter(p -> find.apply(p).filter(x -> name.test(x.name())).isPresent())
                .collect(Collectors.toSet());
    }
}
