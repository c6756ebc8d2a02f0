package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.edit.StepQuestions;
import methodos.core.edit.StepQuestions.Answer;
import methodos.core.edit.StepQuestions.Asked;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.PartLine;

/** The question that a drafted step asks next, in the words of its card; the others follow it. */
final class Asks {

    private Asks() {}

    static List<SeamLayout.AskLine> of(Step step, Manual manual, Words words) {
        Optional<Asked> first = first(step, manual);
        if (first.isEmpty()) {
            return List.of();
        }
        List<SeamLayout.AskLine> lines = new ArrayList<>();
        String key = first.get().among() ? "seam.askWhich" : "seam.askHeard";
        lines.add(new SeamLayout.AskLine("", words.of(key, first.get().said())));
        List<Answer> answers = first.get().answers();
        for (int i = 0; i < answers.size(); i++) {
            lines.add(
                    new SeamLayout.AskLine(
                            String.valueOf(i + 1),
                            answers.get(i)
                                    .part()
                                    .map(PartLine::of)
                                    .orElse(words.of("seam.askOwn"))));
        }
        return lines;
    }

    static Optional<Asked> first(Step step, Manual manual) {
        return step.accepted()
                ? Optional.empty()
                : StepQuestions.of(manual, step).stream().findFirst();
    }
}
