package methodos.core.drafting;

import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Verbs that open and shut: a lid, a valve, a window. */
final class OpeningVerbs extends VerbReading {

    private static final Set<String> VALVES =
            WordSet.of("valve cock screw bleed vent tap bleeder nipple seacock drain");
    private static final Set<String> DOORS =
            WordSet.of("door cover lid hatch panel hood guard flap housing cabinet");

    private static final Pattern VENTS = Pattern.compile("\\b(vent|bleed|drain|air)\\b");

    private static final Pattern SCREWED = Pattern.compile("\\b(screw|bleed|vent|plug)\\b");

    OpeningVerbs(ClauseReader reader) {
        super(reader);
    }

    Finding open(int v) {
        Finding f = moved(v, "uncover", behind(v + 1));
        String head = head(f);
        if (DOORS.contains(head)) {
            return f;
        }
        if (head.equals("trigger")) {
            f.action = "press";
        } else if (head.equals("window")) {
            f.action = "vent";
        } else if (!VALVES.contains(head)) {
            f.action = "loosen";
        } else if (named(f, VENTS)) {
            f.action = f.parts.get(0).name().contains("drain") ? "drain" : "vent";
        } else {
            f.action = reader.context().buildUp() ? "restore" : "turn";
        }
        return f;
    }

    Finding shut(int v) {
        Objects o = behind(v + 1);
        Finding f = moved(v, "isolate", o);
        if (DOORS.contains(head(f))) {
            f.action = "cover";
        } else if (named(f, SCREWED)) {
            f.action = "tighten";
        } else if (reader.context().buildUp() && !"off".equals(o.particle())) {
            f.action = "turn";
        }
        return f;
    }

    /** What stands behind the verb; in front of it ("supply valve shut") where nothing does. */
    private Finding moved(int v, String action, Objects behind) {
        Finding f = finding(Kind.ACTION, action);
        reader.take(behind, f);
        if (f.parts.isEmpty() && v > reader.start()) {
            f.parts.addAll(Objects.behind(speech, reader.said(), reader.start(), v).parts());
        }
        return f;
    }

    private static String head(Finding f) {
        return f.parts.isEmpty() ? "" : Nouns.head(f.parts.get(0).name());
    }

    private static boolean named(Finding f, Pattern names) {
        return f.parts.stream().anyMatch(p -> names.matcher(p.name()).find());
    }
}
