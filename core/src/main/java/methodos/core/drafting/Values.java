package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.Measure.Bound;
import methodos.core.vocabulary.WordSet;

/** Decides what each figure of a clause is: a torque, a limit, a wait, a count, a weight. */
final class Values {

    private static final Set<String> FURTHER =
            WordSet.ofPhrases("and, plus, +, another, further, more");

    private static final Set<String> REJECTS =
            WordSet.of(
                    "replace scrap junk bin new finished done toast wants skimming discard anything"
                            + " throw");

    private Values() {}

    static void into(Finding f, Speech speech, Said said, int from, int to) {
        boolean rejects = false;
        for (int i = from; i < to; i++) {
            rejects |= REJECTS.contains(speech.word(i));
        }
        for (Measure m : speech.measures(from, to)) {
            if (said.taken(m.from()) || sizeOfPart(f, speech, m)) {
                continue;
            }
            one(f, speech, rejects ? m.turnedRound() : m, to);
        }
    }

    /** "Three hundred mils" that are filled in are no length; from so many on. */
    private static final double SPOONFUL = 20;

    private static boolean sizeOfPart(Finding f, Speech speech, Measure m) {
        if (!m.single() || !m.length()) {
            return false;
        }
        String print = Sizes.print(m.min(), m.unit());
        return f.parts.stream().anyMatch(p -> p.size() != null && p.size().startsWith(print));
    }

    private static void one(Finding f, Speech speech, Measure m, int to) {
        if (m.torque()) {
            if (!f.is("measure", "test", "inspect")) {
                f.torques.add(m);
            }
            return;
        }
        switch (m.unit()) {
            case "s", "min", "h" -> time(f, m);
            case "times" -> {
                if (m.min() != null && m.max() != null) {
                    f.count = (int) m.min().toDouble();
                    f.countMax = m.single() ? null : (Integer) (int) m.max().toDouble();
                }
            }
            case "kg", "lb", "ton" -> {
                if (f.is("test") || f.loads()) {
                    limit(f, "load", m);
                    f.hazards.remove("heavy load");
                }
            }
            case "degree" -> degree(f, speech, m);
            case "turn" -> turn(f, speech, m);
            case "" -> {
                if (f.kind == Kind.MEASUREMENT && (!whole(m.min()) || !whole(m.max()))) {
                    f.unsure.add("unit");
                    limit(f, "", m.in(speech.lengthUnit()));
                    return;
                }
                if (m.bound() != Bound.NONE
                        && speech.has(
                                Math.max(0, m.from() - 12),
                                m.from(),
                                "temp",
                                "temperature",
                                "hot")) {
                    limit(
                            f,
                            "temperature",
                            m.in(
                                    (m.max() == null ? m.min() : m.max()).toDouble() > 120
                                            ? "°F"
                                            : "°C"));
                }
            }
            case "mm" -> figure(f, f.is("fill", "drain") && !m.below(SPOONFUL) ? m.in("mL") : m);
            case "year", "day", "m", "A" -> {}
            default -> figure(f, m);
        }
    }

    private static void time(Finding f, Measure m) {
        if (f.is("test")) {
            limit(f, "running time", m);
        } else if (f.is(
                "wait",
                "cool",
                "drain",
                "clean",
                "heat",
                "lubricate",
                "push",
                "press",
                "install",
                "apply",
                "inspect",
                "vent",
                "remove")) {
            f.waits.add(m);
        }
    }

    private static void degree(Finding f, Speech speech, Measure m) {
        if (f.is("tighten", "hand-tighten")) {
            f.then = m.max() == null ? null : m.max().toDouble();
            limit(f, "additional angle", m.in("deg"));
        } else if (f.is(
                "heat",
                "cool",
                "measure",
                "inspect",
                "install",
                "lubricate",
                "clean",
                "wait",
                "apply",
                "press")) {
            limit(f, "temperature", m.in("°C"));
        } else {
            limit(f, "angle", m.in("deg"));
        }
    }

    private static void turn(Finding f, Speech speech, Measure m) {
        boolean more =
                f.is("tighten", "hand-tighten", "install", "connect")
                        && (f.byHand
                                || speech.hasAny(Math.max(0, m.from() - 3), m.from(), FURTHER));
        limit(f, more ? "additional turn" : "turns", m);
    }

    private static void figure(Finding f, Measure m) {
        boolean reads =
                f.kind == Kind.MEASUREMENT
                        || f.kind == Kind.INSPECTION
                        || f.kind == Kind.TEST
                        || f.is(
                                "adjust",
                                "fill",
                                "pressurise",
                                "heat",
                                "cool",
                                "lubricate",
                                "apply",
                                "record",
                                "turn");
        if (reads) {
            limit(f, f.is("fill") ? "quantity" : "", m);
        }
    }

    private static boolean whole(methodos.core.quantity.Rational value) {
        return value == null || value.toString().matches("\\d+");
    }

    static void limit(Finding f, String of, Measure m) {
        f.limits.add(new Finding.LimitSaid(of, f.is("pressurise") ? goal(m) : m));
    }

    /** "pump it up to fifty" names where to stop, which is no mere upper bound. */
    private static Measure goal(Measure m) {
        return m.min() != null
                ? m
                : new Measure(m.from(), m.to(), m.max(), m.max(), m.unit(), Bound.NONE);
    }

    /** The figures of "it must be between ..." belong to what was looked at before. */
    static void expected(Finding f, List<Measure> figures, Speech speech) {
        for (Measure said : figures) {
            boolean bare = said.bare() && !whole(said.min()) | !whole(said.max());
            Measure m = bare ? said.in(speech.lengthUnit()) : said;
            if (bare) {
                f.unsure.add("unit");
            }
            if (m.torque()
                    || m.bare()
                    || m.cycles()
                    || m.unit().equals("year")
                    || m.unit().equals("day")) {
                continue;
            }
            Measure read = m.unit().equals("degree") ? m.in("°C") : m;
            if (f.limits.stream().noneMatch(l -> l.measure().from() == m.from())) {
                limit(f, "", read);
            }
        }
        if (!figures.isEmpty() && f.kind == Kind.INSPECTION) {
            f.kind = Kind.MEASUREMENT;
            f.action = f.action.equals("inspect") ? "measure" : f.action;
        }
    }
}
