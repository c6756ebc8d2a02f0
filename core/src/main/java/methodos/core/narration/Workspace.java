package methodos.core.narration;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.bench.RunSeen;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.parts.PartsAnswer;
import methodos.core.scan.Scan;
import methodos.core.sense.Senseless;

/**
 * A manual with what stands beside it; derived things are computed from all of it.
 *
 * @param captions by the id of the clip
 * @param scans by the id of the clip, of those that are scanned already
 * @param seen what the film shows of steps, of those whose film was looked at already
 * @param partsAnswer what the parts service said last
 * @param mended what was mended in the manual when it was read, since work on it would have lost
 *     something
 * @param runs what bench runs show, the oldest first
 */
public record Workspace(
        Manual manual,
        Map<Id<Clip>, Captions> captions,
        Map<Id<Clip>, Scan> scans,
        Map<Id<Step>, SeenSpan> seen,
        PartsAnswer partsAnswer,
        List<Senseless> mended,
        List<RunSeen> runs) {

    public Workspace {
        captions = Map.copyOf(captions);
        scans = Map.copyOf(scans);
        seen = Map.copyOf(seen);
        mended = List.copyOf(mended);
        runs = List.copyOf(runs);
    }

    /** Where no parts service has answered. */
    public Workspace(Manual manual, Map<Id<Clip>, Captions> captions, Map<Id<Clip>, Scan> scans) {
        this(manual, captions, scans, Map.of(), PartsAnswer.NONE, List.of(), List.of());
    }

    /** Where nothing is scanned yet. */
    public Workspace(Manual manual, Map<Id<Clip>, Captions> captions) {
        this(manual, captions, Map.of());
    }

    /** What is said in a clip; {@link Captions#NONE} where nothing is. */
    public Captions captions(Id<Clip> clip) {
        return captions.getOrDefault(clip, Captions.NONE);
    }

    /** What its frames look like; empty where it is not scanned. */
    public Optional<Scan> scan(Id<Clip> clip) {
        return Optional.ofNullable(scans.get(clip));
    }

    /** The same beside another state of the manual. */
    public Workspace with(Manual changed) {
        return new Workspace(changed, captions, scans, seen, partsAnswer, mended, runs);
    }

    /** The same with other captions of a clip. */
    public Workspace withCaptions(Id<Clip> clip, Captions changed) {
        Map<Id<Clip>, Captions> all = new HashMap<>(captions);
        all.put(clip, changed);
        return new Workspace(manual, all, scans, seen, partsAnswer, mended, runs);
    }

    /** The same with the scan of a clip. */
    public Workspace withScan(Id<Clip> clip, Scan scan) {
        Map<Id<Clip>, Scan> all = new HashMap<>(scans);
        all.put(clip, scan);
        return new Workspace(manual, captions, all, seen, partsAnswer, mended, runs);
    }

    /** The same with what the film shows of steps. */
    public Workspace withSeen(Map<Id<Step>, SeenSpan> ofSteps) {
        return new Workspace(manual, captions, scans, ofSteps, partsAnswer, mended, runs);
    }

    /** The same with what a parts service answered. */
    public Workspace withPartsAnswer(PartsAnswer answer) {
        return new Workspace(manual, captions, scans, seen, answer, mended, runs);
    }

    /** The same with what was mended when it was read. */
    public Workspace withMended(List<Senseless> places) {
        return new Workspace(manual, captions, scans, seen, partsAnswer, places, runs);
    }

    /** The same with what bench runs show. */
    public Workspace withRuns(List<RunSeen> seenRuns) {
        return new Workspace(manual, captions, scans, seen, partsAnswer, mended, seenRuns);
    }
}
