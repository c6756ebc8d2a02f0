package methodos.core.ledger;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import methodos.core.finding.Rule;

/** The ledger of one variant: walks its steps once. */
final class VariantLedger {

    private record Restoring(
            String energy, List<String> steps, List<String> partsOff, List<String> jointsLoose) {}

    /** What is worked on while an energy is given back that is taken away again later. */
    private record Live(String restored, String touched, String subject) {}

    /** A mark that is made when what it is on is off. */
    private record Late(String mark, String part, List<String> steps) {}

    private final LedgerCase all;
    private final Predicate<Set<String>> concerned;
    private final Predicate<LedgerCase.Step> walked;
    private final Found found = new Found();
    private final List<LedgerThread> threads = new ArrayList<>();
    private final PartAccounts parts;
    private final JointAccounts joints;
    private final CoverWatch covers;
    private final CoverCycles cycles;
    private final OnOff fluids = new OnOff(LedgerThread.Kind.FLUID, Rule.NOT_FILLED, threads);
    private final OnOff energies = new OnOff(LedgerThread.Kind.ENERGY, Rule.NOT_RESTORED, threads);
    private final OnOff counters = new OnOff(LedgerThread.Kind.COUNTER, Rule.NOT_RESET, threads);
    private final OnOff marks = new OnOff(LedgerThread.Kind.MARK, Rule.NOT_MATCHED, threads);
    private final Map<String, OpenEnds> aids = new LinkedHashMap<>();
    private final Map<String, LedgerCase.Energy> listed = new HashMap<>();

    /** By the energy, the last time that it was given back, if that was too early. */
    private final Map<String, Restoring> restorings = new LinkedHashMap<>();

    /** The energies that are given back, with the step that did it. */
    private final Map<String, String> restored = new LinkedHashMap<>();

    /** The first touch under each of them. */
    private final Map<String, Live> live = new HashMap<>();

    private final List<Late> late = new ArrayList<>();

    private VariantLedger(
            Whole whole, Predicate<Set<String>> concerned, Predicate<LedgerCase.Step> walked) {
        this.all = whole.all();
        this.concerned = concerned;
        this.walked = walked;
        List<LedgerCase.Part> own =
                all.parts().stream().filter(p -> concerned.test(p.variants())).toList();
        parts = new PartAccounts(own, found, threads);
        joints =
                new JointAccounts(
                        all.joints().stream().filter(j -> concerned.test(j.variants())).toList(),
                        found,
                        threads);
        // parts that cover each other nowhere cover each other in no variant
        CoverCycles everywhere = whole.cycles();
        cycles = everywhere.all().isEmpty() ? everywhere : CoverCycles.of(own);
        covers = new CoverWatch(whole.covers(), parts, joints, cycles);
        all.energies().forEach(e -> listed.put(e.id(), e));
    }

    /**
     * A case with what holds of it in each variant.
     *
     * @param covers what covers what
     * @param cycles what covers itself
     */
    record Whole(LedgerCase all, CoverWatch.Covers covers, CoverCycles cycles) {
        static Whole of(LedgerCase all) {
            return new Whole(all, CoverWatch.Covers.of(all), CoverCycles.of(all.parts()));
        }
    }

    /**
     * @param concerned whether the variant is among some, where none named means all
     * @param walked whether a step is done
     */
    static VariantLedger of(
            Whole whole, Predicate<Set<String>> concerned, Predicate<LedgerCase.Step> walked) {
        VariantLedger ledger = new VariantLedger(whole, concerned, walked);
        ledger.walk();
        ledger.end();
        return ledger;
    }

    List<LedgerFinding> findings() {
        return found.all();
    }

    List<LedgerThread> threads() {
        return threads;
    }

    private void walk() {
        for (LedgerCase.Step step : all.steps()) {
            if (concerned.test(step.variants()) && walked.test(step)) {
                step.actions().forEach(a -> act(a, step));
            }
        }
    }

    private void act(LedgerAction action, LedgerCase.Step step) {
        String id = action.subject();
        if (action instanceof LedgerAction.Remove
                || action instanceof LedgerAction.Install
                || action instanceof LedgerAction.Discard) {
            if (parts.has(id)) {
                touched(id, step.id());
                part(action, step);
            }
        } else if (action instanceof LedgerAction.Loosen
                || action instanceof LedgerAction.Tighten) {
            if (joints.has(id)) {
                touched(id, step.id());
                joint(action, step);
            }
        } else {
            other(action, step);
        }
    }

    private void part(LedgerAction action, LedgerCase.Step step) {
        String id = action.subject();
        if (action instanceof LedgerAction.Remove a) {
            parts.remove(id, a.count() * step.times(), step.id());
            covers.partTouched(id, parts.off(id), step.id());
        } else if (action instanceof LedgerAction.Discard a) {
            int before = parts.off(id);
            parts.discard(id, a.count() * step.times(), step.id());
            if (parts.off(id) > before) {
                covers.partTouched(id, parts.off(id), step.id());
            }
        } else if (action instanceof LedgerAction.Install a) {
            covers.partTouched(id, parts.off(id), step.id());
            parts.install(id, a.count() * step.times(), a.fresh(), step.id());
            covers.fitted(id, step.id());
        }
    }

