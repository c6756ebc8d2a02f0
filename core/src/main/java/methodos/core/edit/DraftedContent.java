package methodos.core.edit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Document;
import methodos.core.manual.Evidence;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
import methodos.core.narration.DraftedStep;
import methodos.core.parts.SpokenParts;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.vocabulary.Nouns;
import methodos.core.words.Words;

/**
 * What a drafted step becomes in a manual: parts, tools and consumables are those that the manual
 * knows by that name; values are drafted with the words they come from; what the words leave to a
 * document is an open value.
 */
final class DraftedContent {

    private Manual manual;
    private final SpokenParts spoken;
    private final Words words;

    /** What somebody has to decide about the step, a sentence each. */
    private final List<String> doubts = new ArrayList<>();

    /**
     * @param spoken what was named before, of the same list
     */
    DraftedContent(Manual manual, SpokenParts spoken, Words words) {
        this.manual = manual;
        this.spoken = spoken;
        this.words = words;
    }

    Manual add(DraftedStep drafted, Span span) {
        List<Evidence> evidence = new ArrayList<>();
        drafted.evidence()
                .forEach(
                        q ->
                                evidence.add(
                                        new Evidence.Recorded(
                                                new Span(span.clip(), q.start(), q.end()),
                                                q.quote())));
        List<PartUse> parts = parts(drafted);
        List<Id<Joint>> joints = joints(drafted, parts, evidence);
        Id<Step> id = manual.nextId("s");
        Step step =
                StepBuilder.builder()
                        .id(id)
                        .text(drafted.text())
                        .spans(List.of(span))
                        .parts(parts)
                        .tools(named(manual.tools(), t -> t.id(), t -> t.label(), tools(drafted)))
                        .consumables(
                                named(
                                                manual.consumables(),
                                                c -> c.id(),
                                                c -> c.label(),
                                                drafted.consumables())
                                        .stream()
                                        .map(ConsumableUse::new)
                                        .toList())
                        .joints(joints)
                        .hazards(hazards(drafted))
                        .readings(readings(drafted, evidence))
                        .waits(
                                drafted.waits().stream()
                                        .map(w -> new Wait(drafted.text(), w.seconds()))
                                        .toList())
                        .evidence(evidence)
                        .why(drafted.why())
                        .doubts(doubts)
                        .accepted(false)
                        .build();
        Stage.Kind kind = drafted.stage();
        return manual.stage(kind)
                .map(s -> manual.withIdTaken().withNewStep(s.id(), step))
                .orElse(manual);
    }

    // ---------------------------------------------------------------- what the manual knows

    private List<PartUse> parts(DraftedStep drafted) {
        List<PartUse> uses = new ArrayList<>();
        for (DraftedStep.PartNamed named : drafted.parts()) {
            int count = named.quantity() == null ? 1 : named.quantity();
            List<Part> meant =
                    spoken.meant(
                            new SpokenParts.Named(named.name(), named.size(), named.quantity()),
                            drafted.text());
            if (meant.size() > 1) {
                doubts.add(
                        words.of(
                                "draft.which",
                                named.name(),
                                meant.stream().map(Part::label).collect(Collectors.joining("; "))));
            }
            meant.stream()
                    .filter(p -> meant.size() == 1)
                    .filter(p -> uses.stream().noneMatch(u -> u.part().equals(p.id())))
                    .forEach(
                            p ->
                                    uses.add(
                                            new PartUse(
                                                    p.id(),
                                                    count,
                                                    DraftedHandling.of(drafted, named))));
        }
        return uses;
    }

