package methodos.core.words;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import methodos.core.manual.Joint;
import methodos.core.manual.Rotation;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;

/** How tight a joint gets, in words: each of the ways that are told, whole. */
public final class TighteningText {

    private final Words words;

    /**
     * @param words those that it is told in
     */
    public TighteningText(Words words) {
        this.words = words;
    }

    /**
     * "either 10 lbf·in, then 30 lbf·in; or hand-tight and then 1/8 turn": with the stages, and
     * with the back-off that ends it. Empty where nothing of it is known.
     */
    public String whole(Joint joint) {
        return told(joint, this::staged);
    }

    /** The same without the stages, and each torque in both systems of measures. */
    public String inBoth(Joint joint) {
        return told(joint, this::both);
    }

    private String told(Joint joint, Function<Joint, String> torque) {
        List<String> ways =
                joint.told().stream()
                        .map(w -> one(joint, w, torque))
                        .filter(w -> !w.isEmpty())
                        .toList();
        if (ways.isEmpty()) {
            return "";
        }
        if (ways.size() == 1) {
            return ended(joint, ways.get(0), "tighten.back");
        }
        String all = String.join(words.of("tighten.or"), ways);
        return ended(joint, words.of("tighten.either", all), "tighten.thenBack");
    }

    private String ended(Joint joint, String told, String key) {
        return joint.backOff() == null ? told : words.of(key, told, joint.backOff().print());
    }

    private String one(Joint joint, TighteningWay way, Function<Joint, String> torque) {
        return switch (way) {
            case WRENCH -> further(joint, torque.apply(joint));
            case ANGLE -> words.of("tighten.turned", joint.turned().print());
            case FEEL -> words.of("tighten.feel", joint.feel());
            case HAND -> words.of("tighten.hand");
            case EITHER -> throw new IllegalArgumentException("this is no way of its own");
        };
    }

    private String further(Joint joint, String torque) {
        return torque.isEmpty() || joint.further() == null
                ? torque
                : words.of("tighten.further", torque, joint.further().print());
    }

    private String staged(Joint joint) {
        String value = joint.torque().known().map(Quantity::print).orElse("");
        return value.isEmpty() || joint.stages().isEmpty()
                ? value
                : words.of("draft.then", QuantityList.entered(joint.stages()), value);
    }

    private String both(Joint joint) {
        String value = joint.torque().known().map(Quantity::print).orElse("");
        return joint.otherTorque()
                .map(o -> words.of("tighten.both", value, o.print()))
                .orElse(value);
    }

    /** Which way a thread turns that is no right-hand one; empty for a right-hand one. */
    public String thread(Joint joint, ThreadTurn.Action action) {
        if (joint.hand() != ThreadTurn.Hand.LEFT) {
            return "";
        }
        Rotation turn = new ThreadTurn(joint.hand(), action, ThreadTurn.SeenFrom.HEAD).rotation();
        return words.of("tighten.leftHand", words.of(turn));
    }

    /** "crosswise, in 2 rounds" for how its fasteners are loosened; empty where nothing is said. */
    public String loosening(Joint joint) {
        String order = order(joint.loosenOrder());
        if (joint.loosenRounds() == null) {
            return order;
        }
        String rounds = words.of("tighten.rounds", joint.loosenRounds());
        return order.isEmpty() ? rounds : order + words.of("tighten.comma") + rounds;
    }

    /** "crosswise", "in a star", "in the order 1-3-2-4"; empty for none. */
    public String order(String order) {
        return switch (order.toLowerCase(Locale.ROOT)) {
            case "" -> "";
            case "star" -> words.of("draft.order.star");
            case "cross" -> words.of("draft.order.cross");
            default -> words.of("draft.order.given", order);
        };
    }
}
