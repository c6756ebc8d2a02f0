package methodos.desktop.publish;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Identity;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** By what an issue is known, and who answers for it. */
final class IdentityForm extends VBox {

    private static final double SHORT = 96;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private Identity shown;

    IdentityForm(OpenProject project, Consumer<String> message) {
        super(5);
        this.project = project;
        this.words = project.words();
        this.message = message;
        setId("identity");
        refresh();
    }

    void refresh() {
        Identity now = project.manual().identity();
        if (!now.equals(shown)) {
            shown = now;
            Controls.anew(this, this::fill);
        }
    }

    private void fill() {
        TextField revision = text("identityRevision", shown.revision(), Identity::withRevision);
        revision.setMaxWidth(SHORT);
        revision.setPrefWidth(SHORT);
        getChildren()
                .setAll(
                        Controls.label(words.of("publish.signed"), "section-head"),
                        wide(
                                text("identityNumber", shown.number(), Identity::withNumber),
                                revision),
                        text("identityReason", shown.reason(), Identity::withReason),
                        hand("identityAuthor", shown.author(), Identity::withAuthor),
                        hand("identityReviewer", shown.reviewer(), Identity::withReviewer),
                        hand("identityApprover", shown.approver(), Identity::withApprover));
    }

    private static HBox wide(TextField first, TextField second) {
        HBox.setHgrow(first, Priority.ALWAYS);
        first.setPrefWidth(SHORT);
        return new HBox(5, first, second);
    }

    private TextField text(String id, String now, BiFunction<Identity, String, Identity> with) {
        TextField field = Controls.named(new TextField(now), id, words.of("publish." + id));
        Controls.kept(field, typed -> keep(with.apply(project.manual().identity(), typed)));
        return field;
    }

    private HBox hand(
            String id,
            Identity.Signature now,
            BiFunction<Identity, Identity.Signature, Identity> with) {
        TextField name = Controls.named(new TextField(now.name()), id, words.of("publish." + id));
        TextField date =
                Controls.named(
                        new TextField(now.date()), id + "Date", words.of("publish.signedDate"));
        date.setMinWidth(SHORT);
        date.setPrefWidth(SHORT);
        Controls.kept(name, typed -> sign(with, typed, date.getText().strip()));
        Controls.kept(date, typed -> sign(with, name.getText().strip(), day(typed)), message);
        return wide(name, date);
    }

    /** Of who signs without a date it is today's. */
    private void sign(
            BiFunction<Identity, Identity.Signature, Identity> with, String name, String date) {
        String day = !name.isEmpty() && date.isEmpty() ? LocalDate.now().toString() : date;
        keep(with.apply(project.manual().identity(), new Identity.Signature(name, day)));
    }

    private String day(String typed) {
        try {
            return typed.isEmpty() ? "" : LocalDate.parse(typed).toString();
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(words.of("publish.noDate", typed), e);
        }
    }

    private void keep(Identity identity) {
        if (!identity.equals(project.manual().identity())) {
            project.apply(UnitEdits.identity(identity));
        }
    }
}
