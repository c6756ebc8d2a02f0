package methodos.desktop.checks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.ledger.LedgerThread;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.repair.ExpectedPlaces;
import methodos.core.words.PartWords;
import methodos.core.words.Words;

/**
 * What the drawing of a ledger shows, in numbers of steps: what leaves in one step and comes back
 * in another, and what does not come back.
 *
 * @param steps how many there are
 * @param bands the stages along the steps
 * @param arcs the widest first
 * @param looseEnds in the order in which they left
 */
record LedgerPicture(int steps, List<Band> bands, List<Arc> arcs, List<Loose> looseEnds) {

    /** A stage from its first to its last step. */
    record Band(String name, int first, int last) {}

    /**
     * @param from number of the step in which it leaves
     * @param to number of the step in which it comes back, not before {@code from}
     */
    record Arc(LedgerThread.Kind kind, String label, int from, int to) {}

    /**
     * @param subject id of what does not come back
     * @param expected number of the step behind which it should, empty where that is not known
     */
    record Loose(
            LedgerThread.Kind kind,
            String subject,
            String label,
            int from,
            Optional<Integer> expected) {}

    private record Ends(LedgerThread.Kind kind, int from, int to) {}

    static final LedgerPicture NONE = new LedgerPicture(0, List.of(), List.of(), List.of());

    /**
     * @param numbers of the steps for the units whose ledger it is
     */
    static LedgerPicture of(
            Manual manual, StepNumbers numbers, List<LedgerThread> threads, Words words) {
        Names names = new Names(manual, words);
        ExpectedPlaces places = new ExpectedPlaces(manual);
        Map<Ends, List<String>> together = new LinkedHashMap<>();
        List<Loose> loose = new ArrayList<>();
        for (LedgerThread thread : threads) {
            int from = numbers.of(new Id<>(thread.opened())).orElse(0);
            if (from == 0) {
                continue;
            }
            String label = names.of(thread);
            if (thread.closed().isEmpty()) {
                loose.add(
                        new Loose(
                                thread.kind(),
                                thread.subject(),
                                words.of(
                                        "ledger.loose." + thread.kind().name(),
                                        names.plain(thread)),
                                from,
                                expected(manual, places, numbers, thread)));
            } else {
                int to = numbers.of(new Id<>(thread.closed().get())).orElse(from);
                List<String> labels =
                        together.computeIfAbsent(
                                new Ends(thread.kind(), from, Math.max(from, to)),
                                e -> new ArrayList<>());
                if (!labels.contains(label)) {
                    labels.add(label);
                }
            }
        }
        List<Arc> arcs = new ArrayList<>();
        together.forEach(
                (ends, labels) ->
                        arcs.add(
                                new Arc(
                                        ends.kind(),
                                        String.join(", ", labels),
                                        ends.from(),
                                        ends.to())));
        arcs.sort(Comparator.comparingInt(a -> a.from() - a.to()));
        loose.sort(Comparator.comparingInt(Loose::from));
        return new LedgerPicture(numbers.count(), bands(manual, numbers, words), arcs, loose);
    }

    private static Optional<Integer> expected(
            Manual manual, ExpectedPlaces places, StepNumbers numbers, LedgerThread thread) {
        if (thread.kind() != LedgerThread.Kind.PART) {
            return Optional.empty();
        }
        return places.of(new Id<>(thread.opened()))
                .flatMap(p -> p.behind(manual))
                .map(s -> numbers.of(s).orElse(0))
                .filter(n -> n > 0);
    }

    private static List<Band> bands(Manual manual, StepNumbers numbers, Words words) {
        List<Band> bands = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            List<Integer> own = numbers.of(stage.steps().stream().map(Step::id).toList());
            if (!own.isEmpty()) {
                bands.add(new Band(words.of(stage.kind()), own.get(0), own.get(own.size() - 1)));
            }
        }
        return bands;
    }

    /** How what is followed is called in the drawing. */
    private static final class Names {
        private final Map<String, String> names;
        private final Words words;

        Names(Manual manual, Words words) {
            this.words = words;
            names =
                    manual.parts().stream()
                            .collect(
                                    Collectors.toMap(
                                            p -> p.id().text(),
                                            p -> PartWords.said(p) + " " + p.item(),
                                            (a, b) -> a));
            for (Joint joint : manual.joints()) {
                names.put(joint.id().text(), joint.name());
            }
            for (Energy energy : manual.energies()) {
                names.put(energy.id().text(), energy.name());
            }
            for (LedgerItem item : manual.ledgerItems()) {
                names.put(item.id().text(), item.name());
            }
        }

        String of(LedgerThread thread) {
            return thread.kind() == LedgerThread.Kind.ENERGY
                    ? words.of("ledger.energy", plain(thread))
                    : plain(thread);
        }

        String plain(LedgerThread thread) {
            return names.getOrDefault(thread.subject(), thread.subject()).strip();
        }
    }
}
