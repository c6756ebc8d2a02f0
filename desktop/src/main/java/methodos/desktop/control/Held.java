package methodos.desktop.control;

import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;

/**
 * Nothing moves under the pointer: while a panel in a scrolled sheet changes, what one points at
 * stays at its height in the window, else what has the focus, else the upper edge of what is seen.
 */
public final class Held {

    private final ScrollPane sheet;
    private final Node held;
    private final String id;
    private final double height;

    private Held(ScrollPane sheet, Parent panel) {
        this.sheet = sheet;
        this.held = pointedAt(panel).or(() -> Controls.focused(panel)).orElse(null);
        this.id = held == null ? null : held.getId();
        this.height = held == null ? 0 : height(held);
    }

    /** Changes a panel, and scrolls its sheet by as much as the change has moved what is held. */
    public static void keep(Parent panel, Runnable change) {
        Optional<ScrollPane> sheet = sheet(panel);
        if (sheet.isEmpty()) {
            change.run();
            return;
        }
        Held held = new Held(sheet.get(), panel);
        double above = above(sheet.get());
        change.run();
        sheet.get().applyCss();
        sheet.get().layout();
        held.scroll(panel, above);
    }

    /** What is seen of a sheet keeps its upper edge when there is less or more room for it. */
    public static void top(ScrollPane sheet) {
        sheet.viewportBoundsProperty()
                .addListener(
                        (o, was, is) -> {
                            double all = sheet.getContent().getLayoutBounds().getHeight();
                            double above = sheet.getVvalue() * Math.max(0, all - was.getHeight());
                            double hidden = all - is.getHeight();
                            if (hidden > 0 && was.getHeight() != is.getHeight()) {
                                sheet.setVvalue(Math.min(1, above / hidden));
                            }
                        });
    }

    /** Gives a control the focus, and scrolls its sheet until it is seen. */
    public static void focus(Node control) {
        Halves.reveal(control);
        control.requestFocus();
        Optional<ScrollPane> sheet = sheet(control.getParent());
        if (sheet.isEmpty()) {
            return;
        }
        sheet.get().applyCss();
        sheet.get().layout();
        Node all = sheet.get().getContent();
        Bounds at = all.sceneToLocal(control.localToScene(control.getBoundsInLocal()));
        double above = above(sheet.get());
        double seen = sheet.get().getViewportBounds().getHeight();
        double hidden = hidden(sheet.get());
        if (hidden > 0 && (at.getMinY() < above || at.getMaxY() > above + seen)) {
            double middle = (at.getMinY() + at.getMaxY() - seen) / 2;
            sheet.get().setVvalue(Math.max(0, Math.min(1, middle / hidden)));
        }
    }

    private void scroll(Parent panel, double above) {
        Node now = held == null || Controls.holds(panel, held) ? held : again(panel);
        // what is gone has no height any more; then what is seen keeps its upper edge
        double moved = now == null ? above - above(sheet) : height(now) - height;
        double hidden = hidden(sheet);
        if (hidden > 0) {
            double to = above(sheet) + moved;
            sheet.setVvalue(Math.max(0, Math.min(1, to / hidden)));
        }
    }

    private Node again(Parent panel) {
        return id == null ? null : panel.lookup("#" + id);
    }

    /** In the measures of the sheet, which may be shown larger. */
    private double height(Node node) {
        return sheet.sceneToLocal(node.localToScene(0, 0)).getY();
    }

    /** How much of a sheet there is beyond what is seen, in pixels. */
    private static double hidden(ScrollPane sheet) {
        return sheet.getContent().getLayoutBounds().getHeight()
                - sheet.getViewportBounds().getHeight();
    }

    private static double above(ScrollPane sheet) {
        return sheet.getVvalue() * Math.max(0, hidden(sheet));
    }

    /** The innermost control under the pointer that has a name. */
    private static Optional<Node> pointedAt(Parent panel) {
        Node found = null;
        Parent in = panel;
        while (in != null && in.isHover()) {
            Parent next = null;
            for (Node child : in.getChildrenUnmodifiable()) {
                if (child.isHover()) {
                    found = child.getId() == null ? found : child;
                    next = child instanceof Parent parent ? parent : null;
                }
            }
            in = next;
        }
        return Optional.ofNullable(found);
    }

    private static Optional<ScrollPane> sheet(Parent panel) {
        for (Node n = panel; n != null; n = n.getParent()) {
            if (n instanceof ScrollPane pane && pane.getContent() != null) {
                return Optional.of(pane);
            }
        }
        return Optional.empty();
    }
}
