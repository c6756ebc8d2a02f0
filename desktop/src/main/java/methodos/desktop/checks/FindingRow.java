package methodos.desktop.checks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.check.Checks;
import methodos.core.check.OpenPoint;
import methodos.core.coverage.CoverageReport;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingScope;
import methodos.core.finding.FindingSentences;
import methodos.core.finding.Severity;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.repair.Repair;
import methodos.core.repair.Repairs;
import methodos.core.words.Words;
import methodos.desktop.place.Place;

/** A line of the list of findings. */
sealed interface FindingRow {

    /** The findings of one severity begin. */
    record Heading(Severity severity, int count) implements FindingRow {}

    /**
     * @param head how many of the sentence's letters name what it is about
     * @param repair what it is called, empty where there is none
     * @param accepted whether somebody lives with it
     */
    record Found(
            Finding finding, String sentence, int head, Optional<String> repair, boolean accepted)
            implements FindingRow {}

    /** Findings that are shown on request, or are shown and can be put away again. */
    record More(Kind kind, int count, boolean shown) implements FindingRow {
        enum Kind {
            CONFUSE,
            ACCEPTED
        }
    }

    /** What is open in a place. */
    record Elsewhere(Place place, int open) implements FindingRow {}

    /** How much of something is accounted for, in words. */
    record Covered(String sentence) implements FindingRow {}

    /** What the ledger could not follow, said before anything that it found or did not find. */
    record Unfollowed(String sentence, Id<Step> first) implements FindingRow {}

    /** Nothing was found. */
    record Nothing() implements FindingRow {}

    /**
     * What is listed.
     *
     * @param confusing whether what could only confuse is shown
     * @param accepted whether what was accepted is shown
     */
    record Shown(boolean confusing, boolean accepted) {}

    /**
     * What is looked at.
     *
     * @param sight the units through whose eyes
     * @param points what is open besides
     */
    record Looked(Manual manual, Sight sight, List<OpenPoint> points) {}

    /** The lines for the units that are looked at. */
    static List<FindingRow> of(
            Checks.Result result, Looked looked, Repairs repairs, Words words, Shown shown) {
        Manual manual = looked.manual();
        FindingSentences sentences =
                new FindingSentences(words, new StepNumbers(manual, looked.sight()));
        FindingScope scope = new FindingScope(manual, looked.sight());
        Map<Severity, List<Finding>> open = new EnumMap<>(Severity.class);
        List<Finding> accepted = new ArrayList<>();
        for (Finding finding : result.findings()) {
            if (!scope.holds(finding)) {
                continue;
            }
            if (result.accepted().containsKey(finding)) {
                accepted.add(finding);
            } else {
                open.computeIfAbsent(finding.severity(), s -> new ArrayList<>()).add(finding);
            }
        }
        List<FindingRow> rows = new ArrayList<>();
        CoverageReport coverage = result.coverage();
        coverage.unfollowed(words)
                .ifPresent(told -> rows.add(new Unfollowed(told, coverage.unfollowed().get(0))));
        boolean followed = coverage.unfollowed().size() < coverage.steps();
        if (followed && open.keySet().stream().noneMatch(Severity::grave)) {
            rows.add(new Nothing());
        }
        open.forEach(
                (severity, findings) -> {
                    boolean listed = severity.grave() || shown.confusing();
                    if (severity.grave()) {
                        rows.add(new Heading(severity, findings.size()));
                    } else {
                        rows.add(new More(More.Kind.CONFUSE, findings.size(), shown.confusing()));
                    }
                    if (listed) {
                        findings.forEach(
                                f -> rows.add(found(f, manual, sentences, repairs, words, false)));
                    }
                });
        if (!accepted.isEmpty()) {
            rows.add(new More(More.Kind.ACCEPTED, accepted.size(), shown.accepted()));
            if (shown.accepted()) {
                accepted.forEach(f -> rows.add(found(f, manual, sentences, repairs, words, true)));
            }
        }
        Place.counts(looked.points())
                .forEach((place, count) -> rows.add(new Elsewhere(place, count)));
        covered(result.coverage(), words, rows);
        return rows;
    }

    private static void covered(CoverageReport coverage, Words words, List<FindingRow> rows) {
        rows.add(
                new Covered(
                        words.of(
                                "checks.coverage.STEPS",
                                coverage.steps(),
                                coverage.withFigure(),
                                coverage.withEvidence(),
                                coverage.accepted())));
        for (CoverageReport.OfClip clip : coverage.clips()) {
            double whole = Math.max(1e-9, clip.used() + clip.aside() + clip.neither());
            rows.add(
                    new Covered(
                            words.of(
                                    "checks.coverage.CLIP",
                                    clip.clip().name(),
                                    Math.round(100 * clip.used() / whole),
                                    Math.round(100 * clip.aside() / whole),
                                    Math.round(100 * clip.neither() / whole),
                                    clip.wordsUsed(),
                                    clip.wordsAside(),
                                    clip.wordsOpen())));
        }
    }

    private static Found found(
            Finding finding,
            Manual manual,
            FindingSentences sentences,
            Repairs repairs,
            Words words,
            boolean accepted) {
        String sentence = sentences.of(finding);
        return new Found(
                finding,
                sentence,
                head(finding, sentence, sentences),
                accepted
                        ? Optional.empty()
                        : repairs.of(manual, finding).map(r -> label(r, sentences, words)),
                accepted);
    }

    /** A name that the sentence begins with, or "Step" with its number. */
    private static int head(Finding finding, String sentence, FindingSentences sentences) {
        if (finding.arguments().isEmpty()) {
            return 0;
        }
        String first = String.valueOf(sentences.shown(finding.arguments().get(0)));
        int at = sentence.indexOf(first);
        boolean near = at == 0 || at > 0 && at <= "Step ".length();
        return near ? at + first.length() : 0;
    }

    /** What a repair does, in words. */
    static String label(Repair repair, FindingSentences sentences, Words words) {
        return words.of(repair.key(), repair.arguments().stream().map(sentences::shown).toArray());
    }
}
