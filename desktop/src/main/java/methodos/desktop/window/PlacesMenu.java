package methodos.desktop.window;

import java.util.function.Consumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import methodos.core.words.Words;
import methodos.desktop.place.Place;

/** The order of work folded into a menu, where a window has no room for it at the left. */
final class PlacesMenu extends MenuButton {

    /**
     * @param order tells what is open in each place
     */
    PlacesMenu(OrderOfWork order, Words words, Consumer<Place> go) {
        setId("places");
        setText(words.of("places"));
        setOnShowing(
                e -> {
                    getItems().clear();
                    for (Place place : Place.values()) {
                        MenuItem item =
                                new MenuItem(
                                        words.of(
                                                "places.one",
                                                words.of("place." + place.name()),
                                                order.open(place)));
                        item.setId("menu-" + place.name());
                        item.setDisable(!order.has(place));
                        item.setOnAction(a -> go.accept(place));
                        getItems().add(item);
                    }
                });
        getItems().add(new MenuItem()); // without one the button would not ask for them
    }
}
