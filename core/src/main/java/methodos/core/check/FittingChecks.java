package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** How parts are lifted and where and which way round they go. */
final class FittingChecks {

    private final Manual manual;
    private final Map<Id<Part>, Part> parts = new HashMap<>();
    private final Map<Id<Tool>, Tool> tools = new HashMap<>();
    private final Map<Id<Figure>, Figure> figures = new HashMap<>();

    /** Of each part by place: how many more came off there than went on. */
    private final Map<Id<Part>, Map<String, Integer>> off = new LinkedHashMap<>();

    private final Map<Id<Part>, Step> lastFitted = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private FittingChecks(Manual manual) {
        this.manual = manual;
        manual.parts().forEach(p -> parts.put(p.id(), p));
        manual.tools().forEach(t -> tools.put(t.id(), t));
        manual.figures().forEach(f -> figures.put(f.id(), f));
    }

    static List<Finding> of(Manual manual) {
        FittingChecks checks = new FittingChecks(manual);
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                step.parts().forEach(u -> checks.use(u, step, u.in(stage.kind())));
            }
        }
        checks.places();
        return checks.findings;
    }

    private void add(Rule rule, String what, Step step, Part part, String detail) {
        findings.add(
                new Finding(
                        rule,
                        part.id().text(),
                        List.of(step.id()),
                        "finding." + rule.name() + what,
                        List.of(new StepRef(step.id()), LedgerChecks.name(part), detail)));
    }

    private void use(PartUse use, Step step, Handling handling) {
        Part part = parts.get(use.part());
        if (part == null || handling != Handling.TAKEN_OFF && handling != Handling.PUT_ON) {
            return;
        }
        lifted(part, step);
        if (handling == Handling.PUT_ON
                && !part.wayRound().isBlank()
                && use.wayRound().isBlank()
                && !shown(part, step)) {
            add(Rule.WAY_ROUND_UNTOLD, "", step, part, part.wayRound());
        }
        placed(part, use, step, handling == Handling.TAKEN_OFF ? 1 : -1);
    }

    // ---------------------------------------------------------------- lifting

    private void lifted(Part part, Step step) {
        if (part.mass() == null || !more(part.mass(), manual.practices().byHand())) {
            return;
        }
        List<Tool> aids =
                step.tools().stream()
                        .map(tools::get)
                        .filter(t -> t != null && t.kind() == Tool.Kind.LIFTING)
                        .toList();
        if (aids.isEmpty()) {
            add(Rule.TOO_HEAVY, ".hand", step, part, part.mass().print());
            return;
        }
        aids.stream()
                .filter(t -> t.rated() != null && more(part.mass(), t.rated()))
                .findFirst()
                .ifPresent(
                        t ->
                                add(
                                        Rule.TOO_HEAVY,
                                        ".aid",
                                        step,
                                        part,
                                        t.label() + ", " + t.rated().print()));
    }

    /** Whether a mass may be more than another. Of a range the larger is lifted. */
    private static boolean more(Quantity mass, Quantity limit) {
        if (mass.unit().dimension() != limit.unit().dimension()) {
            return false;
        }
        Rational heaviest =
                new Conversion(mass, limit.unit())
                        .exact(mass.max() == null ? mass.min() : mass.max());
        Rational most = (limit.max() == null ? limit.min() : limit.max()).value();
        return heaviest.compareTo(most) > 0;
    }

    // ---------------------------------------------------------------- way round and place

    private boolean shown(Part part, Step step) {
        return step.figures().stream()
                .map(figures::get)
                .filter(f -> f != null)
                .flatMap(f -> f.marks().stream())
                .anyMatch(m -> m instanceof Mark.OfPart p && p.part().equals(part.id()));
    }

    private void placed(Part part, PartUse use, Step step, int sign) {
        if (use.places().isEmpty()) {
            return;
        }
        if (use.places().size() != use.count()
                || !part.places().isEmpty() && !part.places().containsAll(use.places())) {
            add(Rule.OTHER_PLACE, ".count", step, part, String.join(", ", use.places()));
        }
        Map<String, Integer> places = off.computeIfAbsent(part.id(), p -> new LinkedHashMap<>());
        use.places().forEach(place -> places.merge(place, sign, Integer::sum));
        lastFitted.put(part.id(), step);
    }

    /** What came off at a place goes on there, if the places of both are told. */
    private void places() {
        off.forEach(
                (id, places) -> {
                    Optional<String> open = where(places, 1);
                    Optional<String> doubled = where(places, -1);
                    if (open.isPresent() && doubled.isPresent()) {
                        findings.add(
                                new Finding(
                                        Rule.OTHER_PLACE,
                                        id.text(),
                                        List.of(lastFitted.get(id).id()),
                                        "finding.OTHER_PLACE",
                                        List.of(
                                                new StepRef(lastFitted.get(id).id()),
                                                LedgerChecks.name(parts.get(id)),
                                                open.get(),
                                                doubled.get())));
                    }
                });
    }

    private static Optional<String> where(Map<String, Integer> places, int sign) {
        return places.entrySet().stream()
                .filter(e -> Integer.signum(e.getValue()) == sign)
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
