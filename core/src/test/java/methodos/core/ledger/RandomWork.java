package methodos.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.TighteningWay;

/**
 * Makes sound take-downs and build-ups of made-up machines: assemblies behind covers, some of them
 * at several places or in one variant only, with joints, energies, fluids, aids and marks.
 */
final class RandomWork {

    /** A step that can still be changed. */
    static final class Draft {
        String id;
        Set<String> variants = Set.of();
        int times = 1;
        final List<LedgerAction> actions = new ArrayList<>();
    }

    private final Random random;
    final List<String> variants = new ArrayList<>();
    final List<LedgerCase.Part> parts = new ArrayList<>();
    final List<LedgerCase.Joint> joints = new ArrayList<>();
    final List<LedgerCase.Kit> kits = new ArrayList<>();
    final List<Draft> steps = new ArrayList<>();
    private final List<Draft> buildUp = new ArrayList<>();

    RandomWork(long seed) {
        random = new Random(seed);
        for (int i = random.nextInt(4); i > 0; i--) {
            variants.add("V" + i);
        }
        Draft safe = step(steps);
        safe.actions.add(new LedgerAction.Isolate("air"));
        if (random.nextBoolean()) {
            safe.actions.add(new LedgerAction.Drain("oil"));
        }
        int assemblies = 2 + random.nextInt(5);
        for (int i = 0; i < assemblies; i++) {
            assembly(i);
        }
        java.util.Collections.reverse(buildUp);
        boolean oil = safe.actions.size() > 1;
        steps.addAll(buildUp);
        Draft back = step(steps);
        if (oil) {
            back.actions.add(new LedgerAction.Fill("oil"));
        }
        back.actions.add(new LedgerAction.Restore("air"));
        int n = 0;
        for (Draft step : steps) {
            step.id = "s" + ++n;
        }
    }

    private static Draft step(List<Draft> list) {
        Draft step = new Draft();
        list.add(step);
        return step;
    }

    /** A cover with its screws and what lies under it, down to the seal. */
    private void assembly(int i) {
        Set<String> own =
                variants.isEmpty() || random.nextInt(3) > 0
                        ? Set.of()
                        : Set.of(variants.get(random.nextInt(variants.size())));
        int places = random.nextInt(4) == 0 ? 2 + random.nextInt(3) : 1;
        int screws = 1 + random.nextInt(8);
        int inside = 1 + random.nextInt(5);
        String screw = "screw" + i;
        String cover = "cover" + i;
        String inner = "inner" + i;
        String seal = "seal" + i;
        String joint = "joint" + i;
        List<String> around =
                i > 0 && random.nextBoolean() ? List.of("cover" + (i - 1)) : List.of();
        if (!around.isEmpty() && !parts.get(1 + 4 * (i - 1)).variants().isEmpty()) {
            around = List.of();
        }
        parts.add(part(screw, screws * places, ReuseRule.REUSE, around, own));
        parts.add(part(cover, places, ReuseRule.INSPECT, List.of(screw), own));
        parts.add(part(inner, inside * places, ReuseRule.INSPECT, List.of(cover), own));
        parts.add(part(seal, places, ReuseRule.ALWAYS_NEW, List.of(cover), own));
        joints.add(new LedgerCase.Joint(joint, true, LedgerCase.Joint.BY_TORQUE, around, own));
        kits.add(new LedgerCase.Kit(Map.of(seal, places + random.nextInt(2)), own));

        Draft undo = at(steps, own, places);
        if (random.nextInt(3) == 0) {
            undo.actions.add(new LedgerAction.Mark("mark" + i, Optional.of(cover)));
        }
        undo.actions.add(new LedgerAction.Loosen(joint, size(i)));
        undo.actions.add(new LedgerAction.Remove(screw, screws));
        Draft open = at(steps, own, places);
        open.actions.add(new LedgerAction.Remove(cover, 1));
        Draft empty = at(steps, own, places);
        empty.actions.add(new LedgerAction.Remove(inner, inside));
        empty.actions.add(new LedgerAction.Remove(seal, 1));
        if (random.nextBoolean()) {
            empty.actions.add(new LedgerAction.Discard(seal, 1));
        }

        // gathered backwards: the last assembly is closed first
        boolean aid = random.nextInt(3) == 0;
        Draft tight = at(buildUp, own, places);
        if (aid) {
            tight.actions.add(new LedgerAction.TakeAid("guide" + i, 1));
        }
        tight.actions.add(new LedgerAction.Install(screw, screws, false));
        if (random.nextInt(3) == 0) {
            tight.actions.add(
                    new LedgerAction.Tighten(joint, Optional.empty(), TighteningWay.HAND));
        }
        tight.actions.add(new LedgerAction.Tighten(joint, size(i), TighteningWay.WRENCH));
        Draft close = at(buildUp, own, places);
        close.actions.add(new LedgerAction.Install(cover, 1, false));
        if (undo.actions.get(0) instanceof LedgerAction.Mark) {
            close.actions.add(new LedgerAction.Align("mark" + i));
        }
        Draft fill = at(buildUp, own, places);
        if (aid) {
            fill.actions.add(new LedgerAction.PlaceAid("guide" + i, 1));
        }
        fill.actions.add(new LedgerAction.Install(seal, 1, true));
        fill.actions.add(new LedgerAction.Install(inner, inside, false));
    }

    private Optional<String> size(int i) {
        return i % 3 == 0
                ? Optional.empty()
                : Optional.of(random.nextBoolean() ? "1/2 in" : "12.7 mm");
    }

    private static LedgerCase.Part part(
            String id, int count, ReuseRule reuse, List<String> covers, Set<String> variants) {
        return new LedgerCase.Part(id, count, reuse, covers, variants);
    }

    private static Draft at(List<Draft> list, Set<String> variants, int times) {
        Draft step = step(list);
        step.variants = variants;
        step.times = times;
        return step;
    }

    LedgerCase make() {
        return new LedgerCase(
                variants,
                parts,
                joints,
                Optional.of(kits),
                List.of(),
                steps.stream()
                        .map(s -> new LedgerCase.Step(s.id, s.variants, s.times, s.actions))
                        .toList());
    }

    /** The steps that do something of a kind, with the place of the action in them. */
    record Place(Draft step, int at) {
        LedgerAction action() {
            return step.actions.get(at);
        }

        void put(LedgerAction other) {
            step.actions.set(at, other);
        }
    }

    List<Place> places(Class<? extends LedgerAction> kind) {
        List<Place> places = new ArrayList<>();
        for (Draft step : steps) {
            for (int i = 0; i < step.actions.size(); i++) {
                if (kind.isInstance(step.actions.get(i))) {
                    places.add(new Place(step, i));
                }
            }
        }
        return places;
    }
}
