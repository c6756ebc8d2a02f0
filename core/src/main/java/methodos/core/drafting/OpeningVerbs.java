package methodos.core.drafting;

import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.WordSet;

/** Verbs that open and shut: a lid, a valve, a window. */
final class OpeningVerbs extends VerbReading {

    private static final Set<String> VALVES =
            WordSet.of("valve cock screw bleed vent tap bleeder nipple seacock drain");
    private static final Set<String> DOORS =
            WordSet.of("door cover lid hatch panel hood guard flap housing cabinet");

    OpeningVerbs(ClauseReader reader) {
        super(reader);
    }

    Finding open(int v) {
        Objects o = behind(v + 1);
        Finding f = finding(Kind.ACTION, "uncover");
        reader.take(o, f);
        subject(v, f);
        String head = f.parts.isEmpty() ? "" : Nouns.head(f.parts.get(0).name());
        if (DOORS.contains(head)) {
            return f;
        }
        if (head.equals("window")) {
            f.action = "vent";
        } else if (VALVES.contains(head)) {
            boolean vents =
                    f.parts.stream()
                            .anyMatch(p -> p.name().matches(".*\\b(vent|bleed|drain|air)\\b.*"));
            f.action =
                    vents
                            ? (f.parts.get(0).name().contains("drain") ? "drain" : "vent")
                            : reader.context().buildUp() ? "restore" : "turn";
        } else {
            f.action = "loosen";
        }
        return f;
    }

    /** "supply valve shut": what stands in front, where nothing stands behind. */
    private void subject(int v, Finding f) {
        if (f.parts.isEmpty() && v > reader.start()) {
            f.parts.addAll(Objects.behind(speech, reader.said(), reader.start(), v).parts());
        }
    }

    Finding shut(int v) {
        Objects o = behind(v + 1);
        Finding f = finding(Kind.ACTION, "isolate");
        reader.take(o, f);
        subject(v, f);
        String head = f.parts.isEmpty() ? "" : Nouns.head(f.parts.get(0).name());
        if (DOORS.contains(head)) {
            f.action = "cover";
        } else if (f.parts.stream()
                .anyMatch(p -> p.name().matches(".*\\b(screw|bleed|vent|plug)\\b.*"))) {
            f.action = "tighten";
        } else if (reader.context().buildUp() && !"off".equals(o.particle())) {
            f.action = "turn";
        }
        return f;
    }
}
