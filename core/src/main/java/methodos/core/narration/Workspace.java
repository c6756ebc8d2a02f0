package methodos.core.narration;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.core.scan.Scan;

/**
 * A manual with what stands beside it; derived things are computed from all of it.
 *
 * @param captions by the id of the clip
 * @param scans by the id of the clip, of those that are scanned already
 */
public record Workspace(Manual manual, Map<String, Captions> captions, Map<String, Scan> scans) {

    public Workspace {
        captions = Map.copyOf(captions);
        scans = Map.copyOf(scans);
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
        return new Workspace(changed, captions, scans);
    }

    public Workspace withCaptions(String clip, Captions changed) {
        Map<String, Captions> all = new HashMap<>(captions);
        all.put(clip, changed);
        return new Workspace(manual, all, scans);
    }

    public Workspace withScan(String clip, Scan scan) {
        Map<String, Scan> all = new HashMap<>(scans);
        all.put(clip, scan);
        return new Workspace(manual, captions, all);
    }
}
