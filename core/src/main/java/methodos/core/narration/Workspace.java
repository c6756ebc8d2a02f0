package methodos.core.narration;

import java.util.Map;
import methodos.core.manual.Manual;

/**
 * A manual with what stands beside it; derived things are computed from both.
 *
 * @param captions by the id of the clip
 */
public record Workspace(Manual manual, Map<String, Captions> captions) {

    public Workspace {
        captions = Map.copyOf(captions);
    }

    public Captions captions(String clip) {
        return captions.getOrDefault(clip, Captions.NONE);
    }

    public Workspace with(Manual changed) {
        return new Workspace(changed, captions);
    }
}
