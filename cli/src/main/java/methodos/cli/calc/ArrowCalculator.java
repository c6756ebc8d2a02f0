package methodos.cli.calc;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.manual.Rotation;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.ThreadTurn.Action;
import methodos.core.manual.ThreadTurn.Hand;
import methodos.core.manual.ThreadTurn.SeenFrom;

/** {@code calc arrow}: which way an arrow turns, from the thread and what is done to it. */
final class ArrowCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        ThreadTurn turn =
                new ThreadTurn(
                        named(request, "thread", Hand.values(), "right or left"),
                        named(request, "action", Action.values(), "tighten or loosen"),
                        named(request, "seenFrom", SeenFrom.values(), "head or far end"));
        Rotation rotation = turn.rotation();
        return new Answer(
                Map.of("turn", word(rotation)),
                List.of(
                        "It turns " + word(rotation) + ".",
                        "A right-hand thread is tightened clockwise, seen from its head; a left-hand"
                                + " thread, loosening, and the far end each turn that round"
                                + " (ISO 5408:2009)."));
    }

    private static <E extends Enum<E>> E named(
            Request request, String field, E[] all, String choices) throws WrongRequest {
        String text = request.text(field).strip();
        for (E one : all) {
            if (word(one).equalsIgnoreCase(text)) {
                return one;
            }
        }
        throw new WrongRequest("“" + field + "” is " + choices + ".");
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
