package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.GivenWhenNeeded;
import methodos.core.description.Id;

/**
 * A limit that is judged by eye: what is looked at, and how good and bad are told apart.
 *
 * @param id by which others refer to it, null while nothing does
 * @param pass what may stay as it is
 * @param fail what may not
 * @param figure id of the figure that shows both, null where there is none yet
 */
@RecordBuilder
public record Look(
        @GivenWhenNeeded Id<Look> id, String what, String pass, String fail, Id<Figure> figure)
        implements LookBuilder.With {
    public Look {
        what = what == null ? "" : what;
        pass = pass == null ? "" : pass;
        fail = fail == null ? "" : fail;
    }

    /** One that nothing refers to yet. */
    public static Look of(String what) {
        return LookBuilder.builder().what(what).build();
    }
}
