package methodos.desktop.sizes;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;

/**
 * What a person at the window could not reach or read: controls outside the window or the sheet
 * that is scrolled, words that are cut while nothing gives them whole, and things one over the
 * other.
 */
final class InReach {

    /** Lines touch, and roundings differ. */
    private static final double SLACK = 2;

    private final List<String> faults = new ArrayList<>();
    private final List<Seen> seen = new ArrayList<>();

    /** How many controls and labels were looked at. */
    private int looked;

    /** A thing, with where it is and the sheet that it is scrolled with. */
    private record Seen(Node node, Bounds bounds, Node sheet) {}

    private InReach() {}

    static InReach of(Node root) {
        InReach result = new InReach();
        result.look(root, root, root);
        result.overlaps();
        return result;
    }

    List<String> faults() {
        return faults;
    }

    int looked() {
        return looked;
    }

    /**
     * @param sheet the innermost thing that the node must lie in
     * @param shown in whose room the sheet itself is shown
     */
    private void look(Node node, Node sheet, Node shown) {
        if (!node.isVisible() || node instanceof ScrollBar) {
            return;
        }
        if (isControl(node) || node instanceof Labeled || node instanceof ScrollPane) {
            inside(node, sheet);
        }
        if (node instanceof ScrollPane pane && pane.getContent() != null) {
            look(pane.getContent(), pane.getContent(), shown);
            return;
        }
        if (node instanceof Labeled labeled) {
            cut(labeled);
        }
        if (isControl(node) || node instanceof Labeled l && !l.getText().isEmpty()) {
            looked++;
            seen.add(new Seen(node, node.localToScene(node.getBoundsInLocal()), sheet));
            if (!(node instanceof ButtonBase b && b.getGraphic() != null)) {
                return;
            }
        }
        // their lines are scrolled by themselves
        if (node instanceof ListView || node instanceof TableView || !(node instanceof Parent)) {
            return;
        }
        for (Node child : ((Parent) node).getChildrenUnmodifiable()) {
            look(child, sheet, shown);
        }
    }

    private static boolean isControl(Node node) {
        return node instanceof ButtonBase
                || node instanceof TextInputControl
                || node instanceof ComboBoxBase
                || node instanceof Slider;
    }

    private void inside(Node node, Node sheet) {
        Bounds all = sheet.localToScene(sheet.getLayoutBounds());
        Bounds own = node.localToScene(node.getLayoutBounds());
        if (own.getMinX() < all.getMinX() - SLACK
                || own.getMaxX() > all.getMaxX() + SLACK
                || own.getMinY() < all.getMinY() - SLACK
                || own.getMaxY() > all.getMaxY() + SLACK) {
            faults.add(
                    "outside "
                            + name(sheet)
                            + ": "
                            + name(node)
                            + " "
                            + told(own)
                            + " of "
                            + told(all));
        }
    }

    private void cut(Labeled labeled) {
        if (labeled.getText() == null
                || labeled.getText().isBlank()
                || labeled.getTooltip() != null) {
            return;
        }
        labeled.getChildrenUnmodifiable().stream()
                .filter(Text.class::isInstance)
                .map(n -> ((Text) n).getText())
                .filter(shown -> !shown.equals(labeled.getText()))
                .forEach(shown -> faults.add("cut to “" + shown + "”: " + name(labeled)));
    }

    private void overlaps() {
        for (int i = 0; i < seen.size(); i++) {
            for (int j = i + 1; j < seen.size(); j++) {
                Seen a = seen.get(i);
                Seen b = seen.get(j);
                if (a.sheet() == b.sheet()
                        && shares(a.bounds(), b.bounds())
                        && !holds(a.node(), b.node())) {
                    faults.add("over each other: " + name(a.node()) + " and " + name(b.node()));
                }
            }
        }
    }

    private static boolean shares(Bounds a, Bounds b) {
        double wide = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        double high = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        return wide > SLACK && high > SLACK;
    }

    private static boolean holds(Node a, Node b) {
        for (Node n = b; n != null; n = n.getParent()) {
            if (n == a) {
                return true;
            }
        }
        return false;
    }

    private static String name(Node node) {
        String words = node instanceof Labeled l ? " “" + l.getText() + "”" : "";
        return node.getClass().getSimpleName()
                + (node.getId() == null ? "" : "#" + node.getId())
                + words;
    }

    private static String told(Bounds b) {
        return "%.0f,%.0f to %.0f,%.0f"
                .formatted(b.getMinX(), b.getMinY(), b.getMaxX(), b.getMaxY());
    }
}
