package methodos.core.check;

import java.util.List;
import methodos.core.bench.Lesson;
import methodos.core.bench.RunSeen;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.practice.PractisedManual;

/** What is open since the bench showed it. */
final class BenchPoints {

    private BenchPoints() {}

    static List<OpenPoint> of(PractisedManual practised, Sight sight, List<RunSeen> runs) {
        StepNumbers numbers = new StepNumbers(practised.manual(), sight);
        return Lesson.of(practised, runs).stream()
                .filter(l -> numbers.of(l.step()).isPresent())
                .map(
                        l ->
                                new OpenPoint(
                                        Matter.STEPS,
                                        "open.bench." + l.kind(),
                                        List.of(
                                                numbers.of(l.step()).getAsInt(),
                                                l.subject(),
                                                l.count(),
                                                l.of()),
                                        l.step(),
                                        null))
                .toList();
    }
}
