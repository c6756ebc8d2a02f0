package methodos.desktop.control;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;

/** Makes controls that are named for screen readers and for tests. */
public final class Controls {

    private static final Object KEPT = new Object();

    /** What the edges of a field take of its width. */
    private static final double EDGES = 22;

    private Controls() {}

    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** Text that may break into lines. */
    public static Label prose(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        return label;
    }

    public static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** A button that reads like a line of text. */
    public static Button link(String id, String text, Runnable action) {
        Button button = button(id, text, action);
        button.getStyleClass().add("link");
        button.setWrapText(true);
        return button;
    }

    public static <T extends Node> T named(T node, String id, String name) {
        node.setId(id);
        node.setAccessibleText(name);
        if (node instanceof TextInputControl input && input.getPromptText().isEmpty()) {
            input.setPromptText(name); // a tooltip would lie in the way of the next click
        }
        return node;
    }

    /**
     * Keeps what is typed into a field on Enter and when the field is left, if it is other than
     * before.
     */
    public static void kept(TextField field, Consumer<String> keep) {
        Runnable now =
                () -> {
                    String typed = field.getText().strip();
                    if (!typed.equals(field.getProperties().put(KEPT, typed))) {
                        keep.accept(typed);
                    }
                };
        field.getProperties().put(KEPT, field.getText().strip());
        field.setOnAction(e -> now.run());
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                now.run();
                            }
                        });
    }

    /**
     * The same where not everything is understood.
     *
     * @param keep throws an {@link IllegalArgumentException} with a sentence for what is not
     * @param refused says the sentence
     */
    public static void kept(TextField field, Consumer<String> keep, Consumer<String> refused) {
        kept(
                field,
                typed -> {
                    try {
                        keep.accept(typed);
                    } catch (IllegalArgumentException notUnderstood) {
                        refused.accept(notUnderstood.getMessage());
                    }
                });
    }

    /**
     * Makes the controls of a panel anew; the one in focus, found again by its id, has the focus
     * again, with what is typed to be added and not taken yet. What is under the pointer stays
     * there.
     */
    public static void anew(Parent panel, Runnable make) {
        Held.keep(panel, () -> focusedAnew(panel, make));
    }

    private static void focusedAnew(Parent panel, Runnable make) {
        Optional<Node> focused = focused(panel);
        String id = focused.map(Node::getId).orElse(null);
        String typed = focused.orElse(null) instanceof PickField field ? field.getText() : "";
        make.run();
        Node again = id == null ? null : panel.lookup("#" + id);
        if (again != null) {
            again.requestFocus();
            if (again != focused.get() && !typed.isEmpty() && again instanceof PickField field) {
                field.setText(typed);
                field.end();
            }
        }
    }

    /** The control of a panel that has the focus. */
    static Optional<Node> focused(Parent panel) {
        return Optional.ofNullable(panel.getScene())
                .map(Scene::getFocusOwner)
                .filter(n -> holds(panel, n));
    }

    static boolean holds(Parent panel, Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n == panel) {
                return true;
            }
        }
        return false;
    }

    /** Escape anywhere in a node leads back. */
    public static void onEscape(Node node, Runnable back) {
        node.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE) {
                        e.consume();
                        back.run();
                    }
                });
    }

    /** Neither wider nor narrower than this. */
    public static <T extends Region> T width(T region, double width) {
        region.setMinWidth(width);
        region.setPrefWidth(width);
        region.setMaxWidth(width);
        return region;
    }

    /** A field that is as wide as what stands in it, and no wider than its place. */
    public static void wordWide(TextField field, double least, Region place) {
        field.prefWidthProperty()
                .bind(
                        Bindings.createDoubleBinding(
                                () -> {
                                    String shown =
                                            field.getText().isEmpty()
                                                    ? field.getPromptText()
                                                    : field.getText();
                                    Text text = new Text(shown);
                                    text.setFont(field.getFont());
                                    double wide = text.getLayoutBounds().getWidth() + EDGES;
                                    return Math.max(
                                            least, Math.min(Math.ceil(wide), place.getWidth()));
                                },
                                field.textProperty(),
                                field.fontProperty(),
                                place.widthProperty()));
    }

    /** Nodes in a line, their middles at one height. */
    public static HBox row(double gap, Node... nodes) {
        HBox row = new HBox(gap, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Shows a node, or hides it so that it takes no room. */
    public static void seen(Node node, boolean seen) {
        node.setVisible(seen);
        node.setManaged(seen);
    }

    /** Whether keys that go to this node are text; an editable list takes them for its field. */
    public static boolean takesText(Object target) {
        return target instanceof TextInputControl
                || target instanceof ComboBoxBase<?> list && list.isEditable();
    }
}
