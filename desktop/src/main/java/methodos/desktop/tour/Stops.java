package methodos.desktop.tour;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.seam.SeamState;

/** The stops of the tour: each is a deed that moves the work on, in the order of the work. */
final class Stops {

    private final Parent window;
    private final OpenProject project;
    private final SeamState seam;
    private final Supplier<Place> shown;

    /**
     * @param shown the place that is shown
     */
    Stops(Parent window, OpenProject project, SeamState seam, Supplier<Place> shown) {
        this.window = window;
        this.project = project;
        this.seam = seam;
        this.shown = shown;
    }

    List<Stop> all() {
        return List.of(
                new Stop("tour.unit", Place.UNIT, "plateSerial", this::anotherUnit),
                new Stop("tour.everything", Place.UNIT, "lens", this::allUnits),
                new Stop("tour.footage", Place.FOOTAGE, "place-STEPS", () -> at(Place.STEPS)),
                new Stop("tour.step", Place.STEPS, "seam", this::anotherStep),
                new Stop("tour.play", Place.STEPS, "play", this::anotherMoment),
                new Stop("tour.figure", Place.STEPS, "place-FIGURES", () -> at(Place.FIGURES)),
                new Stop("tour.mark", Place.FIGURES, "figure", this::changed),
                new Stop("tour.undo", Place.FIGURES, "undo", this::undone),
                new Stop("tour.stores", Place.STORES, "stores", () -> chosen("stores")),
                new Stop("tour.torque", Place.TORQUE, "limits", this::judged),
                new Stop("tour.checks", Place.CHECKS, "findings", () -> chosen("findings")),
                new Stop("tour.find", Place.CHECKS, null, () -> () -> seen("find")),
                new Stop("tour.publish", Place.PUBLISH, "publish", this::published));
    }

    private BooleanSupplier at(Place place) {
        return () -> shown.get() == place;
    }

    private BooleanSupplier anotherUnit() {
        return () -> !project.sight().get().equals(Sight.EVERYTHING);
    }

    private BooleanSupplier allUnits() {
        return () -> project.sight().get().equals(Sight.EVERYTHING);
    }

    private BooleanSupplier anotherStep() {
        Object before = seam.step().get();
        return () -> !Objects.equals(before, seam.step().get());
    }

    private BooleanSupplier anotherMoment() {
        double before = seam.time().get();
        return () -> seam.time().get() != before;
    }

    private BooleanSupplier changed() {
        Manual before = project.manual();
        return () -> project.manual() != before;
    }

    private BooleanSupplier undone() {
        return () -> project.edits().redoable().isPresent();
    }

    private BooleanSupplier chosen(String list) {
        Object before = selected(list).orElse(null);
        return () -> selected(list).filter(now -> now != before).isPresent();
    }

    private Optional<Object> selected(String list) {
        return window.lookup("#" + list) instanceof ListView<?> view
                ? Optional.ofNullable(view.getSelectionModel().getSelectedItem())
                : Optional.empty();
    }

    /** Whether a reading was tried against its limit, and judged. */
    private BooleanSupplier judged() {
        Set<String> untried = new HashSet<>();
        return () -> {
            Set<String> verdicts = new HashSet<>();
            named("verdict-").map(Label.class::cast).map(Label::getText).forEach(verdicts::add);
            boolean tried =
                    named("try-")
                            .filter(TextField.class::isInstance)
                            .anyMatch(n -> !((TextField) n).getText().isBlank());
            if (!tried) {
                untried.addAll(verdicts);
            }
            return tried && !untried.containsAll(verdicts);
        };
    }

    private Stream<Node> named(String beginning) {
        return window.lookupAll("*").stream()
                .filter(n -> n.getId() != null && n.getId().startsWith(beginning));
    }

    private boolean seen(String id) {
        Node node = window.lookup("#" + id);
        return node != null && node.isVisible();
    }

    private BooleanSupplier published() {
        return () -> window.lookup("#published") instanceof Label l && !l.getText().isBlank();
    }
}
