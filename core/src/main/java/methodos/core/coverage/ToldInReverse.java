package methodos.core.coverage;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Caption;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;

/**
 * Finds where a build-up is told as "in reverse order": few words for many steps, which hide all
 * that is different on the way back, new seals, which way a lip points, what is tightened to what.
 */
public final class ToldInReverse {

    private static final Pattern REVERSE =
            Pattern.compile(
                    "\\b(in (the )?(reverse|opposite|backwards?) (order|sequence)"
                            + "|(is|are|its) (just |simply )?the reverse"
                            + "|reverse of (the )?(removal|disassembly|dismantling|taking|strip|what)"
                            + "|reverse (order|sequence|procedure)"
                            + "|same (way|thing|order),? (only |but |just )?backwards?)\\b");

    private ToldInReverse() {}

    /** The first such words of a clip that nobody has set aside or written a step from. */
    public static Optional<Caption> open(Workspace workspace, Id<Clip> clip) {
        Manual manual = workspace.manual();
        WordStates states = new WordStates(manual, clip);
        return workspace.captions(clip).captions().stream()
                .filter(c -> in(c.words()))
                .filter(c -> states.of(c).open())
                .findFirst();
    }

    static boolean in(String words) {
        String plain = words.toLowerCase(Locale.ROOT).replace("'", "").replace("’", "");
        return REVERSE.matcher(plain).find();
    }
}
