package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;

/** Finds where the work that was just told is to be done at another place. */
final class Repeats {

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;

    Repeats(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
    }

    private static final Pattern REPEATS =
            Pattern.compile(
                    ".*\\bsame (thing |again |work |job |way |drill |procedure )*(for|on|at|with|again|the other|over)\\b.*"
                            + "|.*\\bother .*\\b(the |just the )?same( way)?$|.*\\bit is the same work.*|^(and )?(do )?the same (on|for|at).*"
                            + "|.*\\bsame again\\b.*|.*\\bthe same only backwards.*");

    /** "same for the other side": the work that was just told, at another place. */
    boolean repeats(Clause clause, Said said) {
        String text = speech.text(clause.body(), clause.to());
        if (!REPEATS.matcher(text).matches()
                || text.matches(".*\\bsame (grease|oil|order|size|torque|value|socket|key)\\b.*")) {
            return false;
        }
        Finding main = null;
        for (int i = findings.size() - 1; i >= 0 && i >= findings.size() - 4 && main == null; i--) {
            Finding f = findings.get(i);
            if (f.kind != Kind.CAUTION
                    && f.action != null
                    && !f.is("discard", "record", "clean", "lubricate", "wait", "secure", "mark")) {
                main = f;
            }
        }
        if (main == null) {
            return false;
        }
        Finding again = new Finding(main.kind, main.action, clause);
        int first = findings.get(Math.max(0, findings.size() - 4)).from;
        Optional<NounPhrase> named = Optional.empty();
        for (int i = clause.body(); i < clause.to() && named.isEmpty(); i++) {
            named =
                    NounPhrases.at(speech, i, clause.to())
                            .filter(
                                    n ->
                                            n.part()
                                                    && !Set.of(
                                                                    "side", "work", "machine",
                                                                    "end", "job")
                                                            .contains(n.head())
                                                    && !Set.of("hand", "same").contains(n.head()));
        }
        if (named.isPresent()) {
            NounPhrase n = named.get();
            again.parts.add(Finding.Part.of(n).withSize(null));
        } else {
            again.parts.addAll(main.parts);
        }
        again.repeated = new int[] {Math.max(first, main.from - 40), main.to};
        again.place = text.replaceFirst(".*\\b(?:for|on|at) (the )?", "").strip();
        again.leftHand =
                said.leftHand
                        || text.matches(
                                ".*\\bleft (hand )?one\\b.*\\b(backwards|anticlockwise|other way)\\b.*");
        if (said.leftHand) {
            context.takeLeftHand();
        }
        findings.add(again);
        return true;
    }
}
