package methodos.desktop.torque;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.torque.AdapterSetting;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/**
 * What a wrench is set to when an adapter lengthens it. What is tried is not kept in the manual:
 * the adapter is the shop's.
 */
final class AdapterRow extends VBox {

    AdapterRow(Quantity torque, Words words, Consumer<String> message) {
        super(2);
        TextField field =
                Controls.named(new TextField(), "adapter", words.of("torque.adapter.how"));
        Label set = Controls.prose("", "accent");
        set.setId("adapterSet");
        Controls.kept(
                field,
                text -> {
                    try {
                        set.setText(text.isEmpty() ? "" : told(torque, text, words));
                    } catch (IllegalArgumentException bad) {
                        message.accept(bad.getMessage());
                    }
                });
        getChildren().addAll(Controls.label(words.of("torque.adapter"), "strong"), field, set);
    }

    private static String told(Quantity torque, String typed, Words words) {
        AdapterSetting setting =
                AdapterSetting.of(torque, typed)
                        .orElseThrow(
                                () -> new IllegalArgumentException(words.of("torque.adapter.how")));
        String low = digits(setting.low());
        String high = digits(setting.high());
        return words.of(
                "torque.adapter.set",
                low.equals(high) ? low : words.of("torque.adapter.range", low, high),
                torque.unit().symbol());
    }

    private static String digits(Rational torque) {
        return String.format(Locale.ROOT, "%.3g", torque.toDouble());
    }
}
