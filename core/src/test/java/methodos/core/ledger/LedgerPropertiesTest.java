package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import methodos.core.finding.Rule;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.TighteningWay;
import org.junit.jupiter.api.Test;

/** Sound work gives nothing; the same with one defect gives that defect and nothing else. */
class LedgerPropertiesTest {

    private static final int CASES = 1000;

    private record Expected(Rule rule, String subject, String step) {}

    @Test
    void soundWorkCloses() {
        for (long seed = 0; seed < CASES; seed++) {
            assertThat(Ledger.of(new RandomWork(seed).make()).findings())
                    .as("case " + seed)
                    .isEmpty();
        }
    }

    @Test
    void oneDefectIsFoundAndNothingElse() {
        List<String> missed = new ArrayList<>();
        int made = 0;
        for (long seed = 0; made < CASES; seed++) {
            RandomWork work = new RandomWork(seed);
            Optional<Expected> expected = seed(work, new Random(seed), (int) (seed % 21));
            if (expected.isEmpty()) {
                continue;
            }
            made++;
            List<LedgerFinding> found = Ledger.of(work.make()).findings();
            boolean right =
                    found.size() == 1
                            && found.get(0).rule() == expected.get().rule()
                            && found.get(0).subject().equals(expected.get().subject())
                            && (found.get(0).steps().isEmpty()
                                    || found.get(0).steps().get(0).equals(expected.get().step()));
            if (!right) {
                missed.add(seed + ": " + expected.get() + " but " + found);
            }
        }
        assertThat(missed).isEmpty();
    }

    /** Puts one defect in; nothing where the work has no place for it. */
    private static Optional<Expected> seed(RandomWork work, Random random, int kind) {
        return switch (kind) {
            case 0 -> dropped(work, random, LedgerAction.Install.class, Rule.NOT_REFITTED);
            case 1 -> fewerFitted(work, random);
            case 2 -> fewerRemoved(work, random);
            case 3 -> dropped(work, random, LedgerAction.Remove.class, Rule.NOT_REMOVED_FIRST);
            case 4 -> moreRemoved(work, random);
            case 5 -> oldOnes(work, random);
            case 6 -> emptyKit(work, random);
            case 7 -> dropped(work, random, LedgerAction.Tighten.class, Rule.NOT_TIGHTENED);
            case 8 -> handTight(work, random);
            case 9 -> noValue(work, random);
            case 10 -> otherSize(work, random);
            case 11 -> dropped(work, random, LedgerAction.Fill.class, Rule.NOT_FILLED);
            case 12 -> dropped(work, random, LedgerAction.Restore.class, Rule.NOT_RESTORED);
            case 13 -> restoredEarly(work);
            case 14 -> dropped(work, random, LedgerAction.TakeAid.class, Rule.AID_LEFT);
            case 15 -> dropped(work, random, LedgerAction.Align.class, Rule.NOT_MATCHED);
            case 16 -> dropped(work, random, LedgerAction.Mark.class, Rule.NEVER_MARKED);
            case 17 -> swapped(work, random);
            case 18 -> cycle(work, random);
            case 19 -> markedLate(work, random);
            default -> noVariant(work, random);
        };
    }

    private static Optional<RandomWork.Place> pick(
            RandomWork work, Random random, Class<? extends LedgerAction> kind) {
        List<RandomWork.Place> places = work.places(kind);
        return places.isEmpty()
                ? Optional.empty()
                : Optional.of(places.get(random.nextInt(places.size())));
    }

    /** The step that did the opposite, or another step of the same subject. */
    private static String stepOf(
            RandomWork work, Class<? extends LedgerAction> kind, String subject) {
        return work.places(kind).stream()
                .filter(p -> p.action().subject().equals(subject))
                .findFirst()
                .orElseThrow()
                .step()
                .id;
    }

