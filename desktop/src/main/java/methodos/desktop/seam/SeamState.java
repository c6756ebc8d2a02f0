package methodos.desktop.seam;

import java.util.LinkedHashSet;
import java.util.List;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableSet;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;

/** What is picked out in the seam just now; it is no part of the manual. */
public final class SeamState {

    private final ObjectProperty<Id<Step>> step = new SimpleObjectProperty<>();
    private final ObservableSet<Id<Step>> also = FXCollections.observableSet(new LinkedHashSet<>());
    private boolean several;

    /** Where a choice of several began. */
    private Id<Step> anchor;

    private final ObjectProperty<Span> span = new SimpleObjectProperty<>();
    private final ObjectProperty<Id<Clip>> clip = new SimpleObjectProperty<>();
    private final DoubleProperty time = new SimpleDoubleProperty();
    private final DoubleProperty scale = new SimpleDoubleProperty(12);

    public SeamState() {
        // who chooses one step chooses no others
        step.addListener(
                (o, was, is) -> {
                    if (!several) {
                        also.clear();
                    }
                });
    }

    /** Further steps that are chosen besides {@link #step()}. */
    public ObservableSet<Id<Step>> also() {
        return also;
    }

    /** All chosen steps, in the order of the manual. */
    public List<Id<Step>> chosen(Manual manual) {
        return manual.steps().map(Step::id).filter(this::isChosen).toList();
    }

    boolean isChosen(Id<Step> id) {
        return id.equals(step.get()) || also.contains(id);
    }

    /** Chooses several steps, the last of which is shown; none where there are none. */
    void choose(List<Id<Step>> steps) {
        choose(steps, steps.isEmpty() ? step.get() : steps.get(steps.size() - 1));
    }

    private void choose(List<Id<Step>> steps, Id<Step> lead) {
        several = true;
        also.clear();
        also.addAll(steps);
        step.set(lead);
        several = false;
    }

    /** Chooses a step besides the others, or chooses it no more. */
    void toggle(Id<Step> id) {
        several = true;
        Id<Step> lead = step.get();
        if (lead != null) {
            also.add(lead);
        }
        if (!also.remove(id)) {
            also.add(id);
            step.set(id);
        } else if (id.equals(lead)) {
            step.set(also.stream().findFirst().orElse(null));
        }
        several = false;
    }

    /** Chooses all steps from the chosen one to another. */
    void chooseTo(Manual manual, Id<Step> to) {
        List<Id<Step>> all = manual.steps().map(Step::id).toList();
        if (anchor == null || !isChosen(anchor) || !all.contains(anchor)) {
            anchor = step.get();
        }
        int from = Math.max(0, all.indexOf(anchor == null ? to : anchor));
        int end = all.indexOf(to);
        choose(all.subList(Math.min(from, end), Math.max(from, end) + 1), to);
    }

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
