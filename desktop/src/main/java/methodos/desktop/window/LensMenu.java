package methodos.desktop.window;

import java.util.HashSet;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.UnitOption;
import methodos.core.manual.Variant;
import methodos.core.typed.SerialText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Chooses the units through whose eyes everything is shown. */
final class LensMenu extends MenuButton {

    /** What does not fit is in the tip. */
    private static final double LEAST = 150;

    private final OpenProject project;
    private final Words words;

    LensMenu(OpenProject project) {
        this.project = project;
        this.words = project.words();
        setId("lens");
        getStyleClass().add("lens");
        setMinWidth(LEAST);
        project.workspace().addListener(o -> fill());
        project.sight().addListener(o -> label());
        fill();
        label();
    }

    private void label() {
        setText(words.of("lens.seenAs", words.of(project.sight().get())));
        setAccessibleText(getText());
        setTooltip(new Tooltip(getText()));
    }

    private void fill() {
        getItems().clear();
        getItems().add(item("lens-all", words.of("applies.all"), Sight.EVERYTHING));
        for (Variant v : project.manual().variants()) {
            Sight sight = Sight.of(v);
            getItems().add(item("lens-" + v.id(), words.of(sight) + "   " + v.build(), sight));
        }
        TextField serial = Controls.named(new TextField(), "lensSerial", words.of("lens.serial"));
        serial.setPromptText(words.of("lens.serial"));
        serial.setPrefColumnCount(10);
        CustomMenuItem one = new CustomMenuItem(new HBox(serial), false);
        serial.setOnAction(
                e -> {
                    SerialText.only(serial.getText())
                            .ifPresent(
                                    only -> {
                                        hide();
                                        project.sight().set(new Sight(modelOf(only), only));
                                    });
                });
        getItems().addAll(new SeparatorMenuItem(), one);
        for (UnitOption option : project.manual().unit().options()) {
            getItems().add(option(option));
        }
    }

    /** Units with an option, without it, or both. */
    private CustomMenuItem option(UnitOption option) {
        String mark = option.mark();
        Sight now = project.sight().get();
        CheckBox box = new CheckBox(words.of("lens.option", mark, option.name()));
        box.setId("lens-option-" + mark);
        box.setAllowIndeterminate(true);
        box.setSelected(now.with().contains(mark));
        box.setIndeterminate(!now.with().contains(mark) && !now.without().contains(mark));
        box.setOnAction(
                e -> {
                    Sight sight = project.sight().get();
                    Set<String> with = new HashSet<>(sight.with());
                    Set<String> without = new HashSet<>(sight.without());
                    with.remove(mark);
                    without.remove(mark);
                    if (!box.isIndeterminate()) {
                        (box.isSelected() ? with : without).add(mark);
                    }
                    project.sight().set(new Sight(sight.model(), sight.serials(), with, without));
                });
        return new CustomMenuItem(box, false);
    }

    /** The model of a serial number where only one is built with it. */
    private String modelOf(SerialRange only) {
        var models =
                project.manual().variants().stream()
                        .filter(v -> v.serials().overlaps(only))
                        .map(Variant::model)
                        .distinct()
                        .toList();
        return models.size() == 1 ? models.get(0) : null;
    }

    private MenuItem item(String id, String text, Sight sight) {
        MenuItem item = new MenuItem(text);
        item.setId(id);
        item.setOnAction(e -> project.sight().set(sight));
        return item;
    }
}
