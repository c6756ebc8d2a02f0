package methodos.desktop.publish;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.publish.document.Publisher.Format;

/** Which documents are made. */
final class WhatToMake extends FlowPane {

    private final Map<Format, CheckBox> boxes = new EnumMap<>(Format.class);
    private final CheckBox films;

    WhatToMake(Words words) {
        super(14, 4);
        for (Format format : Format.values()) {
            String name = format.name().toLowerCase(Locale.ROOT);
            String id = "publish" + format.name().charAt(0) + name.substring(1);
            CheckBox box =
                    Controls.named(
                            new CheckBox(words.of("publish." + name)),
                            id,
                            words.of("publish." + name));
            boxes.put(format, box);
            getChildren().add(box);
        }
        films =
                Controls.named(
                        new CheckBox(words.of("publish.films")),
                        "publishFilms",
                        words.of("publish.films"));
        boxes.get(Format.PDF).setSelected(true);
        boxes.get(Format.HTML).setSelected(true);
        films.disableProperty().bind(boxes.get(Format.HTML).selectedProperty().not());
        getChildren().add(2, films); // behind the form that they belong to
    }

    Set<Format> formats() {
        Set<Format> chosen = EnumSet.noneOf(Format.class);
        boxes.forEach(
                (format, box) -> {
                    if (box.isSelected()) {
                        chosen.add(format);
                    }
                });
        return chosen;
    }

    boolean films() {
        return films.isSelected() && boxes.get(Format.HTML).isSelected();
    }
}
