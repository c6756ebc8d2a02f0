package methodos.narration.draft;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.narration.vocabulary.WordClass;

/** For which units the words hold: "on the older model", "if yours is a ...". */
final class ModelsSaid {

    private static final String AGES = WordClass.AGE.anyOf();

    private static final String UNITS = "(?:" + WordClass.UNIT.anyOf() + "|one)s?";

    private static final Pattern MODEL =
            Pattern.compile(
                    "^(?:um |uh |so |and |then |now )*((?:only )?(?:on|for|with)"
                            + " (?:the |your |some |all )?(?:\\w+ )*?"
                            + UNITS
                            + "\\b(?: (?:with|without|that have|which have|from|before|after|made|up to)"
                            + " (?:the |a |an )?\\w+)?"
                            + "|(?:on|for|with) (?:the |your |some |all )?"
                            + AGES
                            + " \\w+"
                            + "|"
                            + AGES
                            + " "
                            + UNITS
                            + "(?: with .*)?"
                            + "|if (?:yours is|its|youve got|you got|you have) (?:a|an|the) .*)");

    private ModelsSaid() {}

    /** The model or option that the words are about; null for all. */
    static String of(String text) {
        Matcher m = MODEL.matcher(text);
        return m.find()
                ? m.group(1).replaceFirst("^(only )?(on|for|with|in) (the |your )?", "").strip()
                : null;
    }
}
