package methodos.core.edit;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;

/** The changes that are made to the footage. */
public final class ClipEdits {

    private ClipEdits() {}

    /**
     * Joins a clip on time to the one that it goes on from; null takes it apart again.
     *
     * @param before id of the clip of the same camera that ends where this one begins
     */
    public static Edit follows(Id<Clip> clip, Id<Clip> before) {
        return Edit.named(
                before == null ? EditKind.CLIP_APART : EditKind.CLIP_JOINED,
                m ->
                        m.clip(clip)
                                .filter(c -> !c.id().equals(before))
                                .map(c -> m.withClip(c.withFollows(before)))
                                .orElse(m));
    }

    /** Gives a clip another name. */
    public static Edit name(Id<Clip> clip, String name) {
        return Edit.named(
                EditKind.CLIP_NAME,
                m -> m.clip(clip).map(c -> m.withClip(c.withName(name))).orElse(m));
    }

    /** Turns the pictures of a clip by a quarter, clockwise. */
    public static Edit turn(Id<Clip> clip) {
        return Edit.named(
                EditKind.CLIP_TURNED,
                m ->
                        m.clip(clip)
                                .map(c -> m.withClip(c.withTurned((c.turned() + 1) % 4)))
                                .orElse(m));
    }

    /** Takes the paths of recordings that moved. */
    public static Edit relink(List<Clip> found) {
        return Edit.named(
                EditKind.RELINK,
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
