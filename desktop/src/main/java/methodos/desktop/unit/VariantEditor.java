package methodos.desktop.unit;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Variant;
import methodos.core.typed.SerialText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The chosen variant's model, serial numbers and build; or the fields of a new one. */
final class VariantEditor extends VBox {

    private final OpenProject project;
    private final Words words;
    private final TextField model;
    private final TextField from;
    private final TextField to;
    private final TextField build;
    private final Label problem = Controls.prose("", "problem");

    /**
     * @param variant the chosen one, null for a new one
     */
    VariantEditor(OpenProject project, Variant variant, Runnable done) {
        super(6);
        this.project = project;
        this.words = project.words();
        model = field("variantModel", "variant.model", variant == null ? "" : variant.model());
        from =
                field(
                        "variantFrom",
                        "units.from",
                        variant == null ? "" : SerialText.from(variant.serials()));
        to =
                field(
                        "variantTo",
                        "units.to",
                        variant == null ? "" : SerialText.to(variant.serials()));
        build = field("variantBuild", "variant.build", variant == null ? "" : variant.build());
        problem.setManaged(false);
        from.setPrefColumnCount(6);
        to.setPrefColumnCount(6);
        getChildren()
                .addAll(
                        Controls.label(
                                words.of(variant == null ? "variant.new" : "variant.chosen"),
                                "panel-head"),
                        model,
                        new HBox(6, from, to),
                        build,
                        problem);
        if (variant == null) {
            getChildren()
                    .add(Controls.button("addVariant", words.of("variant.add"), () -> add(done)));
        } else {
            for (TextField field : new TextField[] {model, from, to, build}) {
                Controls.kept(field, typed -> change(variant));
            }
            getChildren()
                    .add(
                            new HBox(
                                    10,
                                    Controls.link(
                                            "deleteVariant",
                                            words.of("variant.delete"),
                                            () -> {
                                                project.apply(
                                                        UnitEdits.deleteVariant(variant.id()));
                                                done.run();
                                            }),
                                    Controls.link(
                                            "otherVariant", words.of("variant.another"), done)));
        }
    }

    private TextField field(String id, String key, String value) {
        TextField field = Controls.named(new TextField(value), id, words.of(key));
        field.setPromptText(words.of(key));
        return field;
    }

    private void add(Runnable done) {
        Variant typed = typed(new Id<>(""));
        if (typed != null) {
            project.apply(UnitEdits.newVariant(typed));
            done.run();
        }
    }

    private void change(Variant variant) {
        Variant typed = typed(variant.id());
        if (typed != null) {
            project.apply(UnitEdits.variant(typed));
        }
    }

    private Variant typed(Id<Variant> id) {
        try {
            if (model.getText().isBlank()) {
                throw new IllegalArgumentException(words.of("variant.needsModel"));
            }
            Variant typed =
                    new Variant(
                            id,
                            model.getText().strip(),
                            SerialText.range(from.getText(), to.getText()),
                            build.getText().strip());
            problem.setManaged(false);
            problem.setText("");
            return typed;
        } catch (IllegalArgumentException e) {
            problem.setManaged(true);
            problem.setText(e.getMessage());
            return null;
        }
    }
}