    private void joint(LedgerAction action, LedgerCase.Step step) {
        covers.jointTouched(action.subject(), step.id());
        if (action instanceof LedgerAction.Loosen a) {
            joints.loosen(a.subject(), a.size(), step.times(), step.id());
        } else if (action instanceof LedgerAction.Tighten a) {
            joints.tighten(a, step.times(), step.id());
        }
    }

    private void other(LedgerAction action, LedgerCase.Step step) {
        String id = action.subject();
        if (action instanceof LedgerAction.Drain) {
            fluids.open(id, step.id());
        } else if (action instanceof LedgerAction.Fill) {
            fluids.close(id, step.id());
        } else if (action instanceof LedgerAction.Isolate) {
            isolate(id, step.id());
        } else if (action instanceof LedgerAction.Restore) {
            restore(id, step.id());
        } else if (action instanceof LedgerAction.PlaceAid a) {
            aid(id).open(step.id(), a.count() * step.times());
        } else if (action instanceof LedgerAction.TakeAid a) {
            aid(id).close(step.id(), a.count() * step.times());
        } else if (action instanceof LedgerAction.Mark a) {
            a.part().ifPresent(p -> marked(id, p, step.id()));
            marks.open(id, step.id());
        } else if (action instanceof LedgerAction.Align) {
            align(id, step.id());
        } else if (action instanceof LedgerAction.ReadCounter) {
            counters.open(id, step.id());
        } else if (action instanceof LedgerAction.ResetCounter) {
            counters.close(id, step.id());
        }
    }

    private OpenEnds aid(String id) {
        return aids.computeIfAbsent(id, i -> new OpenEnds(LedgerThread.Kind.AID, i, threads));
    }

    /** What shows how a part sat is made while it still sits. */
    private void marked(String mark, String part, String step) {
        if (parts.has(part) && parts.off(part) > 0) {
            List<String> steps = new ArrayList<>(parts.openers(part));
            steps.add(step);
            late.add(new Late(mark, part, steps));
        }
    }

    /** What comes off before its turn has its own finding. */
    private void tooLate(Late mark) {
        if (!found.has(Rule.COVERED, mark.part())) {
            found.addOnce(Rule.MARKED_TOO_LATE, mark.mark(), mark.steps(), mark.part());
        }
    }

    private void align(String id, String step) {
        if (!marks.everOpened(id)) {
            found.addOnce(Rule.NEVER_MARKED, id, List.of(step));
        }
        marks.close(id, step);
    }

    private void touched(String subject, String step) {
        if (restored.isEmpty()) {
            return;
        }
        restored.forEach(
                (energy, since) -> {
                    LedgerCase.Energy needs = listed.get(energy);
                    if (needs == null
                            || needs.parts().contains(subject)
                            || needs.joints().contains(subject)) {
                        live.putIfAbsent(energy, new Live(since, step, subject));
                    }
                });
    }

    private void isolate(String energy, String step) {
        energies.open(energy, step);
        restored.remove(energy);
        Live work = live.remove(energy);
        if (work != null) {
            found.addOnce(
                    Rule.NOT_ISOLATED,
                    energy,
                    List.of(work.restored(), work.touched()),
                    work.subject());
        }
    }

    private void restore(String energy, String step) {
        restored.put(energy, step);
        restorings.remove(energy);
        List<String> steps = new ArrayList<>(energies.close(energy, step));
        steps.add(step);
        LedgerCase.Energy needs = listed.get(energy);
        List<String> off = parts.allOff();
        List<String> loose = joints.allLoose();
        if (needs != null) {
            off.retainAll(needs.parts());
            loose.retainAll(needs.joints());
        }
        if (!off.isEmpty() || !loose.isEmpty()) {
            restorings.put(energy, new Restoring(energy, steps, off, loose));
        }
    }

    private void end() {
        parts.end(
                all.kits()
                        .map(
                                kits ->
                                        kits.stream()
                                                .filter(k -> concerned.test(k.variants()))
                                                .map(LedgerCase.Kit::contents)
                                                .toList()));
        joints.end();
        fluids.end(found);
        energies.end(found);
        marks.end(found);
        counters.end(found);
        aids.forEach(
                (id, places) -> {
                    if (places.count() > 0) {
                        found.add(Rule.AID_LEFT, id, places.openers(), places.count());
                    }
                    places.end();
                });
        covers.end(found);
        late.forEach(this::tooLate);
        restorings.values().forEach(this::tooEarly);
        for (List<String> cycle : cycles.all()) {
            found.add(Rule.CYCLE, cycle.get(0), List.of(), 1, cycle.toArray(String[]::new));
        }
    }

    /** What never comes back at all has its own finding. */
    private void tooEarly(Restoring restoring) {
        List<String> missing = new ArrayList<>();
        restoring.partsOff().stream()
                .filter(p -> !found.has(Rule.NOT_REFITTED, p))
                .forEach(missing::add);
        restoring.jointsLoose().stream().filter(j -> !joints.staysLoose(j)).forEach(missing::add);
        if (!missing.isEmpty()) {
            found.addOnce(
                    Rule.RESTORED_TOO_EARLY,
                    restoring.energy(),
                    restoring.steps(),
                    missing.toArray(String[]::new));
        }
    }
}
