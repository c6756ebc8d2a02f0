package methodos.core.drafting;

import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** What the readers of special verbs share: the clause, and steps of what stands behind a verb. */
abstract class VerbReading {

    final ClauseReader reader;
    final Speech speech;
    final int end;

    VerbReading(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.end = reader.end();
    }

    Finding finding(Kind kind, String action) {
        return new Finding(kind, action, reader.clause());
    }

    Finding with(Finding f, int from) {
        Objects objects = Objects.behind(speech, reader.said(), from, end);
        reader.take(objects, f);
        if (objects.from() != null) {
            f.parts.replaceAll(p -> p.from() == null ? p.withFrom(objects.from()) : p);
        }
        f.place = objects.place();
        return f;
    }

    Finding act(String action, int from) {
        return with(finding(Finding.kind(action), action), from);
    }

    /** A remark that is worth keeping, and no step. */
    final Finding note() {
        return finding(Kind.ACTION, null);
    }

    final Finding caution() {
        return finding(Kind.CAUTION, null);
    }

    final Objects behind(int from) {
        return Objects.behind(speech, reader.said(), from, end);
    }

    boolean times() {
        return reader.measures().stream().anyMatch(Measure::time);
    }
}
