package methodos.core.finding;

import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;

/**
 * Says what was found, with the numbers that the steps have for the units that are looked at.
 *
 * @param words that know the keys of findings
 */
public record FindingSentences(Words words, StepNumbers numbers) {

    /** What was found, in a sentence. */
    public String of(Finding finding) {
        String sentence =
                words.of(finding.key(), finding.arguments().stream().map(this::shown).toArray());
        return finding.only().isEmpty()
                ? sentence
                : words.of("finding.only", sentence, String.join(", ", finding.only()));
    }

    /** An argument as it stands in a sentence. */
    public Object shown(Object argument) {
        if (argument instanceof Finding.StepRef step) {
            var number = numbers.of(step.id());
            return number.isPresent() ? String.valueOf(number.getAsInt()) : "–";
        }
        return argument;
    }
}
