package methodos.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.scan.Scan;

/**
 * Something that has to be filmed, or filmed again: a step that no figure shows and whose footage
 * offers none.
 *
 * @param number of the step for the units that are looked at
 * @param why its footage shows nothing, empty where it was never filmed
 * @param side from which its words say it is seen, empty where they say nothing
 * @param take where its footage is, empty where it was never filmed
 * @param before number of the step before, which shows how the unit stands then; 0 for the first
 */
public record Reshoot(
        Step step,
        int number,
        Optional<Scan.Why> why,
        String side,
        Optional<Take> take,
        int before) {

    /** A stretch of a clip. */
    public record Take(Clip clip, Span span) {}

    private static final Pattern SIDE =
            Pattern.compile(
                    "\\b(?:from )?(left|right|top|above|below|underneath|bottom|front|rear|back side"
                            + "|inside|end)\\b");

    /** In the order of the steps. */
    public static List<Reshoot> of(Workspace workspace, Sight sight) {
        Manual manual = PractisedManual.of(workspace.manual()).seenBy(sight).manual();
        StepNumbers numbers = new StepNumbers(manual, sight);
        List<Reshoot> all = new ArrayList<>();
        manual.steps()
                .filter(s -> s.figures().isEmpty() && numbers.of(s.id()).isPresent())
                .forEach(s -> of(s, workspace, numbers).ifPresent(all::add));
        return all;
    }

    private static Optional<Reshoot> of(Step step, Workspace workspace, StepNumbers numbers) {
        int number = numbers.of(step.id()).orElseThrow();
        Optional<Scan.Why> why = Optional.empty();
        for (Span span : step.spans()) {
            why =
                    workspace
                            .scan(span.clip())
                            .flatMap(scan -> scan.hopeless(span.start(), span.end()));
            if (why.isEmpty()) {
                return Optional.empty();
            }
        }
        Optional<Take> take =
                step.spans().stream()
                        .findFirst()
                        .flatMap(s -> workspace.manual().clip(s.clip()).map(c -> new Take(c, s)));
        return Optional.of(new Reshoot(step, number, why, side(step), take, number - 1));
    }

    private static String side(Step step) {
        Matcher matcher = SIDE.matcher(step.text().toLowerCase(Locale.ROOT));
        return matcher.find() ? matcher.group(1) : "";
    }
}
