package methodos.desktop.publish;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Scrolled;
import methodos.desktop.footage.Pixels;
import methodos.desktop.publish.PageStack.Leaf;
import methodos.desktop.publish.PageStack.Pages;

/** The document as it will be: two pages beside each other, and all of them as a strip. */
final class PagesView extends BorderPane {

    private static final double TALL = Math.sqrt(2);
    private static final double GAP = 16;

    /** A page to be read is as wide at most. */
    private static final double LARGEST = 900;

    /** Under this width one page stands alone. */
    private static final double TWO = 560;

    private final Words words;
    private final PageStack stack;
    private final HBox spread = new HBox(GAP);
    private final Scrolled desk = new Scrolled(new StackPane(spread));
    private final FlowPane strip = new FlowPane(4, 4);
    private final Label told = Controls.label("", "soft");
    private final List<ToggleButton> heads = new ArrayList<>();
    private Pages pages = Pages.NONE;
    private Set<Integer> open = Set.of();
    private Leaf shown = new Leaf("front", 0);
    private boolean large;
    private Object painted = "nothing yet";

    PagesView(Words words, PageStack stack) {
        this.words = words;
        this.stack = stack;
        setId("pages");
        spread.setAlignment(Pos.CENTER);
        desk.getStyleClass().add("page-desk");
        desk.setMinSize(0, 0);
        desk.setFocusTraversable(true);
        desk.setAccessibleText(words.of("publish.pages"));
        desk.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        desk.widthProperty().addListener(o -> paint());
        desk.heightProperty().addListener(o -> paint());
        told.setId("pagesTold");
        strip.setId("pageStrip");
        Scrolled all = new Scrolled(strip);
        all.setMaxHeight(70);
        all.setMinHeight(40);
        HBox foot = new HBox(12, all, told);
        HBox.setHgrow(all, Priority.ALWAYS);
        foot.getStyleClass().add("page-foot");
        setCenter(desk);
        setBottom(foot);
        told.setText(words.of("publish.laying"));
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case PAGE_DOWN, RIGHT -> turn(beside());
            case PAGE_UP, LEFT -> turn(-beside());
            case ENTER, SPACE -> read(shown);
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** A page as wide as there is room, to be read; or small again. */
    private void read(Leaf leaf) {
        large = !large;
        desk.setVvalue(0);
        show(leaf);
    }

    private int beside() {
        return large || desk.getWidth() < TWO ? 1 : 2;
    }

    private void turn(int by) {
        int at = Math.max(0, pages.leaves().indexOf(shown)) + by;
        if (!pages.leaves().isEmpty()) {
            show(pages.leaves().get(Math.max(0, Math.min(pages.leaves().size() - 1, at))));
        }
    }

    /**
     * @param steps numbers of the steps with something open: their pages are marked
     */
    void show(Pages now, Set<Integer> steps) {
        boolean same = now.leaves().equals(pages.leaves()) && steps.equals(open);
        pages = now;
        open = steps;
        if (!now.leaves().contains(shown) && now.whole()) {
            shown =
                    now.leaves().stream()
                            .filter(l -> l.part().equals(shown.part()))
                            .reduce((a, b) -> b)
                            .orElse(now.leaves().get(0));
        }
        if (!same) {
            Controls.anew(strip, this::strip);
        }
        told.setText(
                now.whole()
                        ? words.of("publish.count", now.leaves().size())
                        : words.of("publish.laying"));
        paint();
    }

    private void strip() {
        heads.clear();
        Set<Leaf> marked = new HashSet<>();
        pages.steps()
                .forEach(
                        (step, leaf) -> {
                            if (open.contains(step)) {
                                marked.add(leaf);
                            }
                        });
        int number = 0;
        for (Leaf leaf : pages.leaves()) {
            ToggleButton head = new ToggleButton("" + ++number);
            head.setId("leaf" + number);
            head.setAccessibleText(
                    words.of("publish.page", number, pages.titles().get(leaf.part())));
            head.getStyleClass().add("page-leaf");
            if (marked.contains(leaf)) {
                head.getStyleClass().add("page-open");
            }
            head.setSelected(leaf.equals(shown));
            head.setOnAction(e -> show(leaf));
            heads.add(head);
        }
        strip.getChildren().setAll(heads);
    }

    private void show(Leaf leaf) {
        shown = leaf;
        for (int i = 0; i < heads.size(); i++) {
            heads.get(i).setSelected(pages.leaves().get(i).equals(leaf));
        }
        paint();
    }

    /** Shows the page on which a step begins; nothing where there is none yet. */
    void showStep(int number) {
        Optional.ofNullable(pages.steps().get(number)).ifPresent(this::show);
    }

    Optional<Integer> page(int step) {
        Leaf leaf = pages.steps().get(step);
        return leaf == null || !pages.whole()
                ? Optional.empty()
                : Optional.of(pages.leaves().indexOf(leaf) + 1);
    }

    /** Whether the pages are as the manual is. */
    boolean ready() {
        return pages.whole() && !spread.getChildren().isEmpty();
    }

    private void paint() {
        int first = pages.leaves().indexOf(shown);
        double high = desk.getHeight() - 2 * GAP;
        if (first < 0 || high < 40) {
            return;
        }
        double room = (desk.getWidth() - (beside() + 1) * GAP) / beside();
        double wide = Math.floor(large ? Math.min(LARGEST, room) : Math.min(room, high / TALL));
        spread.setPadding(new Insets(large ? GAP : 0));
        List<Leaf> leaves =
                pages.leaves().subList(first, Math.min(pages.leaves().size(), first + beside()));
        Object now = List.of(pages.state(), leaves, wide);
        if (now.equals(painted)) {
            return; // another part is laid out, these pages are as they were
        }
        painted = now;
        List<ImageView> views = new ArrayList<>();
        for (Leaf leaf : leaves) {
            ImageView view = before(leaf);
            view.setFitWidth(wide);
            view.setPreserveRatio(true);
            view.setUserData(leaf);
            view.setOnMouseClicked(e -> read(leaf));
            views.add(view);
            stack.paint(leaf, pixels(wide), page -> view.setImage(Pixels.image(page)));
        }
        spread.getChildren().setAll(views);
    }

    /** What was there of the page stays until it is painted anew. */
    private ImageView before(Leaf leaf) {
        return spread.getChildren().stream()
                .map(n -> (ImageView) n)
                .filter(v -> leaf.equals(v.getUserData()))
                .findFirst()
                .orElseGet(ImageView::new);
    }

    private int pixels(double wide) {
        double scale = getScene() == null ? 1 : getScene().getWindow().getOutputScaleX();
        return (int) Math.round(wide * scale);
    }
}
