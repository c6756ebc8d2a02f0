package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** Figures that are told of a step apart from it: "the nut is twenty-two newton metres". */
final class FiguresTold {

    private static final Set<String> GOES_ON =
            WordSet.ofPhrases(
                    "one goes on, one screws on, one winds on, one tightens, one does up");

    private static final String[] SAYS_AGAIN = {"thats", "its", "call", "or", "about", "say"};
    private static final String[] READS = {
        "ive got", "i got", "i have", "this ones", "its", "thats", "this one", "i get"
    };

    /** So many words further on it is still pumped up. */
    private static final int PUMPING = 25;

    private final Weave weave;
    private final Remarks remarks;
    private final Speech speech;
    private final Context context;

    FiguresTold(Weave weave, Remarks remarks) {
        this.weave = weave;
        this.remarks = remarks;
        this.speech = weave.speech;
        this.context = weave.context;
    }

    /** One clause with what is needed to judge it. */
    private record Telling(Clause clause, Said said, List<Measure> figures, Finding last) {

        boolean within(int words) {
            return last != null && clause.from() - last.to <= words;
        }

        boolean near() {
            return within(2) && last.kind != Kind.CAUTION;
        }

        boolean any(java.util.function.Predicate<Measure> test) {
            return figures.stream().anyMatch(test);
        }
    }

    /** How far something is turned. */
    static boolean angle(Measure m) {
        return m.unit().equals("degree") || m.turns();
    }

    /** Whether the clause only says more of a figure or a thread that was told before. */
    boolean belongs(Clause clause, Said said) {
        Telling t =
                new Telling(
                        clause, said, speech.measures(clause.from(), clause.to()), weave.last());
        return sameAgain(t) || weight(t) || goesOn(t) || pumpedOn(t);
    }

    /** "the test weight ... three hundred kilos" */
    private boolean weight(Telling t) {
        boolean weighs =
                t.near()
                        && t.last.loads()
                        && t.any(m -> m.unit().equals("kg") || m.unit().equals("lb"));
        if (weighs) {
            attach(t);
        }
        return weighs;
    }

    /** "and the left one goes on anticlockwise" */
    private boolean goesOn(Telling t) {
        boolean left =
                t.within(12)
                        && t.last.is("tighten", "install", "hand-tighten")
                        && t.said.anticlockwise
                        && speech.hasAny(t.clause.from(), t.clause.to(), GOES_ON);
        if (left) {
            t.last.leftHand = true;
            t.last.also.add(new int[] {t.clause.from(), t.clause.to()});
        }
        return left;
    }

    /** "first fifty psi ... then up to eighty-two": the second goal has the unit of the first. */
    private boolean pumpedOn(Telling t) {
        if (!speech.has(t.clause.from(), t.clause.to(), "up to", "to")) {
            return false;
        }
        Optional<Measure> goal = t.figures.stream().filter(Measure::bare).findFirst();
        Optional<Finding> pumped =
                weave.findings.stream()
                        .filter(f -> f.is("pressurise") && !f.limits.isEmpty())
                        .filter(f -> t.clause.from() - f.to < PUMPING)
                        .reduce((first, second) -> second);
        if (goal.isEmpty() || pumped.isEmpty()) {
            return false;
        }
        List<Finding.LimitSaid> limits = pumped.get().limits;
        Values.limit(
                pumped.get(), "", goal.get().in(limits.get(limits.size() - 1).measure().unit()));
        pumped.get().also.add(new int[] {t.clause.from(), t.clause.to()});
        return true;
    }

    /** Whether the clause tells a figure, which then stands with its step. */
    boolean told(Clause clause, Said said) {
        Telling t =
                new Telling(
                        clause, said, speech.measures(clause.from(), clause.to()), weave.last());
        boolean turning =
                t.near()
                        && said.anticlockwise
                        && t.last.is("install", "tighten", "connect", "hand-tighten");
        if (order(t) || torque(t) || turnsCounted(t) || reading(t) || added(t)) {
            return true;
        }
        if (turning) {
            weave.attaching.thread(t.last, said);
        }
        return pattern(t) || figure(t);
    }

    /** "the order is one four two three" */
    private boolean order(Telling t) {
        String pattern = t.said.pattern;
        if (pattern == null || !pattern.matches("\\d.*") || t.any(Measure::torque)) {
            return false;
        }
        tighten(t, null);
        return true;
    }

    /** "the nut is twenty-two newton metres", "torque is sixty-five inch-pounds" */
    private boolean torque(Telling t) {
        if (!t.any(Measure::torque)) {
            return false;
        }
        Finding own = remarks.tightened(t.clause);
        boolean same =
                t.last != null
                        && t.clause.from() - t.last.to < 20
                        && t.last.is("tighten", "hand-tighten", "install", "turn", "connect");
        if (own == null && same && t.last.is("tighten", "turn")) {
            attach(t);
        } else if (own != null) {
            weave.steps.step(own, t.clause, t.said);
        } else {
            tighten(t, same ? t.last : null);
        }
        return true;
    }

