package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Alternative;
import methodos.core.manual.Alternative.Way;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;

/** Edits of work that is done in one of several ways. */
public final class AlternativeEdits {

    private AlternativeEdits() {}

    /**
     * Makes a step one of a way. An alternative or a way of that name is taken; where there is
     * none, it is made. Ways that no step is of any more are gone.
     *
     * @param typed "fill the gear case: through the plug"; blank for a step that is always done
     * @throws IllegalArgumentException if it has no name on one side of the colon
     */
    public static Edit way(Id<Step> step, String typed) {
        int colon = typed.indexOf(':');
        String name = colon < 0 ? "" : typed.substring(0, colon).strip();
        String way = colon < 0 ? "" : typed.substring(colon + 1).strip();
        if (!typed.isBlank() && (name.isEmpty() || way.isEmpty())) {
            throw new IllegalArgumentException(
                    "“" + typed.strip() + "” names no way: type what is done, a colon, the way.");
        }
        return Edit.named(
                EditKind.ALTERNATIVE,
                manual ->
                        pruned(
                                name.isEmpty()
                                        ? with(manual, step, null)
                                        : of(manual, step, name, way)));
    }

    /** Says when a way is taken rather than another. */
    public static Edit when(Id<Way> way, String when) {
        return Edit.named(
                EditKind.ALTERNATIVE,
                manual ->
                        manual.withAlternatives(
                                manual.alternatives().stream()
                                        .map(
                                                a ->
                                                        a.withWays(
                                                                a.ways().stream()
                                                                        .map(
                                                                                w ->
                                                                                        w.id().equals(
                                                                                                                way)
                                                                                                ? w
                                                                                                        .withWhen(
                                                                                                                when
                                                                                                                        .strip())
                                                                                                : w)
                                                                        .toList()))
                                        .toList()));
    }

    private static Manual of(Manual manual, Id<Step> step, String name, String way) {
        Optional<Alternative> known =
                manual.alternatives().stream()
                        .filter(a -> a.name().equalsIgnoreCase(name))
                        .findFirst();
        Optional<Way> there =
                known.flatMap(
                        a ->
                                a.ways().stream()
                                        .filter(w -> w.name().equalsIgnoreCase(way))
                                        .findFirst());
        if (there.isPresent()) {
            return with(manual, step, there.get().id());
        }
        Way made = new Way(manual.nextId("w"), way, "");
        Manual next = manual.withIdTaken();
        List<Alternative> all = new ArrayList<>(next.alternatives());
        if (known.isPresent()) {
            Alternative more = known.get().withWays(Lists.with(known.get().ways(), made));
            all.set(all.indexOf(known.get()), more);
        } else {
            all.add(new Alternative(next.nextId("a"), name, List.of(made)));
            next = next.withIdTaken();
        }
        return with(next.withAlternatives(all), step, made.id());
    }

    private static Manual with(Manual manual, Id<Step> step, Id<Way> way) {
        return manual.step(step).map(s -> manual.withStep(s.withWay(way))).orElse(manual);
    }

    private static Manual pruned(Manual manual) {
        Set<Id<Way>> used = new HashSet<>();
        manual.steps().forEach(s -> used.add(s.way()));
        return manual.withAlternatives(
                manual.alternatives().stream()
                        .map(
                                a ->
                                        a.withWays(
                                                a.ways().stream()
                                                        .filter(w -> used.contains(w.id()))
                                                        .toList()))
                        .filter(a -> !a.ways().isEmpty())
                        .toList());
    }
}