    private static Optional<Expected> dropped(
            RandomWork work, Random random, Class<? extends LedgerAction> kind, Rule rule) {
        return pick(work, random, kind)
                .map(
                        place -> {
                            String subject = place.action().subject();
                            if (kind == LedgerAction.Tighten.class
                                    || kind == LedgerAction.Remove.class) {
                                // all that does the same goes: hand-tight before, or the discarding
                                place.step()
                                        .actions
                                        .removeIf(
                                                a ->
                                                        a.subject().equals(subject)
                                                                && !(a
                                                                        instanceof
                                                                        LedgerAction.Loosen));
                            } else {
                                place.step().actions.remove(place.at());
                            }
                            return new Expected(rule, subject, opener(work, rule, subject));
                        });
    }

    /** The mark is made in the step that takes off what it is on, behind that. */
    private static Optional<Expected> markedLate(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Mark.class)
                .map(
                        place -> {
                            LedgerAction.Mark mark = (LedgerAction.Mark) place.action();
                            String part = mark.part().orElseThrow();
                            place.step().actions.remove(place.at());
                            work.places(LedgerAction.Remove.class).stream()
                                    .filter(p -> p.action().subject().equals(part))
                                    .findFirst()
                                    .orElseThrow()
                                    .step()
                                    .actions
                                    .add(mark);
                            return new Expected(
                                    Rule.MARKED_TOO_LATE,
                                    mark.subject(),
                                    stepOf(work, LedgerAction.Remove.class, part));
                        });
    }

    private static String opener(RandomWork work, Rule rule, String subject) {
        return switch (rule) {
            case NOT_REFITTED -> stepOf(work, LedgerAction.Remove.class, subject);
            case NOT_REMOVED_FIRST -> stepOf(work, LedgerAction.Install.class, subject);
            case NOT_TIGHTENED -> stepOf(work, LedgerAction.Loosen.class, subject);
            case NOT_FILLED -> stepOf(work, LedgerAction.Drain.class, subject);
            case NOT_RESTORED -> stepOf(work, LedgerAction.Isolate.class, subject);
            case AID_LEFT -> stepOf(work, LedgerAction.PlaceAid.class, subject);
            case NOT_MATCHED -> stepOf(work, LedgerAction.Mark.class, subject);
            default -> stepOf(work, LedgerAction.Align.class, subject);
        };
    }

    private static Optional<Expected> fewerFitted(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Install.class)
                .filter(p -> ((LedgerAction.Install) p.action()).count() > 1)
                .map(
                        p -> {
                            LedgerAction.Install a = (LedgerAction.Install) p.action();
                            p.put(new LedgerAction.Install(a.subject(), a.count() - 1, a.fresh()));
                            return new Expected(
                                    Rule.NOT_REFITTED,
                                    a.subject(),
                                    stepOf(work, LedgerAction.Remove.class, a.subject()));
                        });
    }

    private static Optional<Expected> fewerRemoved(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Remove.class)
                .filter(p -> ((LedgerAction.Remove) p.action()).count() > 1)
                .map(
                        p -> {
                            LedgerAction.Remove a = (LedgerAction.Remove) p.action();
                            p.put(new LedgerAction.Remove(a.subject(), a.count() - 1));
                            return new Expected(
                                    Rule.TOO_MANY_FITTED,
                                    a.subject(),
                                    stepOf(work, LedgerAction.Install.class, a.subject()));
                        });
    }

    private static Optional<Expected> moreRemoved(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Remove.class)
                .map(
                        p -> {
                            LedgerAction.Remove a = (LedgerAction.Remove) p.action();
                            p.put(new LedgerAction.Remove(a.subject(), a.count() + 1));
                            return new Expected(Rule.TOO_MANY_REMOVED, a.subject(), p.step().id);
                        });
    }

    private static Optional<Expected> oldOnes(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Install.class)
                .filter(p -> ((LedgerAction.Install) p.action()).fresh())
                .map(
                        p -> {
                            LedgerAction.Install a = (LedgerAction.Install) p.action();
                            p.put(new LedgerAction.Install(a.subject(), a.count(), false));
                            return new Expected(Rule.REUSED, a.subject(), p.step().id);
                        });
    }

    private static Optional<Expected> emptyKit(RandomWork work, Random random) {
        int at = random.nextInt(work.kits.size());
        String seal = work.kits.get(at).contents().keySet().iterator().next();
        work.kits.set(at, new LedgerCase.Kit(Map.of(), Set.of()));
        return Optional.of(
                new Expected(Rule.IN_NO_KIT, seal, stepOf(work, LedgerAction.Install.class, seal)));
    }

    private static Optional<Expected> handTight(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Tighten.class)
                .filter(p -> ((LedgerAction.Tighten) p.action()).by() != TighteningWay.HAND)
                .map(
                        p -> {
                            String joint = p.action().subject();
                            p.put(
                                    new LedgerAction.Tighten(
                                            joint, Optional.empty(), TighteningWay.HAND));
                            return new Expected(
                                    Rule.NOT_TIGHTENED,
                                    joint,
                                    stepOf(work, LedgerAction.Loosen.class, joint));
                        });
    }

    private static Optional<Expected> noValue(RandomWork work, Random random) {
        int at = random.nextInt(work.joints.size());
        LedgerCase.Joint joint = work.joints.get(at);
        work.joints.set(
                at,
                new LedgerCase.Joint(
                        joint.id(),
                        false,
                        LedgerCase.Joint.BY_TORQUE,
                        joint.coveredBy(),
                        joint.variants()));
        return Optional.of(
                new Expected(
                        Rule.NO_VALUE,
                        joint.id(),
                        stepOf(work, LedgerAction.Tighten.class, joint.id())));
    }

    private static Optional<Expected> otherSize(RandomWork work, Random random) {
        return pick(work, random, LedgerAction.Tighten.class)
                .filter(p -> ((LedgerAction.Tighten) p.action()).size().isPresent())
                .map(
                        p -> {
                            String joint = p.action().subject();
                            p.put(
                                    new LedgerAction.Tighten(
                                            joint, Optional.of("13 mm"), TighteningWay.WRENCH));
                            return new Expected(
                                    Rule.OTHER_SIZE,
                                    joint,
                                    stepOf(work, LedgerAction.Loosen.class, joint));
                        });
    }

    private static Optional<Expected> restoredEarly(RandomWork work) {
        RandomWork.Draft last = work.steps.remove(work.steps.size() - 1);
        work.steps.add(work.steps.size() / 2 + 1, last);
        boolean anything =
                work.steps.subList(0, work.steps.indexOf(last)).stream()
                        .anyMatch(
                                s ->
                                        s.actions.stream()
                                                .anyMatch(LedgerAction.Remove.class::isInstance));
        return anything
                ? Optional.of(new Expected(Rule.RESTORED_TOO_EARLY, "air", "s1"))
                : Optional.empty();
    }

    /** The cover comes off before its screws. */
    private static Optional<Expected> swapped(RandomWork work, Random random) {
        List<RandomWork.Place> covers =
                work.places(LedgerAction.Remove.class).stream()
                        .filter(p -> p.action().subject().startsWith("cover"))
                        .toList();
        RandomWork.Draft open = covers.get(random.nextInt(covers.size())).step();
        String cover = open.actions.get(0).subject();
        int at = work.steps.indexOf(open);
        java.util.Collections.swap(work.steps, at, at - 1);
        return Optional.of(new Expected(Rule.COVERED, cover, open.id));
    }

    private static Optional<Expected> cycle(RandomWork work, Random random) {
        int assembly = random.nextInt(work.joints.size());
        LedgerCase.Part screw = work.parts.get(4 * assembly);
        List<String> covers = new ArrayList<>(screw.coveredBy());
        covers.add("cover" + assembly);
        work.parts.set(
                4 * assembly,
                new LedgerCase.Part(
                        screw.id(), screw.count(), ReuseRule.REUSE, covers, screw.variants()));
        return Optional.of(new Expected(Rule.CYCLE, "cover" + assembly, null));
    }

    private static Optional<Expected> noVariant(RandomWork work, Random random) {
        if (work.variants.isEmpty()) {
            return Optional.empty();
        }
        RandomWork.Draft step = new RandomWork.Draft();
        step.id = "extra";
        step.variants = Set.of("nobody");
        work.steps.add(random.nextInt(work.steps.size()), step);
        return Optional.of(new Expected(Rule.NO_VARIANT, "extra", "extra"));
    }
}
