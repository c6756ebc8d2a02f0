package methodos.desktop.checks;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.DeedMenu;

/** The findings, gravest first, each with what can be done about it. */
final class FindingList extends ListView<FindingRow> {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /** What the list asks for. */
    interface Wishes {
        void chosen(FindingRow.Found found);

        void go(FindingRow.Found found);

        void repair(FindingRow.Found found);

        void accept(FindingRow.Found found);

        void more(FindingRow.More.Kind kind);

        void elsewhere(FindingRow.Elsewhere elsewhere);

        void unfollowed(FindingRow.Unfollowed unfollowed);
    }

    private final Words words;
    private final Wishes wishes;
    private boolean filling;

    FindingList(Words words, Wishes wishes) {
        this.words = words;
        this.wishes = wishes;
        Controls.named(this, "findings", words.of("checks.list"));
        getStyleClass().add("findings");
        setCellFactory(l -> new Cell());
        getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!filling && is instanceof FindingRow.Found found) {
                                wishes.chosen(found);
                            }
                        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        setOnContextMenuRequested(
                e -> {
                    if (getSelectionModel().getSelectedItem() instanceof FindingRow.Found found) {
                        new DeedMenu("findingMenu")
                                .item("go", words.of("findingMenu.go"), () -> wishes.go(found))
                                .item(
                                        "repair",
                                        words.of("findingMenu.repair"),
                                        () -> wishes.repair(found))
                                .item(
                                        "accept",
                                        words.of("findingMenu.accept"),
                                        () -> wishes.accept(found))
                                .show(this, e);
                    }
                });
    }

    private void key(KeyEvent e) {
        if (e.getCode() != KeyCode.ENTER || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        FindingRow row = getSelectionModel().getSelectedItem();
        if (row instanceof FindingRow.Found found) {
            wishes.go(found);
        } else if (row instanceof FindingRow.More more) {
            wishes.more(more.kind());
        } else if (row instanceof FindingRow.Elsewhere elsewhere) {
            wishes.elsewhere(elsewhere);
        } else if (row instanceof FindingRow.Unfollowed unfollowed) {
            wishes.unfollowed(unfollowed);
        }
        e.consume();
    }

    /** Letters are taken when they are typed, so that none falls into a field that they lead to. */
    private void typed(KeyEvent e) {
        if (!(getSelectionModel().getSelectedItem() instanceof FindingRow.Found found)) {
            return;
        }
        switch (e.getCharacter()) {
            case "r", "R" -> wishes.repair(found);
            case "a", "A" -> wishes.accept(found);
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** Shows these lines; the chosen finding stays so, else the one in its place. */
    Optional<FindingRow.Found> show(List<FindingRow> rows) {
        int at = getSelectionModel().getSelectedIndex();
        String before =
                getSelectionModel().getSelectedItem() instanceof FindingRow.Found f
                        ? f.finding().id()
                        : null;
        filling = true;
        getItems().setAll(rows);
        if (before != null && !choose(before)) {
            chooseNear(at);
        }
        filling = false;
        return getSelectionModel().getSelectedItem() instanceof FindingRow.Found f
                ? Optional.of(f)
                : Optional.empty();
    }

    private void chooseNear(int at) {
        for (int i = Math.min(at, getItems().size() - 1); i >= 0; i--) {
            if (getItems().get(i) instanceof FindingRow.Found) {
                getSelectionModel().select(i);
                return;
            }
        }
        getSelectionModel().clearSelection();
    }

    /** Chooses the finding with an id; false where there is none. */
    boolean choose(String id) {
        return select(f -> f.finding().id().equals(id));
    }

    /** Chooses the first finding about something. */
    boolean chooseSubject(String subject) {
        return select(f -> f.finding().subject().equals(subject));
    }

    private boolean select(Predicate<FindingRow.Found> which) {
        for (int i = 0; i < getItems().size(); i++) {
            if (getItems().get(i) instanceof FindingRow.Found f && which.test(f)) {
                getSelectionModel().select(i);
                return true;
            }
        }
        return false;
    }

    private final class Cell extends ListCell<FindingRow> {

        Cell() {
            setPrefWidth(0); // sentences break where the list ends
        }

        @Override
        protected void updateItem(FindingRow row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            setGraphic(empty || row == null ? null : node(row));
            pseudoClassStateChanged(CHOSEN, !empty && row instanceof FindingRow.Found);
        }

        private Node node(FindingRow row) {
            if (row instanceof FindingRow.Heading h) {
                return Controls.row(
                        6,
                        Controls.label(
                                words.of("checks.severity." + h.severity().name()), "section-head"),
                        Controls.label(String.valueOf(h.count()), "soft"));
            }
            if (row instanceof FindingRow.Found f) {
                return found(f);
            }
            if (row instanceof FindingRow.More m) {
                return spread(
                        Controls.label(
                                words.of("checks.more." + m.kind().name(), m.count()),
                                m.kind() == FindingRow.More.Kind.CONFUSE ? "section-head" : "soft"),
                        Controls.link(
                                "more-" + m.kind().name(),
                                words.of(m.shown() ? "checks.hide" : "checks.show"),
                                () -> wishes.more(m.kind())));
            }
            if (row instanceof FindingRow.Elsewhere e) {
                return spread(
                        Controls.label(
                                words.of(
                                        "checks.elsewhere",
                                        words.of("place." + e.place().name()),
                                        e.open()),
                                "soft"),
                        Controls.link(
                                "elsewhere-" + e.place().name(),
                                words.of("checks.go"),
                                () -> wishes.elsewhere(e)));
            }
            if (row instanceof FindingRow.Unfollowed u) {
                TextFlow sentence = sentence(u.sentence(), 0);
                HBox.setHgrow(sentence, Priority.ALWAYS);
                Region go =
                        Controls.link(
                                "unfollowed", words.of("checks.go"), () -> wishes.unfollowed(u));
                go.setMinWidth(Region.USE_PREF_SIZE);
                HBox line = new HBox(10, sentence, go);
                line.setAlignment(Pos.BOTTOM_LEFT);
                line.setAccessibleText(u.sentence());
                return line;
            }
            if (row instanceof FindingRow.Covered c) {
                return Controls.prose(c.sentence(), "soft");
            }
            return Controls.prose(words.of("checks.nothing"), "accent");
        }

        private HBox found(FindingRow.Found f) {
            TextFlow sentence = sentence(f.sentence(), f.head());
            HBox.setHgrow(sentence, Priority.ALWAYS);
            String label = f.repair().orElse(words.of("checks.go"));
            Node deed =
                    Controls.link(
                            "deed",
                            label,
                            () -> {
                                if (f.repair().isPresent()) {
                                    wishes.repair(f);
                                } else {
                                    wishes.go(f);
                                }
                            });
            HBox row = new HBox(10, sentence, deed);
            ((Region) deed).setMinWidth(Region.USE_PREF_SIZE);
            row.setAlignment(Pos.BOTTOM_LEFT);
            row.setAccessibleText(f.sentence() + " " + label);
            return row;
        }

        private TextFlow sentence(String text, int head) {
            Text bold = new Text(text.substring(0, head));
            bold.getStyleClass().add("finding-head");
            Text rest = new Text(text.substring(head));
            rest.getStyleClass().add("finding-text");
            return new TextFlow(bold, rest);
        }

        private HBox spread(Node left, Node right) {
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            return Controls.row(8, left, gap, right);
        }
    }
}
