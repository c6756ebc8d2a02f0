package methodos.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Divides work among people so that it is done early. Whoever can do one thing can do all.
 *
 * <p>A plan is made from an order of urgency: of what may begin, the most urgent is given the
 * earliest gap that some person has for it (the serial schedule generation of project scheduling;
 * one of the orders gives the shortest plan that there is). It begins with how long the chain
 * behind each piece is, and improves on that by moving single pieces, until a plan is as short as
 * no plan can be shorter, or the effort is spent. Of plans as short it takes one that is near to
 * the order in which the work is told. The same work always gets the same plan.
 */
public final class Scheduler {

    private static final int MOST_TRIES = 3000;

    /** Pieces placed in all tries together: five hundred pieces stay below a second. */
    private static final int MOST_PLACED = 150_000;

    /** Mixtures of the order found and the order told that are tried. */
    private static final int MIXES = 20;

    private static final double ROUNDING = 1e-9;

    private final List<PlannedWork> work;
    private final int people;
    private final int[][] before;
    private final int[][] behind;
    private final int[] inOrder;
    private final double[] heads;
    private final double[] tails;

    private Scheduler(List<PlannedWork> work, int people) {
        this.work = work;
        this.people = people;
        Map<String, Integer> at = new HashMap<>();
        for (PlannedWork one : work) {
            if (at.put(one.id(), at.size()) != null) {
                throw new IllegalArgumentException("“" + one.id() + "” is there twice.");
            }
        }
        before = new int[work.size()][];
        List<List<Integer>> next = new ArrayList<>();
        work.forEach(one -> next.add(new ArrayList<>()));
        for (int i = 0; i < work.size(); i++) {
            PlannedWork one = work.get(i);
            before[i] = new int[one.after().size()];
            for (int k = 0; k < before[i].length; k++) {
                Integer earlier = at.get(one.after().get(k));
                if (earlier == null) {
                    throw new IllegalArgumentException(
                            "“"
                                    + one.id()
                                    + "” comes after “"
                                    + one.after().get(k)
                                    + "”, which is not there.");
                }
                before[i][k] = earlier;
                next.get(earlier).add(i);
            }
        }
        behind =
                next.stream().map(n -> n.stream().mapToInt(i -> i).toArray()).toArray(int[][]::new);
        inOrder = inOrder();
        heads = heads();
        tails = tails();
    }

    /**
     * @param people how many work, at least 1
     * @throws IllegalArgumentException with a sentence, if work is named twice, comes after what is
     *     not there or after itself, or nobody works
     */
    public static WorkPlan plan(List<PlannedWork> work, int people) {
        if (people < 1) {
            throw new IllegalArgumentException("A plan needs at least one person.");
        }
        return new Scheduler(work, people).best();
    }

    /** What comes before stands before; else as given. */
    private int[] inOrder() {
        int[] open = Arrays.stream(before).mapToInt(b -> b.length).toArray();
        List<Integer> all = new ArrayList<>();
        LinkedList<Integer> ready = new LinkedList<>();
        IntStream.range(0, open.length).filter(i -> open[i] == 0).forEach(ready::add);
        while (!ready.isEmpty()) {
            int one = ready.removeFirst();
            all.add(one);
            for (int later : behind[one]) {
                if (--open[later] == 0) {
                    ready.add(later);
                }
            }
        }
        if (all.size() < open.length) {
            int round =
                    IntStream.range(0, open.length).filter(i -> open[i] > 0).findFirst().orElse(0);
            throw new IllegalArgumentException(
                    "“" + work.get(round).id() + "” comes after itself, or after what does.");
        }
        return all.stream().mapToInt(i -> i).toArray();
    }

    /** When each piece begins and who does it. */
    private record Placed(double[] start, int[] person, double elapsed) {}

    private WorkPlan best() {
        double[] urgency = tails;
        Placed best = placed(urgency);
        double least = least();
        for (double[] other : List.of(followers(), sooner())) {
            Placed plan = placed(other);
            if (plan.elapsed() < best.elapsed() - ROUNDING) {
                best = plan;
                urgency = other;
            }
        }
        int tries = Math.min(MOST_TRIES, MOST_PLACED / Math.max(1, work.size()));
        SplittableRandom random = new SplittableRandom(1); // the same work, the same plan
        for (int k = 0; k < tries && best.elapsed() > least + ROUNDING; k++) {
            double[] moved = urgency.clone();
            int moves = 1 + random.nextInt(3);
            for (int m = 0; m < moves; m++) {
                int one = random.nextInt(moved.length);
                int other = random.nextInt(moved.length);
                moved[one] = urgency[other] + (random.nextDouble() - 0.5);
            }
            Placed plan = placed(moved);
            if (plan.elapsed() <= best.elapsed() + ROUNDING) {
                best = plan; // as short a one leads on: it is another place to search from
                urgency = moved;
            }
        }
        return told(asTold(best, urgency));
    }

    /** Of plans as short the one that is nearest to the order in which the work is told. */
    private Placed asTold(Placed best, double[] urgency) {
        double[] found = ranks(urgency);
        double[] toldOrder = ranks(sooner());
        for (int share = MIXES; share > 0; share--) {
            double[] mixed = new double[found.length];
            for (int i = 0; i < mixed.length; i++) {
                mixed[i] = -(share * toldOrder[i] + (MIXES - share) * found[i]);
            }
            Placed plan = placed(mixed);
            if (plan.elapsed() <= best.elapsed() + ROUNDING) {
                return plan;
            }
        }
        return best;
    }

