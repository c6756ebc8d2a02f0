package methodos.desktop.seam;

import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.manual.Step;

/** What is picked out in the seam just now; it is no part of the manual. */
public final class SeamState {

    private final ObjectProperty<Id<Step>> step = new SimpleObjectProperty<>();
    private final ObjectProperty<Span> span = new SimpleObjectProperty<>();
    private final ObjectProperty<Id<Clip>> clip = new SimpleObjectProperty<>();
    private final DoubleProperty time = new SimpleDoubleProperty();
    private final DoubleProperty scale = new SimpleDoubleProperty(12);

    /** Id of the chosen step, null for none. */
    public ObjectProperty<Id<Step>> step() {
        return step;
    }

    /** The chosen stretch of footage, null for none. */
    public ObjectProperty<Span> span() {
        return span;
    }

    /** Id of the clip that the play position is in. */
    public ObjectProperty<Id<Clip>> clip() {
        return clip;
    }

    /** The play position in seconds. */
    public DoubleProperty time() {
        return time;
    }

    /** Pixels a second. */
    public DoubleProperty scale() {
        return scale;
    }
}
