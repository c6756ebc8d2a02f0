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
import methodos.narration.draft.NarrationReader;
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
        List<Missed> missed) {

    /** From this share on a drafted step is drawn from the words of a true one. */
    private static final double TOUCHING = 0.5;

    /** No shorter stretch is chosen by hand, in seconds. */
    private static final double SHORTEST = 0.1;

    /**
     * A drafted step.
     *
     * @param wanted null where there should be no such step
     */
    public record Leg(DraftedStep drafted, Wanted wanted) {}

    /**
     * A step that somebody makes of a stretch of words.
     *
     * @param draft what is read of that stretch alone
     */
    public record Missed(Wanted wanted, String quote, Draft draft) {}

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

    /**
     * @param reader one that has not seen the narration
     */
    static Journey of(Narration narration, NarrationReader reader) {
        Draft draft = reader.read(narration.captions());
        List<DraftedStep> drafted =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<TrueStep> wanted =
                narration.truth().steps().stream()
                        .filter(s -> s.told().kind() != Kind.NOTE)
                        .toList();
        Map<Integer, Integer> paired = Score.paired(drafted, wanted);
        Map<Integer, Integer> touching = touching(drafted, wanted, paired);
        List<Leg> legs = new ArrayList<>();
        for (int d = 0; d < drafted.size(); d++) {
            DraftedStep step = drafted.get(d);
            Wanted is = null;
            if (paired.containsKey(d)) {
                is = wanted(wanted.get(paired.get(d)), step);
            } else if (touching.containsKey(d)) {
                is = wanted(wanted.get(touching.get(d)), null);
            }
            legs.add(new Leg(step, is));
        }
        List<Missed> missed = new ArrayList<>();
        for (int w = 0; w < wanted.size(); w++) {
            boolean there = paired.containsValue(w) || touching.containsValue(w);
            if (!there && !wanted.get(w).optional()) {
                missed.add(missed(narration.captions(), wanted.get(w), reader));
            }
        }
        return new Journey(
                narration.name(), narration.captions(), draft, list(narration), legs, missed);
    }

    /** What is not paired but is drawn from the same words: it is changed and not made anew. */
    private static Map<Integer, Integer> touching(
            List<DraftedStep> drafted, List<TrueStep> wanted, Map<Integer, Integer> paired) {
        List<Pairing.Edge> edges = new ArrayList<>();
        for (int d = 0; d < drafted.size(); d++) {
            for (int w = 0; w < wanted.size(); w++) {
                double shared = shared(drafted.get(d), wanted.get(w).told());
                boolean open = !paired.containsKey(d) && !paired.containsValue(w);
                if (open && !wanted.get(w).optional() && shared >= TOUCHING) {
                    edges.add(new Pairing.Edge(d, w, shared));
                }
            }
        }
        return Pairing.best(edges);
    }

    /** How much of the shorter of two stretches is in the other. */
    private static double shared(DraftedStep a, DraftedStep b) {
        double both = Math.min(a.end(), b.end()) - Math.max(a.start(), b.start());
        double shorter = Math.min(a.end() - a.start(), b.end() - b.start());
        return shorter <= 0 ? 0 : both / shorter;
    }

    private static Missed missed(Captions captions, TrueStep step, NarrationReader reader) {
        double start = step.told().start();
        double end = Math.max(step.told().end(), start + SHORTEST);
        Captions said = captions.said(start, end);
        Draft read =
                said.captions().isEmpty()
                        ? new Draft(List.of(), List.of())
                        : reader.read(said, step.told().stage(), List.of());
        List<DraftedStep> work = read.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        boolean one = work.size() == 1 && !Score.paired(work, List.of(step)).isEmpty();
        return new Missed(wanted(step, one ? work.get(0) : null), captions.quote(start, end), read);
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