    /** The place of each piece, the most urgent at 0. */
    private static double[] ranks(double[] urgency) {
        int[] order =
                IntStream.range(0, urgency.length)
                        .boxed()
                        .sorted(Comparator.comparingDouble(i -> -urgency[i]))
                        .mapToInt(i -> i)
                        .toArray();
        double[] ranks = new double[order.length];
        for (int k = 0; k < order.length; k++) {
            ranks[order[k]] = k;
        }
        return ranks;
    }

    private WorkPlan told(Placed placed) {
        List<WorkPlan.Slot> slots = new ArrayList<>(work.size());
        for (int i = 0; i < work.size(); i++) {
            PlannedWork one = work.get(i);
            double start = placed.start[i];
            slots.add(
                    new WorkPlan.Slot(
                            one.id(),
                            start,
                            start + one.hands(),
                            start + one.lasts(),
                            placed.person[i]));
        }
        slots.sort(Comparator.comparingDouble(WorkPlan.Slot::start));
        return new WorkPlan(placed.elapsed, slots, critical());
    }

    /** How long it takes at least from the beginning of each piece to the end of all. */
    private double[] tails() {
        double[] tail = new double[work.size()];
        for (int k = inOrder.length - 1; k >= 0; k--) {
            int i = inOrder[k];
            double longest = 0;
            for (int later : behind[i]) {
                longest = Math.max(longest, tail[later]);
            }
            tail[i] = work.get(i).lasts() + longest;
        }
        return tail;
    }

    /** Urgent is also what much waits for. */
    private double[] followers() {
        double[] all = new double[work.size()];
        for (int k = inOrder.length - 1; k >= 0; k--) {
            int i = inOrder[k];
            all[i] = work.get(i).hands() + 2 * work.get(i).alone();
            for (int later : behind[i]) {
                all[i] += all[later] / before[later].length;
            }
        }
        return all;
    }

    /** As the work is told. */
    private double[] sooner() {
        return IntStream.range(0, work.size()).mapToDouble(i -> -i).toArray();
    }

    /** No plan is shorter than the longest chain, nor than the hands' work shared out evenly. */
    private double least() {
        double hands = work.stream().mapToDouble(PlannedWork::hands).sum() / people;
        double chain =
                IntStream.range(0, work.size())
                        .mapToDouble(i -> heads[i] + tails[i])
                        .max()
                        .orElse(0);
        return Math.max(hands, chain);
    }

    /** When each piece can begin at the earliest, if there were people enough. */
    private double[] heads() {
        double[] head = new double[work.size()];
        for (int i : inOrder) {
            head[i] = work.get(i).from();
            for (int earlier : before[i]) {
                head[i] = Math.max(head[i], head[earlier] + work.get(earlier).lasts());
            }
        }
        return head;
    }

    private Placed placed(double[] urgency) {
        int n = work.size();
        Busy[] all = new Busy[people];
        Arrays.setAll(all, p -> new Busy());
        double[] begin = new double[n];
        int[] who = new int[n];
        int[] open = Arrays.stream(before).mapToInt(b -> b.length).toArray();
        PriorityQueue<Integer> ready =
                new PriorityQueue<>(
                        Comparator.<Integer>comparingDouble(i -> -urgency[i])
                                .thenComparingInt(i -> i));
        IntStream.range(0, n).filter(i -> open[i] == 0).forEach(ready::add);
        double elapsed = 0;
        while (!ready.isEmpty()) {
            int i = ready.remove();
            PlannedWork one = work.get(i);
            double from = one.from();
            for (int earlier : before[i]) {
                from = Math.max(from, begin[earlier] + work.get(earlier).lasts());
            }
            begin[i] = from;
            if (one.hands() > 0) {
                who[i] = given(all, from, one.hands());
                begin[i] = all[who[i] - 1].take(from, one.hands());
            }
            elapsed = Math.max(elapsed, begin[i] + one.lasts());
            for (int later : behind[i]) {
                if (--open[later] == 0) {
                    ready.add(later);
                }
            }
        }
        return new Placed(begin, who, elapsed);
    }

    /** The person, from 1, who can do it first. */
    private static int given(Busy[] all, double from, double lasts) {
        int person = 1;
        double start = all[0].gap(from, lasts);
        for (int p = 1; p < all.length && start > from; p++) {
            double other = all[p].gap(from, lasts);
            if (other < start - ROUNDING) {
                start = other;
                person = p + 1;
            }
        }
        return person;
    }

    private List<String> critical() {
        LinkedList<String> chain = new LinkedList<>();
        int at =
                IntStream.range(0, work.size())
                        .boxed()
                        .max(Comparator.comparingDouble(this::soonest).thenComparing(i -> -i))
                        .orElse(-1);
        while (at >= 0) {
            chain.addFirst(work.get(at).id());
            double begun = heads[at] - ROUNDING;
            at =
                    Arrays.stream(before[at])
                            .filter(earlier -> soonest(earlier) >= begun)
                            .findFirst()
                            .orElse(-1);
        }
        return chain;
    }

    /** When a piece is done at the earliest, if there were people enough. */
    private double soonest(int piece) {
        return heads[piece] + work.get(piece).lasts();
    }
}