    /** A step of its own for the parts of another, or for the fastener that was spoken of last. */
    private void tighten(Telling t, Finding parts) {
        Finding own = new Finding(Kind.ACTION, "tighten", t.clause);
        if (parts != null) {
            parts.parts.forEach(p -> own.parts.add(p.withQuantity(null)));
        } else {
            context.fastener().ifPresent(own.parts::add);
        }
        weave.steps.step(own, t.clause, t.said);
    }

    private void attach(Telling t) {
        weave.attaching.attach(t.last, t.said, t.clause.from(), t.clause.to());
        t.last.extend(t.clause);
    }

    private boolean begins(Telling t, String... words) {
        return speech.has(t.clause.body(), t.clause.body() + 3, words);
    }

    /** "thats zero point zero three mil": the same limit in another unit. */
    private boolean sameAgain(Telling t) {
        boolean lengths =
                !t.figures.isEmpty() && t.figures.stream().allMatch(m -> m.single() && m.length());
        if (!t.near() || t.last.limits.isEmpty() || !lengths || !begins(t, SAYS_AGAIN)) {
            return false;
        }
        Measure first = t.last.limits.get(t.last.limits.size() - 1).measure();
        for (Measure m : t.figures) {
            if (!first.unit().equals(m.unit())) {
                Measure bounded =
                        new Measure(
                                m.from(),
                                m.to(),
                                first.min() == null ? null : m.min(),
                                first.max() == null ? null : m.max(),
                                m.unit(),
                                first.bound());
                Values.limit(t.last, "", bounded);
            }
        }
        t.last.extend(t.clause);
        return true;
    }

    /** "count your turns ... its thirteen and a half" */
    private boolean turnsCounted(Telling t) {
        boolean counts =
                t.within(3)
                        && t.last.is("record")
                        && t.last.limits.isEmpty()
                        && t.any(m -> m.bare() && !m.whole())
                        && speech.has(Math.max(0, t.last.from - 4), t.last.to, "turn", "turns");
        if (counts) {
            t.figures.stream()
                    .filter(Measure::bare)
                    .limit(1)
                    .forEach(m -> Values.limit(t.last, "turns", m.in("turn")));
            t.last.extend(t.clause);
        }
        return counts;
    }

    /** "ive got eighty-two psi" */
    private boolean reading(Telling t) {
        boolean reads =
                t.within(6)
                        && t.last.is("record", "measure")
                        && t.last.limits.isEmpty()
                        && t.any(m -> !m.bare() && !m.time())
                        && begins(t, READS);
        if (reads) {
            Values.expected(t.last, t.figures, speech);
            t.last.extend(t.clause);
        }
        return reads;
    }

    /** A time for what waits, a number for a bearing, a pressure, a temperature, an angle. */
    private boolean added(Telling t) {
        if (t.last == null) {
            return false;
        }
        boolean time =
                t.near()
                        && t.figures.size() == 1
                        && t.figures.get(0).time()
                        && t.figures.get(0).from() <= t.clause.body() + 1
                        && t.last.is("wait", "lubricate", "clean", "heat", "cool");
        boolean bearing =
                t.near()
                        && t.last.names("bearing")
                        && t.any(
                                m ->
                                        m.bare()
                                                && m.min() != null
                                                && m.min().toString().matches("6[0-9]{3}"));
        boolean pumped = t.near() && t.last.is("pressurise") && t.any(Measure::pressure);
        boolean warm = t.within(8) && t.last.is("heat", "cool") && t.any(Measure::temperature);
        boolean angle = t.near() && t.last.is("tighten") && t.any(FiguresTold::angle);
        boolean adds = time || bearing || pumped || warm || angle;
        if (adds) {
            attach(t);
        }
        return adds;
    }

    /** "and then a cross again" */
    private boolean pattern(Telling t) {
        boolean again =
                t.said.pattern != null
                        && !t.any(Measure::torque)
                        && t.within(3)
                        && t.last.is("hand-tighten", "install")
                        && context.fastener().isPresent();
        if (again) {
            tighten(t, null);
        }
        return again;
    }

    /** "thats about three turns", "it takes four minutes" */
    private boolean figure(Telling t) {
        boolean figure =
                t.near()
                        && t.any(
                                m ->
                                        m.time()
                                                || m.turns()
                                                || m.length()
                                                        && (t.last.kind != Kind.ACTION
                                                                || t.last.is("adjust")))
                        && speech.has(
                                t.clause.body(),
                                Math.min(t.clause.to(), t.clause.body() + 2),
                                "its",
                                "thats",
                                "takes",
                                "it");
        if (figure) {
            attach(t);
        }
        return figure;
    }
}
