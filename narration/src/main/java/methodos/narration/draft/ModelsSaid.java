package methodos.narration.draft;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** For which units the words hold: "on the older model", "in winter", "if yours is a ...". */
final class ModelsSaid {

    private static final Pattern MODEL =
            Pattern.compile(
                    "^(?:um |uh |so |and |then |now )*((?:on|for|with) (?:the|your|some|all|later|older|newer|early) (?:\\w+ )*?"
                            + "(?:model|models|machine|machines|press|type|types|version|unit|units|saws|one with [a-z ]+|valve|series|job)\\b"
                            + "|(?:on|for|with) (?:the )?(?:older|newer|earlier|later|early|late|bigger|smaller|old) ones"
                            + "|(?:only )?(?:on|for) (?:the ones|models|machines|units|versions|types|pumps|those)"
                            + " (?:with|without|that have|which have|from|before|after|made|built|up to) (?:the |a |an )?\\w+(?: (?!release|take|undo|remove|give|use|you|it|there|its)\\w+)?"
                            + "|(?:older|newer|later|early|old) (?:model|valve|type|version|unit|machine|one)s?(?: with .*)?|in winter|in summer"
                            + "|if (?:yours is|its|youve got|you got|you have) (?:a|an|the) .*)");

    private ModelsSaid() {}

    /** The model, option or season that the words are about; null for all. */
    static String of(String text) {
        Matcher m = MODEL.matcher(text);
        return m.find()
                ? m.group(1).replaceFirst("^(only )?(on|for|with|in) (the |your )?", "").strip()
                : null;
    }
}
