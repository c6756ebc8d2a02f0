package methodos.desktop.unit;

import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.manual.Document;
import methodos.core.manual.Value;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** Where a value is to be found that is not given: a document of the unit, and a place in it. */
public final class DocumentRow extends HBox {

    /**
     * @param id what the ids of the controls begin with
     * @param now the value as it is
     * @param keep called with each change
     */
    public DocumentRow(OpenProject project, String id, Value.Open now, Consumer<Value.Open> keep) {
        super(4);
        Words words = project.words();
        TextField place =
                Controls.named(new TextField(now.place()), id + "Place", words.of("open.place"));
        place.setPromptText(words.of("open.place"));
        place.setDisable(now.document() == null);
        HBox.setHgrow(place, Priority.ALWAYS);
        Controls.kept(
                place, typed -> keep.accept(new Value.Open(now.why(), now.document(), typed)));
        ComboBox<Document> document =
                Controls.named(new ComboBox<>(), id + "Document", words.of("open.document"));
        document.getItems().add(null);
        document.getItems().addAll(project.manual().documents());
        document.setConverter(
                new NameConverter<>(d -> d == null ? words.of("open.noDocument") : d.name()));
        document.setValue(project.manual().document(now.document()).orElse(null));
        document.setPrefWidth(150);
        place.setPrefWidth(60);
        place.setMinWidth(50);
        document.setOnAction(
                e -> {
                    Document chosen = document.getValue();
                    keep.accept(
                            new Value.Open(
                                    now.why(),
                                    chosen == null ? null : chosen.id(),
                                    chosen == null ? "" : now.place()));
                });
        getChildren().addAll(document, place);
    }
}
