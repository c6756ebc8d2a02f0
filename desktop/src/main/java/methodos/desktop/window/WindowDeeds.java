package methodos.desktop.window;

import java.util.ArrayList;
import java.util.List;
import methodos.core.words.Words;
import methodos.desktop.finder.Deed;
import methodos.desktop.place.Place;
import methodos.desktop.theme.TextSize;

/** What the program does from everywhere, with the keys for it; the finder finds it. */
final class WindowDeeds {

    private WindowDeeds() {}

    /**
     * @param otherShade changes over between light and dark
     */
    static List<Deed> of(MainWindow window, Words words, Runnable otherShade) {
        List<Deed> deeds = new ArrayList<>();
        for (Place place : Place.values()) {
            deeds.add(
                    new Deed(
                            words.of("deed.place", words.of("place." + place.name())),
                            "Alt+" + (place.ordinal() + 1) % Place.values().length,
                            () -> window.show(place)));
        }
        deeds.add(new Deed(words.of("deed.undo"), "Ctrl+Z", window::undo));
        deeds.add(new Deed(words.of("deed.redo"), "Ctrl+Shift+Z", window::redo));
        deeds.add(new Deed(words.of("states.title"), "", window::showEarlierStates));
        deeds.add(new Deed(words.of("deed.others"), "Ctrl+O", window::others));
        deeds.add(new Deed(words.of("tour"), "", window::tour));
        deeds.add(new Deed(words.of("guide"), "F1", () -> window.guide(false)));
        deeds.add(new Deed(words.of("guide.keys"), "?", () -> window.guide(true)));
        deeds.add(new Deed(words.of("shade.other"), "", otherShade));
        deeds.add(new Deed(words.of("text.larger"), "Ctrl++", TextSize::larger));
        deeds.add(new Deed(words.of("text.smaller"), "Ctrl+\u2212", TextSize::smaller));
        deeds.add(new Deed(words.of("text.usual"), "Ctrl+0", TextSize::usual));
        deeds.add(new Deed(words.of("deed.save"), "Ctrl+S", window::save));
        return deeds;
    }
}
