package methodos.core.figure;

import java.util.Optional;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;

/**
 * What is said of an order of screws: in a step that takes down they are loosened a little at a
 * time; else they are tightened in the stages of their joint, or in the usual ones.
 */
final class OrderWords {

    private OrderWords() {}

    static String of(Figure figure, Mark.ScrewOrder order, Manual manual, Words words) {
        int screws = order.screws().size();
        Optional<Step> step =
                manual.steps().filter(s -> s.figures().contains(figure.id())).findFirst();
        boolean takesDown =
                step.flatMap(s -> manual.stageOf(s.id()))
                        .filter(s -> s.kind() == Stage.Kind.TAKE_DOWN)
                        .isPresent();
        if (takesDown) {
            return words.of("figure.order.loosen", screws);
        }
        return step.flatMap(s -> joint(s, screws, manual))
                .filter(j -> !j.stages().isEmpty())
                .flatMap(j -> j.torque().known().map(last -> staged(j, last, screws, words)))
                .orElseGet(() -> words.of("figure.order", screws));
    }

    private static String staged(Joint joint, Quantity last, int screws, Words words) {
        return joint.finalPass()
                ? words.of(
                        "figure.order.stages",
                        screws,
                        QuantityList.entered(joint.stages()),
                        last.print())
                : words.of("figure.order.told", screws, new TighteningText(words).whole(joint));
    }

    /** The joint of the step with so many screws. */
    private static Optional<Joint> joint(Step step, int screws, Manual manual) {
        return step.joints().stream()
                .flatMap(id -> manual.joints().stream().filter(j -> j.id().equals(id)))
                .filter(j -> j.count() == screws)
                .findFirst();
    }
}
