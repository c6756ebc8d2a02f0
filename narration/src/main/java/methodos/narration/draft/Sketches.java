package methodos.narration.draft;

import java.util.ArrayList;
import java.util.List;
import methodos.core.narration.DraftedStep.Kind;
import methodos.narration.acts.Verdict;
import methodos.narration.acts.Verdict.Outcome;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Lead;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.values.Figure;
import methodos.narration.values.SpannerSizes;
import methodos.narration.vocabulary.Act;

/** Makes sketches of the clauses that say steps, and gives each what belongs to it. */
final class Sketches {

    /** From here on a clause is taken for a step. */
    static final double LIKELY = 0.3;

    /** Below this neither is known: whether something is to be done, nor what. */
    private static final double KNOWN = 0.2;

    /** Below this it is in doubt what is to be done. */
    private static final double CERTAIN = 0.4;

    private final Utterance said;
    private final List<Clause> clauses;
    private final List<Verdict> verdicts;
    private final Sketch[] of;
    private final List<Sketch> sketches = new ArrayList<>();

    private final HazardsSaid hazards;

    Sketches(Utterance said, List<Clause> clauses, List<Verdict> verdicts, HazardsSaid hazards) {
        this.hazards = hazards;
        this.said = said;
        this.clauses = clauses;
        this.verdicts = verdicts;
        this.of = new Sketch[clauses.size()];
    }

    /** The sketches in the order in which they are said. */
    List<Sketch> made(List<Figure> figures) {
        TakenBack back = new TakenBack(said);
        Circumstance circumstance = new Circumstance(said);
        for (int c = 0; c < clauses.size(); c++) {
            boolean spanner = SpannerSizes.on(said, clauses.get(c));
            boolean only = c > 0 && !spanner && (tool(clauses.get(c)) || figureOnly(c));
            boolean told = back.is(clauses.get(c)) || circumstance.is(clauses.get(c));
            boolean asked = spanner || forbids(clauses.get(c));
            if (!asked && !likely(verdicts.get(c)) || only || told) {
                continue;
            }
            of[c] = sketch(clauses.get(c), verdicts.get(c));
            Sketch before = c == 0 ? null : of[c - 1];
            if (before != null && before.kind == Kind.CAUTION && forbiddenWith(c)) {
                of[c] = before;
                before.to = clauses.get(c).to();
                before.told = before.to;
            } else {
                sketches.add(of[c]);
            }
        }
        details();
        FiguresGiven given = new FiguresGiven(said, clauses, sketches);
        figures.forEach(given::give);
        ThingsNamed named = new ThingsNamed(said, clauses, of);
        sketches.forEach(named::give);
        List<Sketch> all = new RepeatsTold(said, clauses).with(sketches);
        sketches.clear();
        sketches.addAll(all);
        new WaysSaid(said, sketches, hazards).give();
        new ConditionsTold(said, clauses, sketches).give();
        return sketches;
    }

    private static boolean likely(Verdict v) {
        boolean forbidden = v.caution() > v.work() - v.caution();
        return v.work() >= LIKELY && (forbidden || v.work() * v.certainty() >= KNOWN);
    }

    /** Whether a clause forbids by how it is built, whatever the judge makes of it. */
    private boolean forbids(Clause clause) {
        return clause.type() == Clause.Type.BARE ? unwanted(clause) : forbidden(clause);
    }

    /** "no grease on the lining", "no hammer on the shaft": nothing of the kind is to be used. */
    private boolean unwanted(Clause clause) {
        List<NounPhrase> things = clause.complements().objects();
        boolean no =
                things.size() == 1
                        && said.word(things.get(0).from()).equals("no")
                        && clause.complements().phrases().stream().anyMatch(p -> p.thing() != null);
        return no
                && (said.vocabulary().things().consumable(things.get(0).head()).isPresent()
                        || said.vocabulary().things().tool(things.get(0).head()).isPresent());
    }

    /** "do not lift", "never heat", "no drilling", "is not to be cut": a deed of the workshop. */
    private boolean forbidden(Clause clause) {
        Lead lead = clause.lead();
        boolean must = lead.modal().matches("must|should|shall|may");
        boolean orders =
                lead.subject().matches("|you")
                        && !lead.be()
                        && (must || lead.modal().isEmpty())
                        && form(clause, Act.Form.BASE, Act.Form.ING);
        boolean undergone =
                lead.be()
                        && (must || lead.to())
                        && form(clause, Act.Form.PAST, Act.Form.PARTICIPLE, Act.Form.BASE);
        return lead.negated()
                && !lead.have()
                && lead.subordinator().isEmpty()
                && lead.interrogative().isEmpty()
                && (orders || undergone);
    }

