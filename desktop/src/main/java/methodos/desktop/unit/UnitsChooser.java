package methodos.desktop.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.manual.Applicability;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.core.manual.UnitOption;
import methodos.core.typed.SerialText;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Says for which models and serial numbers something is. */
public final class UnitsChooser extends VBox {

    private final List<CheckBox> models = new ArrayList<>();
    private final List<CheckBox> options = new ArrayList<>();

    /** Conditions beside the one that is chosen here; they stay as they are. */
    private final List<Applicability.Condition> others;

    private final TextField from;
    private final TextField to;
    private final Label words;
    private final OpenProject project;
    private final Consumer<Applicability> chosen;

    /**
     * @param id what the controls' ids begin with
     * @param chosen called with each change
     */
    public UnitsChooser(
            OpenProject project, String id, Applicability now, Consumer<Applicability> chosen) {
        super(4);
        this.project = project;
        this.chosen = chosen;
        others = now.all() ? List.of() : now.any().subList(1, now.any().size());
        Applicability.Condition first =
                now.all()
                        ? new Applicability.Condition(List.of(), SerialRange.ALL)
                        : now.any().get(0);
        words = Controls.prose(project.words().of(now), "accent");
        HBox boxes = new HBox(10);
        for (Model model : project.manual().unit().models()) {
            CheckBox box = new CheckBox(model.name());
            box.setId(id + "Model-" + model.name().replace(' ', '-'));
            box.setUserData(model.name());
            box.setSelected(first.models().isEmpty() || first.models().contains(model.name()));
            box.setOnAction(e -> changed());
            models.add(box);
            boxes.getChildren().add(box);
        }
        from = serial(id + "From", "units.from", SerialText.from(first.serials()));
        to = serial(id + "To", "units.to", SerialText.to(first.serials()));
        HBox serials = new HBox(6, from, Controls.label("–"), to);
        serials.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(words, boxes, serials);
        for (UnitOption option : project.manual().unit().options()) {
            CheckBox box = option(id, option, first);
            options.add(box);
            getChildren().add(box);
        }
    }

    /** Ticked: only with the option; not ticked: only without; between: whatever. */
    private CheckBox option(String id, UnitOption option, Applicability.Condition now) {
        CheckBox box = new CheckBox();
        box.setId(id + "Option-" + option.mark());
        box.setUserData(option.mark());
        box.setAllowIndeterminate(true);
        box.setSelected(now.with().contains(option.mark()));
        box.setIndeterminate(!box.isSelected() && !now.without().contains(option.mark()));
        Runnable said =
                () ->
                        box.setText(
                                project.words()
                                        .of(
                                                box.isIndeterminate()
                                                        ? "units.option.any"
                                                        : box.isSelected()
                                                                ? "units.option.with"
                                                                : "units.option.without",
                                                option.mark(),
                                                option.name()));
        said.run();
        box.setOnAction(
                e -> {
                    said.run();
                    changed();
                });
        return box;
    }

    private List<String> options(Predicate<CheckBox> which) {
        return options.stream()
                .filter(b -> !b.isIndeterminate())
                .filter(which)
                .map(b -> (String) b.getUserData())
                .toList();
    }

    private TextField serial(String id, String key, String value) {
        TextField field = Controls.named(new TextField(value), id, project.words().of(key));
        field.setPromptText(project.words().of(key));
        field.setPrefColumnCount(6);
        Controls.kept(field, typed -> changed());
        return field;
    }

    private void changed() {
        List<String> names =
                models.stream()
                        .filter(CheckBox::isSelected)
                        .map(b -> (String) b.getUserData())
                        .toList();
        if (names.size() == models.size()) {
            names = List.of();
        } else if (names.isEmpty()) {
            words.setText(project.words().of("units.noModel"));
            return;
        }
        try {
            Applicability.Condition first =
                    new Applicability.Condition(
                            names,
                            SerialText.range(from.getText(), to.getText()),
                            options(CheckBox::isSelected),
                            options(b -> !b.isSelected()));
            Applicability next = Applicability.of(first).or(others);
            words.setText(project.words().of(next));
            chosen.accept(next);
        } catch (IllegalArgumentException e) {
            words.setText(e.getMessage());
        }
    }
}
