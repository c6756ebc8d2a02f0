package methodos.desktop.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.kit.OrderList;
import methodos.core.kit.StoreList;
import methodos.core.kit.StoreList.InKit;
import methodos.core.manual.Kit;
import methodos.core.manual.Part;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** What is ordered for the units that are looked at, and what the ordered kits hold. */
final class OrderPanel extends VBox {

    private static final double WIDTH = 256;

    private final Words words;
    private final KitDrawing drawing;

    OrderPanel(Theme theme, Words words) {
        super(5);
        this.words = words;
        this.drawing = new KitDrawing(theme);
        setId("order");
    }

    void show(StoreList list) {
        OrderList order = list.order();
        getChildren().setAll(Controls.label(words.of("stores.order"), "panel-head"));
        if (order.kits().isEmpty() && order.extras().isEmpty()) {
            getChildren()
                    .add(
                            Controls.prose(
                                    words.of(
                                            list.kits().isEmpty()
                                                    ? "stores.noKits"
                                                    : "stores.order.nothing"),
                                    "soft"));
        }
        for (OrderList.KitCount kit : order.kits()) {
            row(
                    kit.count(),
                    words.of("stores.order.kit", kit.kit().number()),
                    Controls.prose(kit.kit().name(), "soft"));
        }
        for (OrderList.PartCount extra : order.extras()) {
            row(
                    extra.count(),
                    extra.part().label(),
                    Controls.label(words.of("stores.order.noKit"), "open"));
        }
        for (OrderList.KitCount kit : order.kits()) {
            contents(kit.kit(), list);
        }
    }

    private void row(int count, String what, Label note) {
        Label number = Controls.label(String.valueOf(count), "accent-strong");
        number.setMinWidth(16);
        Label name = Controls.prose(what, "strong");
        note.setMinWidth(Math.min(note.prefWidth(-1), 100));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().add(new HBox(6, number, name, gap, note));
    }

    private void contents(Kit kit, StoreList list) {
        int index = list.kits().indexOf(kit);
        List<Part> parts = new ArrayList<>();
        List<InKit> held = new ArrayList<>();
        int spare = 0;
        for (StoreList.PartRow row : list.parts()) {
            InKit in = row.kits().get(index);
            if (in.used() + in.spare() > 0) {
                parts.add(row.part());
                held.add(in);
                spare += in.spare();
            }
        }
        Label name = Controls.label(words.of("stores.order.holds", kit.number()), "strong");
        VBox.setMargin(name, new javafx.geometry.Insets(8, 0, 0, 0));
        Surface canvas = new Surface(WIDTH, KitDrawing.height(parts.size(), WIDTH));
        drawing.draw(canvas, parts, held);
        canvas.setAccessibleText(
                String.join(", ", parts.stream().map(p -> p.item() + " " + p.label()).toList()));
        getChildren().addAll(name, canvas);
        also(kit, list);
        if (spare > 0) {
            getChildren().add(Controls.label(words.of("stores.order.spare", spare), "soft"));
        }
    }

    private static String told(String what, String amount) {
        return amount.isEmpty() ? what : what + ": " + amount;
    }

    /** What a kit holds beside parts. */
    private void also(Kit kit, StoreList list) {
        Stream<String> consumables =
                kit.consumables().stream()
                        .flatMap(
                                c ->
                                        list.consumables().stream()
                                                .map(StoreList.ConsumableRow::consumable)
                                                .filter(x -> x.id().equals(c.consumable()))
                                                .map(x -> told(x.label(), c.amount())));
        Stream<String> tools =
                kit.tools().stream()
                        .flatMap(
                                t ->
                                        list.tools().stream()
                                                .map(StoreList.ToolRow::tool)
                                                .filter(x -> x.id().equals(t.tool()))
                                                .map(
                                                        x ->
                                                                words.of(
                                                                        "stores.order.tools",
                                                                        t.count(),
                                                                        x.label())));
        List<String> all = Stream.concat(consumables, tools).toList();
        if (!all.isEmpty()) {
            getChildren()
                    .add(
                            Controls.prose(
                                    words.of("stores.order.also", String.join("; ", all)), "soft"));
        }
    }
}
