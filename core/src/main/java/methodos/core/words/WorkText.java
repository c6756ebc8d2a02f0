package methodos.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Found;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Wait;

/** How long, how often, how much, where and on what condition work is done, in words. */
public final class WorkText {

    private final Words words;
    private final Manual manual;
    private final StepNumbers numbers;

    /**
     * @param numbers of the steps that are named
     */
    public WorkText(Words words, Manual manual, StepNumbers numbers) {
        this.words = words;
        this.manual = manual;
        this.numbers = numbers;
    }

    /** "at least 30 min: the sealant sets", "until the foam is gone, at most 2 h". */
    public String wait(Wait wait) {
        List<String> pieces = new ArrayList<>();
        if (!wait.until().isBlank()) {
            pieces.add(words.of("work.until", wait.until()));
        }
        if (wait.seconds() > 0) {
            String time = words.duration(wait.seconds());
            pieces.add(
                    switch (wait.bound()) {
                        case AS_LONG -> time;
                        case AT_LEAST -> words.of("work.atLeast", time);
                        case AT_MOST -> words.of("work.atMost", time);
                    });
        }
        String told = String.join(", ", pieces);
        return wait.what().isBlank() ? told : words.of("work.wait", told, wait.what());
    }

    /** Where steps are done once more, and until when. */
    public String again(Repeat repeat) {
        int to = numbers.of(repeat.to()).orElse(0);
        int from = numbers.of(repeat.from()).orElse(to);
        boolean one = from == to;
        List<String> told = new ArrayList<>();
        if (!repeat.places().isEmpty()) {
            String places = String.join(", ", repeat.places());
            told.add(
                    one
                            ? words.of("work.again.one", places)
                            : words.of("work.again.several", from, to, places));
        }
        if (!repeat.until().isBlank() || repeat.most() > 0 || repeat.least() > 0) {
            told.add(
                    one
                            ? words.of("work.rounds.one", rounds(repeat))
                            : words.of("work.rounds.several", from, to, rounds(repeat)));
        }
        if (!repeat.otherwise().isBlank()) {
            told.add(words.of("work.exhausted", repeat.otherwise()));
        }
        return String.join(" ", told);
    }

    private String rounds(Repeat repeat) {
        List<String> pieces = new ArrayList<>();
        if (!repeat.until().isBlank()) {
            pieces.add(words.of("work.until", repeat.until()));
        }
        if (repeat.least() > 0) {
            pieces.add(words.of("work.leastTimes", repeat.least()));
        }
        if (repeat.most() > 0) {
            pieces.add(words.of("work.mostTimes", repeat.most()));
        }
        return String.join(", ", pieces);
    }

    /** "grease NLGI 2: 5 g, on the lip". */
    public String consumable(ConsumableUse use) {
        String name = manual.consumable(use.consumable()).map(c -> c.label()).orElse("");
        List<String> pieces = new ArrayList<>();
        if (use.amount() != null) {
            pieces.add(use.amount().print());
        }
        if (!use.place().isBlank()) {
            pieces.add(use.place());
        }
        return pieces.isEmpty() ? name : name + ": " + String.join(", ", pieces);
    }

    /** "at left, right; lip towards the pressure"; empty where nothing of it is said. */
    public String placed(PartUse use) {
        List<String> pieces = new ArrayList<>();
        if (!use.places().isEmpty()) {
            pieces.add(words.of("work.at", String.join(", ", use.places())));
        }
        if (!use.wayRound().isBlank()) {
            pieces.add(use.wayRound());
        }
        return String.join("; ", pieces);
    }

    /** "gear oil, VG 220: 0.8 L, to the plug" for a fluid that is drained or filled, else empty. */
    public Optional<String> fluid(Action action) {
        if (!action.verb().of(LedgerItem.Kind.FLUID)) {
            return Optional.empty();
        }
        return manual.ledgerItems().stream()
                .filter(i -> i.id().equals(action.object()))
                .findFirst()
                .map(i -> fluid(i, action));
    }

    private String fluid(LedgerItem item, Action action) {
        boolean fill = action.verb() == Action.Verb.FILL;
        String name =
                fill && !item.grade().isBlank() ? item.name() + ", " + item.grade() : item.name();
        List<String> pieces = new ArrayList<>();
        if (action.amount() != null) {
            pieces.add(action.amount().print());
        } else if (item.amount() != null) {
            pieces.add(item.amount().print());
        }
        if (fill && !item.level().isBlank()) {
            pieces.add(words.of("work.level", item.level()));
        }
        String told = pieces.isEmpty() ? name : name + ": " + String.join(", ", pieces);
        return words.of(fill ? "work.fill" : "work.drain", told);
    }

    /** "“end float” of step 12 is outside its limit"; empty where what it leads to is gone. */
    public String found(Found found) {
        if (found instanceof Found.Outside outside) {
            return manual.reading(outside.reading())
                    .map(r -> outside(r, step(s -> s.readings().contains(r))))
                    .orElse("");
        }
        if (found instanceof Found.Fails fails) {
            return manual.look(fails.look())
                    .map(l -> bad(l, step(s -> s.looks().contains(l))))
                    .orElse("");
        }
        if (found instanceof Found.Cause cause) {
            return words.of("found.cause", cause.cause());
        }
        Found.Decided decided = (Found.Decided) found;
        String name = manual.decision(decided.decision()).map(d -> d.name()).orElse("");
        return words.of("found.decided", name, decided.verdict());
    }

    private Id<Step> step(Predicate<Step> has) {
        return manual.steps().filter(has).map(Step::id).findFirst().orElse(null);
    }

    /** That a reading of a step is outside its limit, or answered badly. */
    public String outside(Reading reading, Id<Step> step) {
        String key = reading.answer() == null ? "found.outside" : "found.badAnswer";
        return words.of(key, reading.what(), numbers.of(step).orElse(0));
    }

    /** That what is judged by eye in a step is bad. */
    public String bad(Look look, Id<Step> step) {
        String bad = look.fail().isBlank() ? words.of("found.bad") : look.fail();
        return words.of("found.fails", look.what(), numbers.of(step).orElse(0), bad);
    }
}
