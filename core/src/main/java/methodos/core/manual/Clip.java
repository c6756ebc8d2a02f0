package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.Within;

/**
 * A recording that the manual is drawn from.
 *
 * @param path where it is, relative to the project folder where possible
 * @param size in bytes
 * @param digest SHA-256 of the content, by which it is known again when it moved
 * @param duration in seconds
 * @param captions digest of the captions kept in the project, null where there are none
 * @param follows id of the clip that this one goes on from without a gap, since cameras begin a new
 *     file now and then; null where it stands for itself
 * @param turned quarter turns clockwise that set its pictures upright where the recording does not
 *     tell it itself, 0 to 3
 */
@RecordBuilder
public record Clip(
        Id<Clip> id,
        String name,
        String path,
        @Required long size,
        String digest,
        @Required double duration,
        String captions,
        Id<Clip> follows,
        @Within(least = 0, greatest = 3) int turned)
        implements ClipBuilder.With {
    public Clip {
        name = name == null ? "" : name;
        path = path == null ? "" : path;
        digest = digest == null ? "" : digest;
        turned = Math.floorMod(turned, 4);
    }

    /** A recording that is upright. */
    public Clip(
            Id<Clip> id,
            String name,
            String path,
            long size,
            String digest,
            double duration,
            String captions,
            Id<Clip> follows) {
        this(id, name, path, size, digest, duration, captions, follows, 0);
    }
}
