package methodos.core.narration;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.core.parts.PartsAnswer;
import methodos.core.scan.Scan;
import methodos.core.sense.Senseless;

/**
 * A manual with what stands beside it; derived things are computed from all of it.
 *
 * @param captions by the id of the clip
 * @param scans by the id of the clip, of those that are scanned already
 * @param drafts by the id of the clip, of those whose narration is read already
 * @param partsAnswer what the parts service said last
 * @param mended what was mended in the manual when it was read, since work on it would have lost
 *     something
 */
public record Workspace(
        Manual manual,
        Map<String, Captions> captions,
        Map<String, Scan> scans,
        Map<String, Draft> drafts,
        PartsAnswer partsAnswer,
        List<Senseless> mended) {

    public Workspace {
        captions = Map.copyOf(captions);
        scans = Map.copyOf(scans);
        drafts = Map.copyOf(drafts);
        mended = List.copyOf(mended);
    }

    /** Where nothing is drafted yet. */
    public Workspace(Manual manual, Map<String, Captions> captions, Map<String, Scan> scans) {
        this(manual, captions, scans, Map.of(), PartsAnswer.NONE, List.of());
    }

    /** Where nothing is scanned yet. */
    public Workspace(Manual manual, Map<String, Captions> captions) {
        this(manual, captions, Map.of());
    }

    public Captions captions(String clip) {
        return captions.getOrDefault(clip, Captions.NONE);
    }

    public Optional<Scan> scan(String clip) {
        return Optional.ofNullable(scans.get(clip));
    }

    public Workspace with(Manual changed) {
        return new Workspace(changed, captions, scans, drafts, partsAnswer, mended);
    }

    public Workspace withCaptions(String clip, Captions changed) {
        Map<String, Captions> all = new HashMap<>(captions);
        all.put(clip, changed);
        Map<String, Draft> others = new HashMap<>(drafts);
        others.remove(clip);
        return new Workspace(manual, all, scans, others, partsAnswer, mended);
    }

    public Optional<Draft> draft(String clip) {
        return Optional.ofNullable(drafts.get(clip));
    }

    public Workspace withDraft(String clip, Draft draft) {
        Map<String, Draft> all = new HashMap<>(drafts);
        all.put(clip, draft);
        return new Workspace(manual, captions, scans, all, partsAnswer, mended);
    }

    public Workspace withScan(String clip, Scan scan) {
        Map<String, Scan> all = new HashMap<>(scans);
        all.put(clip, scan);
        return new Workspace(manual, captions, all, drafts, partsAnswer, mended);
    }

    public Workspace withPartsAnswer(PartsAnswer answer) {
        return new Workspace(manual, captions, scans, drafts, answer, mended);
    }

    /** The same with what was mended when it was read. */
    public Workspace withMended(List<Senseless> places) {
        return new Workspace(manual, captions, scans, drafts, partsAnswer, places);
    }
}
