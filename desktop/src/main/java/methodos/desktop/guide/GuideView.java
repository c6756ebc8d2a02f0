package methodos.desktop.guide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.finder.Query;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import org.commonmark.ext.gfm.tables.TableBlock;

/** The guide, opened at the place where one is; or the keys of that place alone. */
public final class GuideView {

    private static final double CONTENTS = 210;
    private static final double READABLE = 760;

    private final Words words;
    private final Guide guide = Guide.shipped();
    private final boolean keysOnly;
    private final BorderPane node = new BorderPane();
    private final TextField search = new TextField();
    private final Label found = Controls.label("", "soft");
    private final VBox page = new VBox(10);
    private final ScrollPane scroll = new ScrollPane(page);
    private final VBox contents = new VBox(2);
    private final Map<String, VBox> sections = new LinkedHashMap<>();
    private String opened = "";

    /**
     * @param place what is opened first: the title of its section
     * @param keysOnly whether only tables of keys are shown, those of the place first
     * @param back called when somebody is done with it
     */
    public GuideView(Words words, String place, boolean keysOnly, Runnable back) {
        this.words = words;
        this.keysOnly = keysOnly;
        Controls.named(search, "searchGuide", words.of("guide.search"));
        search.textProperty().addListener(o -> show());
        found.setId("guideFound");
        HBox.setHgrow(search, Priority.ALWAYS);
        Button done = Controls.button("guideBack", words.of("states.back"), back);
        done.setMinWidth(Region.USE_PREF_SIZE);
        HBox top = Controls.row(12, done, search, found);
        top.setPadding(new Insets(12, 20, 10, 20));
        contents.setPadding(new Insets(6, 8, 12, 12));
        ScrollPane left = new ScrollPane(contents);
        left.setFitToWidth(true);
        Controls.width(left, CONTENTS);
        left.getStyleClass().add("side");
        page.setPadding(new Insets(10, 28, 30, 28));
        page.setMaxWidth(READABLE);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        scroll.setId("guide");
        node.setTop(top);
        node.setLeft(left);
        node.setCenter(scroll);
        node.getStyleClass().add("place");
        Controls.onEscape(node, back);
        scroll.addEventFilter(ScrollEvent.SCROLL, e -> opened = "");
        show();
        open(place);
    }

    /** Shows the sections in which all that is searched for is found. */
    private void show() {
        Query query = new Query(search.getText());
        sections.clear();
        contents.getChildren().clear();
        for (Guide.Section section : guide.sections()) {
            List<Node> blocks = new ArrayList<>();
            StringBuilder text = new StringBuilder(section.title());
            for (org.commonmark.node.Node block : section.blocks()) {
                if (!keysOnly || block instanceof TableBlock) {
                    blocks.add(GuideBlock.of(block));
                    text.append(' ').append(GuideBlock.text(block));
                }
            }
            boolean shown = query.isEmpty() || query.fit(text.toString()) > 0;
            if (!blocks.isEmpty() && shown) {
                VBox box = new VBox(8);
                if (keysOnly) {
                    box.getChildren().add(Controls.label(section.title(), "section-head"));
                }
                box.getChildren().addAll(blocks);
                String title = section.title().isEmpty() ? words.of("guide") : section.title();
                // words break once they have a width: what is opened stays at the top till then
                box.layoutYProperty().addListener(o -> scrollTo());
                sections.put(title, box);
                contents.getChildren().add(entry(title));
            }
        }
        page.getChildren().setAll(sections.values());
        if (sections.isEmpty()) {
            page.getChildren().add(Controls.prose(words.of("guide.nothing"), "soft"));
        }
        found.setText(query.isEmpty() ? "" : words.of("guide.found", sections.size()));
    }

    private ToggleButton entry(String title) {
        ToggleButton entry = new ToggleButton(title);
        entry.getStyleClass().add("pick");
        entry.setMaxWidth(Double.MAX_VALUE);
        entry.setOnAction(e -> open(title));
        return entry;
    }

    /** Scrolls to a section. */
    private void open(String title) {
        opened = title;
        contents.getChildren()
                .forEach(
                        n ->
                                ((ToggleButton) n)
                                        .setSelected(((ToggleButton) n).getText().equals(title)));
        scrollTo();
    }

    private void scrollTo() {
        VBox box = sections.get(opened);
        double hidden = page.getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
        if (box != null && hidden > 0) {
            scroll.setVvalue(Math.min(1, box.getBoundsInParent().getMinY() / hidden));
        }
    }

    /** Puts the cursor into the field of the search, and opens at a place, once it has a size. */
    public void focus(String place) {
        search.requestFocus();
        open(place);
    }

    public Node node() {
        return node;
    }
}