    private static Set<String> words(String name) {
        return Stream.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                .map(Nouns::singular)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.toSet());
    }

    private static List<String> tools(DraftedStep drafted) {
        return drafted.tools().stream()
                .map(t -> t.size() == null ? t.name() : t.name() + " " + t.size())
                .toList();
    }

    /** Those of a list whose label has all the words that are said. */
    private static <T> List<Id<T>> named(
            List<T> list, Function<T, Id<T>> id, Function<T, String> label, List<String> said) {
        List<Id<T>> ids = new ArrayList<>();
        for (String one : said) {
            Set<String> wanted = words(one);
            List<T> fitting =
                    list.stream().filter(t -> words(label.apply(t)).containsAll(wanted)).toList();
            if (fitting.size() == 1 && !ids.contains(id.apply(fitting.get(0)))) {
                ids.add(id.apply(fitting.get(0)));
            }
        }
        return ids;
    }

    // ---------------------------------------------------------------- values

    private List<Id<Joint>> joints(
            DraftedStep drafted, List<PartUse> parts, List<Evidence> evidence) {
        List<Value.Known> stages = stages(drafted.torques(), evidence);
        Optional<Value> value =
                stages.isEmpty() ? Optional.empty() : Optional.of(stages.get(stages.size() - 1));
        boolean open =
                value.isEmpty()
                        && drafted.reference() != null
                        && "tighten".equals(drafted.action());
        if (value.isEmpty() && !open) {
            return List.of();
        }
        Joint joint =
                JointBuilder.builder()
                        .id(manual.nextId("j"))
                        .name(
                                drafted.parts().isEmpty()
                                        ? drafted.text()
                                        : drafted.parts().get(0).name())
                        .fastener(parts.isEmpty() ? null : parts.get(0).part())
                        .count(parts.isEmpty() ? 1 : parts.get(0).count())
                        .torque(value.orElseGet(() -> open(drafted.reference())))
                        .stages(
                                stages.stream()
                                        .limit(Math.max(0, stages.size() - 1))
                                        .map(Value.Known::quantity)
                                        .toList())
                        .order(drafted.pattern())
                        .second(second(drafted.torques(), evidence))
                        .build();
        manual = manual.withIdTaken().withJoint(joint);
        return List.of(joint.id());
    }

    /** "Ten, twenty, then thirty-five", in the system of units that was said first. */
    private static List<Value.Known> stages(
            List<DraftedStep.Torque> torques, List<Evidence> evidence) {
        return torques.stream()
                .filter(t -> t.unit().equals(torques.get(0).unit()))
                .flatMap(t -> value(t.min(), t.max(), t.unit(), evidence).stream())
                .toList();
    }

    /** What the last stage is said to be in another unit; nothing that is said is lost. */
    private static Quantity second(List<DraftedStep.Torque> torques, List<Evidence> evidence) {
        return torques.stream()
                .filter(t -> !t.unit().equals(torques.get(0).unit()))
                .flatMap(t -> value(t.min(), t.max(), t.unit(), evidence).stream())
                .map(Value.Known::quantity)
                .reduce((a, b) -> b)
                .orElse(null);
    }

    private Value open(String document) {
        return new Value.Open(
                words.of("draft.lookUp", document),
                manual.documents().stream()
                        .filter(d -> d.name().equalsIgnoreCase(document))
                        .findFirst()
                        .map(Document::id)
                        .orElse(null));
    }

    private List<Reading> readings(DraftedStep drafted, List<Evidence> evidence) {
        List<Reading> readings = new ArrayList<>();
        String what = drafted.parts().isEmpty() ? drafted.text() : drafted.parts().get(0).name();
        for (DraftedStep.Limit limit : drafted.limits()) {
            value(limit.min(), limit.max(), limit.unit(), evidence)
                    .ifPresent(v -> readings.add(Reading.of(what, v, 1, null)));
        }
        boolean open =
                readings.isEmpty()
                        && drafted.reference() != null
                        && !"tighten".equals(drafted.action());
        if (open) {
            readings.add(Reading.of(what, open(drafted.reference()), 1, null));
        }
        return readings;
    }

    private static Optional<Value.Known> value(
            Double min, Double max, String unit, List<Evidence> evidence) {
        // a figure that makes no sense stands in the step's text, and in the words it comes from
        boolean swapped = min != null && max != null && min > max;
        return MeasureUnit.named(unit)
                .filter(u -> !swapped && (min != null || max != null))
                .map(
                        u ->
                                new Value.Known(
                                        Quantity.of(decimal(min), decimal(max), u),
                                        evidence,
                                        false));
    }

    private static BigDecimal decimal(Double value) {
        return value == null ? null : new BigDecimal(String.valueOf(value)).stripTrailingZeros();
    }

    private List<Hazard> hazards(DraftedStep drafted) {
        return drafted.hazards().stream()
                .map(
                        h -> {
                            String key = "draft.hazard." + h.replace(' ', '_');
                            return new Hazard(
                                    Hazard.SignalWord.valueOf(words.of(key + ".signal")),
                                    words.of(key),
                                    "",
                                    words.of(key + ".avoid"));
                        })
                .toList();
    }

    // ---------------------------------------------------------------- accepting

    /** The manual in which a step is accepted, with the values that came with it. */
    static Manual accepted(Manual manual, Step step) {
        Manual result = manual;
        for (Id<Joint> id : step.joints()) {
            Optional<Joint> joint = manual.joint(id);
            if (joint.isPresent() && joint.get().torque() instanceof Value.Known known) {
                result = result.withJoint(joint.get().withTorque(agreed(known)));
            }
        }
        List<Reading> readings =
                step.readings().stream()
                        .map(
                                r ->
                                        r.limit() instanceof Value.Known known
                                                ? r.withLimit(agreed(known))
                                                : r)
                        .toList();
        return result.withStep(step.withReadings(readings).withAccepted(true));
    }

    private static Value agreed(Value.Known known) {
        return new Value.Known(known.quantity(), known.evidence(), true);
    }
}
