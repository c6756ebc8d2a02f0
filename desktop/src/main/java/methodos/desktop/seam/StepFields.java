package methodos.desktop.seam;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** The fields of one detail of a step, and where it is said what was not understood. */
final class StepFields {

    private final Words words;
    private final Consumer<String> refused;

    /**
     * @param refused says the sentence of what was not understood
     */
    StepFields(Words words, Consumer<String> refused) {
        this.words = words;
        this.refused = refused;
    }

    /** Fields that say it in a line of their own. */
    static StepFields above(Words words, Label problem) {
        Controls.seen(problem, false);
        return new StepFields(
                words,
                why -> {
                    problem.setText(why);
                    Controls.seen(problem, true);
                });
    }

    TextField field(String id, String key, String now, Consumer<String> keep) {
        return named(id, words.of(key), now, keep);
    }

    /** The same with a name that is said already. */
    TextField named(String id, String name, String now, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), id, name);
        HBox.setHgrow(field, Priority.ALWAYS);
        Controls.kept(field, keep, refused);
        return field;
    }

    /** A field that makes something new of what is typed into it. */
    TextField adder(String id, String key, Consumer<String> add) {
        TextField field = Controls.named(new TextField(), id, words.of(key));
        field.setOnAction(
                e -> {
                    String typed = field.getText().strip();
                    if (!typed.isEmpty()) {
                        add.accept(typed);
                    }
                });
        return field;
    }

    Button out(String id, Runnable run) {
        Button button = Controls.button(id, "×", run);
        button.setAccessibleText(words.of("decision.out"));
        return button;
    }

    /** The first of them has the room that the others leave. */
    static HBox row(Node... nodes) {
        HBox row = Controls.row(4, nodes);
        HBox.setHgrow(nodes[0], Priority.ALWAYS);
        return row;
    }
}
