package methodos.core.edit;

import java.util.List;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;

/** The changes that are made to the footage. */
public final class ClipEdits {

    private ClipEdits() {}

    /** Takes the paths of recordings that moved. */
    public static Edit relink(List<Clip> found) {
        return Edit.named(
                "edit.relink",
                m -> {
                    Manual changed = m;
                    for (Clip clip : found) {
                        changed =
                                changed.clip(clip.id())
                                        .map(c -> c.withPath(clip.path()))
                                        .map(changed::withClip)
                                        .orElse(changed);
                    }
                    return changed;
                });
    }
}
