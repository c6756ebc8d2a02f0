package methodos.desktop.bench;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Deed;
import methodos.core.bench.Visit;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** Something is wrong, or to be remembered: what kind it is, words, and a photo where one helps. */
final class RemarkView {

    private final Words words;
    private final VBox node;
    private final TextArea text;
    private final ToggleGroup kinds = new ToggleGroup();
    private final Map<Deed.Remark, ToggleButton> keys = new EnumMap<>(Deed.Remark.class);
    private final Deeds deeds;
    private final Button photoKey;
    private String photo = "";
    private Visit visit;

    /** What becomes of it. */
    interface Deeds {
        void keep(Deed.Noted noted);

        /** The unit is given up for good, with the reason. */
        void giveUp(String why);

        void back();

        /** Asks for a photo and keeps it; its digest comes when it is kept. */
        void photo(Consumer<String> kept);
    }

    RemarkView(Words words, Deeds deeds) {
        this.words = words;
        this.deeds = deeds;
        FlowPane row = new FlowPane(10, 10);
        for (Deed.Remark kind : Deed.Remark.values()) {
            ToggleButton key = new ToggleButton(words.of("bench.remark." + kind));
            key.setId("remark-" + kind);
            key.getStyleClass().add("bench-key");
            key.setToggleGroup(kinds);
            key.setOnAction(e -> key.setSelected(true));
            keys.put(kind, key);
            row.getChildren().add(key);
        }
        text = Controls.named(new TextArea(), "remarkText", words.of("bench.remarkText"));
        text.getStyleClass().add("bench-field");
        text.setWrapText(true);
        text.setPrefRowCount(4);
        photoKey = LargeControls.key("remarkPhoto", words.of("bench.photo"), () -> {});
        photoKey.setOnAction(
                e ->
                        deeds.photo(
                                digest -> {
                                    photo = digest;
                                    photoKey.setText(words.of("bench.photoThere"));
                                }));
        node =
                LargeControls.card(
                        LargeControls.head(words.of("bench.wrongHead")),
                        row,
                        text,
                        photoKey,
                        LargeControls.key("remarkBack", words.of("bench.backToStep"), deeds::back),
                        LargeControls.key(
                                "remarkGiveUp",
                                words.of("bench.giveUp"),
                                () -> deeds.giveUp(text.getText().strip())));
    }

    Region node() {
        return node;
    }

    void show(Visit of) {
        visit = of;
        photo = "";
        photoKey.setText(words.of("bench.photo"));
        text.clear();
        keys.get(Deed.Remark.TROUBLE).setSelected(true);
    }

    /** Keeps it, with what was typed. */
    void keep() {
        Deed.Remark kind =
                keys.entrySet().stream()
                        .filter(e -> e.getValue().isSelected())
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(Deed.Remark.NOTE);
        deeds.keep(new Deed.Noted(visit, kind, text.getText().strip(), photo));
    }

    /** What is said where nothing was written. */
    String hint() {
        return words.of("bench.remarkText");
    }
}
