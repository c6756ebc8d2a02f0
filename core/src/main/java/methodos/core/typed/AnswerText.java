package methodos.core.typed;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Answer;
import methodos.core.quantity.MeasureUnit;

/** How a reading is answered, on one line. */
public final class AnswerText {

    private static final Pattern RECKONED = Pattern.compile("=?\\s*(.+?)\\s+in\\s+(\\S.*)");
    private static final Pattern SYMBOL = Pattern.compile("|\\p{L}[\\p{L}\\p{N}]{0,5}");
    private static final String GOOD = "*";

    private AnswerText() {}

    /** "yes*, no" with a star behind the good ones; the words of a list; a unit; "b - a in kg". */
    public static String text(Answer answer) {
        if (answer instanceof Answer.Choice choice) {
            return String.join(
                    ", ",
                    choice.answers().stream()
                            .map(a -> choice.good().contains(a) ? a + GOOD : a)
                            .toList());
        }
        if (answer instanceof Answer.Written written) {
            return String.join(", ", written.among());
        }
        if (answer instanceof Answer.Noted noted) {
            return noted.unit();
        }
        Answer.Reckoned reckoned = (Answer.Reckoned) answer;
        return reckoned.formula().isEmpty() ? "" : reckoned.formula() + " in " + reckoned.unit();
    }

    /**
     * The same kind of answer as another, as it was typed.
     *
     * @throws IllegalArgumentException with a sentence if it is not understood
     */
    public static Answer parse(Answer kind, String typed) {
        if (kind instanceof Answer.Choice) {
            return choice(TypedList.names(typed));
        }
        if (kind instanceof Answer.Written) {
            return new Answer.Written(TypedList.names(typed));
        }
        if (kind instanceof Answer.Noted) {
            return new Answer.Noted(unit(typed));
        }
        Matcher reckoned = RECKONED.matcher(typed.strip());
        if (!reckoned.matches()) {
            throw new IllegalArgumentException("Type a formula and its unit: b - a in kg.");
        }
        return new Answer.Reckoned(reckoned.group(1), unit(reckoned.group(2)));
    }

    private static Answer choice(List<String> answers) {
        if (answers.size() < 2) {
            throw new IllegalArgumentException(
                    "Type two answers or more, with a star behind the good ones: yes*, no.");
        }
        return new Answer.Choice(
                answers.stream().map(AnswerText::plain).toList(),
                answers.stream().filter(a -> a.endsWith(GOOD)).map(AnswerText::plain).toList());
    }

    private static String plain(String answer) {
        return answer.replace(GOOD, "").strip();
    }

    private static String unit(String typed) {
        return MeasureUnit.named(typed)
                .map(MeasureUnit::symbol)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "“" + typed + "” is no unit that is known."));
    }

    /**
     * What formulas call a reading.
     *
     * @throws IllegalArgumentException with a sentence if it cannot stand in a formula
     */
    public static String symbol(String typed) {
        if (!SYMBOL.matcher(typed.strip()).matches()) {
            throw new IllegalArgumentException(
                    "A symbol is a letter with letters or digits behind it, six at most.");
        }
        return typed.strip();
    }
}