    private boolean form(Clause clause, Act.Form... forms) {
        return said.act(clause.head())
                .filter(m -> List.of(forms).contains(m.form()))
                .map(m -> m.act().actionWith(clause.complements().particle()))
                .isPresent();
    }

    /** "do not lift, turn or pull": one prohibition of several acts. */
    private boolean forbiddenWith(int c) {
        Lead lead = clauses.get(c).lead();
        return lead.shared() && lead.negated() && !parted(c - 1);
    }

    private Sketch sketch(Clause clause, Verdict verdict) {
        // what is forbidden is no step, however sure the verb is
        boolean caution =
                verdict.caution() > verdict.work() - verdict.caution() || clause.lead().negated();
        Kind kind =
                caution
                        ? Kind.CAUTION
                        : switch (verdict.action()) {
                            case "inspect" -> Kind.INSPECTION;
                            case "measure" -> Kind.MEASUREMENT;
                            case "test" -> Kind.TEST;
                            default -> Kind.ACTION;
                        };
        double sure = caution ? verdict.work() : verdict.work() * verdict.certainty();
        Sketch sketch = new Sketch(kind, caution ? null : verdict.action(), clause, sure);
        if (!caution && verdict.certainty() < CERTAIN) {
            sketch.unsure.add(Sketch.ACTION);
        }
        return sketch;
    }

    /** Details go with the step that they stand next to, the one before rather than the next. */
    private void details() {
        for (int c = 1; c < clauses.size(); c++) {
            boolean figure = figureOnly(c);
            boolean near = figure || !partedFar(c - 1) && !conditional(c);
            boolean detail =
                    figure || verdicts.get(c).outcome() == Outcome.DETAIL || tool(clauses.get(c));
            if (of[c] == null && of[c - 1] != null && near && detail) {
                of[c] = of[c - 1];
                of[c].to = clauses.get(c).to();
            }
        }
        for (int c = clauses.size() - 2; c >= 0; c--) {
            boolean adjoins = of[c + 1] != null && of[c + 1].from == clauses.get(c + 1).from();
            boolean leads = of[c] == null && adjoins && !parted(c);
            boolean detail = verdicts.get(c).outcome() == Outcome.DETAIL || tool(clauses.get(c));
            if (leads && detail) {
                of[c] = of[c + 1];
                of[c].from = clauses.get(c).from();
            }
        }
    }

    /**
     * "and you want at least three millimetres", "crosswise to five newton metres": a figure of the
     * step before.
     */
    private boolean figureOnly(int c) {
        Clause clause = clauses.get(c);
        Sketch before = of[c - 1];
        boolean named =
                clause.complements().objects().stream()
                        .anyMatch(np -> said.vocabulary().things().names(np.head()));
        if (before == null || named || said.measures(clause.from(), clause.to()).isEmpty()) {
            return false;
        }
        boolean goesOn =
                clause.type() != Clause.Type.VERB
                        && before.is(verdicts.get(c).action())
                        && clause.complements().particle() == null;
        boolean judges =
                clause.type() == Clause.Type.VERB
                        && said.act(clause.head()).isEmpty()
                        && before.is("measure", "inspect", "adjust", "test", "align");
        return goesOn || judges;
    }

    /** Whether a clause asks something of the step behind it: "if it is worn, fit a new one". */
    private boolean conditional(int c) {
        Clause clause = clauses.get(c);
        boolean asks = List.of("if", "unless", "when").contains(clause.lead().subordinator());
        boolean next = c + 1 < clauses.size() && of[c + 1] != null && !parted(c);
        return asks && next && (said.runsOn() || !said.mark(clause.to() - 1).isEmpty());
    }

    /** Whether a sentence ends behind a clause and before the next. */
    private boolean parted(int c) {
        for (int i = clauses.get(c).to() - 1; i < clauses.get(c + 1).from(); i++) {
            if (said.ends(i)) {
                return true;
            }
        }
        return false;
    }

    /** Whether the next clause is of another sentence and says no more than a thing to use. */
    private boolean partedFar(int c) {
        return parted(c) && !tool(clauses.get(c + 1));
    }

    /** "ten millimetre socket": a thing that is only worked with. */
    private boolean tool(Clause clause) {
        List<NounPhrase> things = clause.complements().objects();
        return clause.type() != Clause.Type.VERB
                && clause.complements().particle() == null
                && things.size() == 1
                && said.vocabulary()
                        .things()
                        .toolAtEnd(List.of(things.get(0).name().split(" ")))
                        .filter(e -> !e.named().doubtful() || things.get(0).size() != null)
                        .isPresent();
    }
}
