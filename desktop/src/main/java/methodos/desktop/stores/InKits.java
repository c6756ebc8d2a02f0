package methodos.desktop.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.description.Id;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Tool;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** How much of a consumable, or how many of a tool, comes in each kit. */
final class InKits {

    private static final double NAME = 104;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;

    InKits(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.words = project.words();
        this.message = message;
    }

    List<Node> ofConsumable(Id<Consumable> consumable) {
        return rows(
                k ->
                        k.consumables().stream()
                                .filter(s -> s.consumable().equals(consumable))
                                .findFirst()
                                .map(
                                        s ->
                                                s.amount().isEmpty()
                                                        ? words.of("stores.some")
                                                        : s.amount())
                                .orElse(""),
                (k, typed) ->
                        StoreEdits.kitConsumable(k, consumable, typed.isEmpty() ? null : typed));
    }

    List<Node> ofTool(Id<Tool> tool) {
        return rows(
                k ->
                        k.tools().stream()
                                .filter(t -> t.tool().equals(tool))
                                .findFirst()
                                .map(t -> String.valueOf(t.count()))
                                .orElse(""),
                (k, typed) ->
                        StoreEdits.kitTools(
                                k, tool, typed.isEmpty() ? 0 : TypedNumber.needed(typed)));
    }

    /** What is typed for a kit, made into its change. */
    private interface Typed {
        UnaryOperator<Manual> change(Id<Kit> kit, String typed);
    }

    private List<Node> rows(Function<Kit, String> now, Typed typed) {
        List<Node> rows = new ArrayList<>();
        for (Kit kit : project.manual().kits()) {
            TextField field =
                    Controls.named(
                            new TextField(now.apply(kit)),
                            "inKit-" + kit.id(),
                            words.of("stores.inKit", kit.number()));
            HBox.setHgrow(field, Priority.ALWAYS);
            Controls.kept(
                    field,
                    text -> project.apply(StoreEdits.lists(typed.change(kit.id(), text))),
                    message);
            Label name = Controls.label(words.of("stores.inKit", kit.number()), "soft");
            name.setMinWidth(NAME);
            name.setLabelFor(field);
            rows.add(Controls.row(4, name, field));
        }
        return rows;
    }
}
