package methodos.core.typed;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;

/** Steps by their numbers, as they are typed: "40 to 44, 49". */
public final class StepList {

    private static final Pattern RUN = Pattern.compile("(\\d+)\\s*(?:to|-|–)\\s*(\\d+)");
    private static final Pattern BETWEEN = Pattern.compile("[,;]|(?<=\\d)\\s+(?=\\d)");

    private StepList() {}

    /**
     * The steps with these numbers.
     *
     * @throws IllegalArgumentException with what is no number of a step
     */
    public static List<Id<Step>> parse(String typed, StepNumbers numbers) {
        List<Id<Step>> steps = new ArrayList<>();
        for (String piece : BETWEEN.split(typed)) {
            Matcher run = RUN.matcher(piece.strip());
            if (run.matches()) {
                int to = step(run.group(2), numbers);
                for (int n = step(run.group(1), numbers); n <= to; n++) {
                    steps.add(numbers.step(String.valueOf(n)).orElseThrow());
                }
            } else if (!piece.isBlank()) {
                int n = step(piece.strip(), numbers);
                steps.add(numbers.step(String.valueOf(n)).orElseThrow());
            }
        }
        return steps;
    }

    private static int step(String number, StepNumbers numbers) {
        if (numbers.step(number).isEmpty()) {
            throw new IllegalArgumentException("There is no step " + number + ".");
        }
        return Integer.parseInt(number);
    }

    /** The numbers of steps as they are typed; those without one are left out. */
    public static String text(List<Id<Step>> steps, StepNumbers numbers) {
        return text(numbers.of(steps));
    }

    /** Numbers of steps as they are typed, in the order in which they are given. */
    public static String text(List<Integer> all) {
        List<String> pieces = new ArrayList<>();
        for (int i = 0; i < all.size(); ) {
            int end = i;
            while (end + 1 < all.size() && all.get(end + 1) == all.get(end) + 1) {
                end++;
            }
            pieces.add(end > i ? all.get(i) + " to " + all.get(end) : "" + all.get(i));
            i = end + 1;
        }
        return String.join(", ", pieces);
    }
}
