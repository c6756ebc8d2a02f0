package methodos.desktop.torque;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.torque.TorqueAdapter;
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

    /** "400 mm, 60 mm, 90°": the wrench, the adapter, and the angle between them, 0 if not said. */
    private static String told(Quantity torque, String typed, Words words) {
        List<String> said = List.of(typed.split(","));
        if (said.size() < 2 || said.size() > 3) {
            throw new IllegalArgumentException(words.of("torque.adapter.how"));
        }
        double degrees =
                said.size() < 3
                        ? 0
                        : new Conversion(Quantity.parse(said.get(2)), MeasureUnit.DEGREE)
                                .exact(Quantity.parse(said.get(2)).min())
                                .toDouble();
        Rational share = TorqueAdapter.share(length(said.get(0)), length(said.get(1)), degrees);
        String low = set(torque.min() == null ? torque.max().value() : torque.min().value(), share);
        String high =
                set(torque.max() == null ? torque.min().value() : torque.max().value(), share);
        return words.of(
                "torque.adapter.set",
                low.equals(high) ? low : words.of("torque.adapter.range", low, high),
                torque.unit().symbol());
    }

    private static Rational length(String text) {
        Quantity length = Quantity.parse(text.strip());
        return new Conversion(length, MeasureUnit.MILLIMETRE).exact(length.min());
    }

    private static String set(Rational torque, Rational share) {
        return String.format(Locale.ROOT, "%.3g", torque.times(share).toDouble());
    }
}
