package methodos.core.manual;

import methodos.core.description.Id;

/**
 * A limit that is judged by eye: what is looked at, and how good and bad are told apart.
 *
 * @param pass what may stay as it is
 * @param fail what may not
 * @param figure id of the figure that shows both, null where there is none yet
 */
public record Look(String what, String pass, String fail, Id<Figure> figure) {
    public Look {
        what = what == null ? "" : what;
        pass = pass == null ? "" : pass;
        fail = fail == null ? "" : fail;
    }
}
