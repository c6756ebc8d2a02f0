package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;

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
        Id<Clip> follows)
        implements ClipBuilder.With {
    public Clip {
        name = name == null ? "" : name;
        path = path == null ? "" : path;
        digest = digest == null ? "" : digest;
    }
}
