package methodos.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import methodos.core.words.Words;

/**
 * What is worked on, and beside it what goes with what is chosen. Where there is no room for both,
 * one of them is seen, and a click above it or F6 shows the other.
 */
public final class Halves extends Region {

    private final double least;

    /** How wide what is worked on is; 0 where it takes what the other leaves. */
    private final double asWide;

    private final ToggleButton mainHead;
    private final ToggleButton sideHead;
    private final HBox heads;
    private Region main = new Region();
    private Region side = new Region();

    /**
     * @param least the least width at which what is worked on is worked on
     */
    public Halves(Words words, double least) {
        this(words, least, 0);
    }

    private Halves(Words words, double least, double asWide) {
        this.least = least;
        this.asWide = asWide;
        ToggleGroup group = new ToggleGroup();
        mainHead = head("showMain", words.of("halves.main"), group);
        sideHead = head("showSide", words.of("halves.side"), group);
        mainHead.setSelected(true);
        heads = new HBox(6, mainHead, sideHead);
        heads.setAlignment(Pos.CENTER_LEFT);
        heads.getStyleClass().add("halves");
        getChildren().setAll(main, side, heads);
        group.selectedToggleProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is == null) {
                                was.setSelected(true);
                            }
                            requestLayout();
                        });
        addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.F6 && folded()) {
                        show(mainHead.isSelected());
                        e.consume();
                    }
                });
    }

    /**
     * Halves of which the one beside takes what the main one leaves.
     *
     * @param main how wide what is worked on is
     * @param least the least width of what is beside it
     */
    public static Halves mainAsWide(Words words, double main, double least) {
        return new Halves(words, least, main);
    }

    private static ToggleButton head(String id, String name, ToggleGroup group) {
        ToggleButton head = new ToggleButton(name);
        head.setId(id);
        head.setToggleGroup(group);
        head.getStyleClass().add("tab-head");
        return head;
    }

    /** What is worked on. */
    public void setMain(Region node) {
        main = node;
        getChildren().setAll(main, side, heads);
    }

    /** What goes with it; its preferred width is what it gets beside the other. */
    public void setSide(Region node) {
        side = node;
        getChildren().setAll(main, side, heads);
    }

    private boolean folded() {
        return getWidth() < least + (asWide > 0 ? asWide : side.prefWidth(-1));
    }

    /** Whether what goes with the chosen thing is shown where there is no room for both. */
    public boolean detailed() {
        return sideHead.isSelected();
    }

    /**
     * @param beside whether what goes with the chosen thing is shown where only one has room
     */
    public void show(boolean beside) {
        (beside ? sideHead : mainHead).setSelected(true);
    }

    /** Shows the half that a control is in, so that the control can have the focus. */
    static void reveal(Node control) {
        Node below = control;
        for (Node n = control.getParent(); n != null; n = n.getParent()) {
            if (n instanceof Halves halves && halves.folded()) {
                halves.show(below == halves.side);
                halves.layout();
            }
            below = n;
        }
    }

    /**
     * It takes the room that there is: asking all that is in it for its height, at each picture of
     * the window, would make a drawing that changes often slow.
     */
    @Override
    protected double computeMinHeight(double width) {
        return 0;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 0;
    }

    @Override
    protected double computePrefWidth(double height) {
        return least;
    }

    @Override
    protected void layoutChildren() {
        boolean folded = folded();
        double wide = asWide > 0 ? getWidth() - asWide : side.prefWidth(-1);
        double top = folded ? heads.prefHeight(-1) : 0;
        heads.setVisible(folded);
        main.setVisible(!folded || mainHead.isSelected());
        side.setVisible(!folded || sideHead.isSelected());
        heads.resizeRelocate(0, 0, getWidth(), top);
        double height = getHeight() - top;
        main.resizeRelocate(0, top, folded ? getWidth() : getWidth() - wide, height);
        side.resizeRelocate(
                folded ? 0 : getWidth() - wide, top, folded ? getWidth() : wide, height);
    }
}
