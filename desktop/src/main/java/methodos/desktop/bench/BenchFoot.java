package methodos.desktop.bench;

import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import methodos.core.words.Words;

/** The keys that are always there, and the large one that goes on. */
final class BenchFoot {

    /** What the keys do. */
    interface Deeds {
        void back();

        void film();

        void wrong();

        void stop();

        void on();
    }

    private static final double GAP = 16;

    /** Where the window is narrow, the large key gives way to the others down to this share. */
    private static final double NARROWEST = 0.6;

    private final Words words;
    private final Button back;
    private final Button film;
    private final Button wrong;
    private final Button on;
    private final HBox node;

    BenchFoot(Words words, Deeds deeds) {
        this.words = words;
        back = LargeControls.key("benchBack", words.of("bench.earlier"), deeds::back);
        film = LargeControls.key("benchFilm", words.of("bench.film"), deeds::film);
        wrong = LargeControls.key("benchWrong", words.of("bench.wrong"), deeds::wrong);
        wrong.getStyleClass().add("bench-wrong");
        Button stop = LargeControls.key("benchStop", words.of("bench.stop"), deeds::stop);
        on = LargeControls.key("benchMain", "", deeds::on);
        on.getStyleClass().addAll("bench-main", "bench-foot");
        HBox keys = new HBox(12, back, film, wrong, stop);
        for (Button key : List.of(back, film, wrong, stop)) {
            key.getStyleClass().add("bench-foot");
            key.setMinWidth(Region.USE_PREF_SIZE);
            key.setMaxWidth(Region.USE_PREF_SIZE);
        }
        HBox.setHgrow(keys, Priority.ALWAYS);
        node = new HBox(GAP, keys, on);
        node.setPadding(new Insets(12, GAP, GAP, GAP));
    }

    Region node() {
        return node;
    }

    /** How wide the large key is where there is room. */
    void wide(double width) {
        on.setMinWidth(width * NARROWEST);
        on.setPrefWidth(width);
        on.setMaxWidth(width);
    }

    /** Says what the large key does; it is not there where it does nothing. */
    void on(String text, boolean does) {
        on.setText(text);
        on.setDisable(!does);
        on.setVisible(does);
    }

    /** Whether the large key does anything. */
    boolean goesOn() {
        return !on.isDisabled();
    }

    /** Before the first step there is nothing to go back to and nothing to say of it. */
    void beforeTheSteps() {
        back.setDisable(true);
        film.setDisable(true);
        wrong.setDisable(true);
    }

    /**
     * @param earlier whether there is a step to go back to
     * @param picture of the step
     */
    void atStep(boolean earlier, StepPicture picture) {
        back.setDisable(!earlier);
        film.setDisable(!picture.hasFilm());
        film.setText(words.of(picture.playing() ? "bench.figure" : "bench.film"));
        wrong.setDisable(false);
    }
}
