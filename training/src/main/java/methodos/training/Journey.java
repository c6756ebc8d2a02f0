package methodos.training;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.training.Truth.TrueStep;

/**
 * What somebody has before him who makes a manual of a narration: its captions, a parts list, and a
 * draft; and for each of its steps what it should be.
 *
 * @param list the parts that the truth names, as a parts list with item numbers
 * @param legs the drafted steps in their order, with what they should be
 * @param missed what no drafted step says
 */
public record Journey(
        String name,
        Captions captions,
        Draft draft,
        List<Part> list,
        List<Leg> legs,
        List<Wanted> missed) {

    /**
     * A drafted step.
     *
     * @param wanted null where there should be no such step
     */
    public record Leg(DraftedStep drafted, Wanted wanted) {}

    /**
     * A step as it should be.
     *
     * @param parts names of the list that it should have; one of the others would do as well
     * @param words what its words are
     * @param lacking how many values the draft lacks or has wrong, of a missed step all
     * @param sound whether kind and action are right, and no value is there that should not be
     */
    public record Wanted(
            List<String> parts,
            Set<String> others,
            double start,
            double end,
            String words,
            int lacking,
            boolean sound) {}

    static Journey of(Narration narration, Draft draft) {
        List<DraftedStep> drafted =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<TrueStep> wanted =
                narration.truth().steps().stream()
                        .filter(s -> s.told().kind() != Kind.NOTE)
                        .toList();
        Map<Integer, Integer> paired = Score.paired(drafted, wanted);
        List<Leg> legs = new ArrayList<>();
        for (int d = 0; d < drafted.size(); d++) {
            Integer w = paired.get(d);
            legs.add(
                    new Leg(
                            drafted.get(d),
                            w == null ? null : wanted(wanted.get(w), drafted.get(d))));
        }
        List<Wanted> missed = new ArrayList<>();
        for (int w = 0; w < wanted.size(); w++) {
            if (!paired.containsValue(w) && !wanted.get(w).optional()) {
                missed.add(wanted(wanted.get(w), null));
            }
        }
        return new Journey(
                narration.name(), narration.captions(), draft, list(narration), legs, missed);
    }

    /** The values of a step that are not taken over from a draft. */
    private static Wanted wanted(TrueStep step, DraftedStep drafted) {
        List<Value> mine = drafted == null ? List.of() : Value.of(drafted, Set.of());
        List<Value> rest = new ArrayList<>(mine);
        int lacking = 0;
        for (Value want : Value.of(step.told(), step.otherParts())) {
            Value got = rest.stream().filter(want::same).findFirst().orElse(null);
            if (got == null && want.type() != Value.Type.HAZARD && !ofPart(want)) {
                lacking++;
            }
            rest.remove(got);
        }
        boolean sound =
                drafted != null
                        && drafted.kind() == step.told().kind()
                        && rest.stream().noneMatch(v -> v.type().harmful());
        Set<String> parts = new LinkedHashSet<>();
        step.told().parts().forEach(p -> parts.add(p.name()));
        return new Wanted(
                List.copyOf(parts),
                step.otherParts(),
                step.told().start(),
                step.told().end(),
                step.quote(),
                lacking,
                sound);
    }

    /** The list has the size of a part, and a kit how many there are. */
    private static boolean ofPart(Value value) {
        return value.type() == Value.Type.PART_SIZE || value.type() == Value.Type.QUANTITY;
    }

    private static List<Part> list(Narration narration) {
        Map<String, Part> list = new LinkedHashMap<>();
        for (TrueStep step : narration.truth().steps()) {
            for (DraftedStep.PartNamed part : step.told().parts()) {
                int item = list.size() + 1;
                list.computeIfAbsent(
                        part.name(),
                        name ->
                                PartBuilder.builder()
                                        .id(new Id<>("p" + item))
                                        .item(String.valueOf(item))
                                        .name(name)
                                        .size(part.size())
                                        .quantity(part.quantity() == null ? 1 : part.quantity())
                                        .build());
            }
        }
        return List.copyOf(list.values());
    }
}
