package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.bench.Fastening;
import methodos.core.manual.Joint;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;

/**
 * How tight the fasteners of a joint get in a round, and what else holds for them.
 *
 * @param value what the wrench is set to, empty where none is set or it is not known
 * @param more each of it a line
 */
record TightenTold(String value, List<String> more) {

    TightenTold {
        more = List.copyOf(more);
    }

    static TightenTold of(Joint joint, int round, Words words) {
        TighteningText text = new TighteningText(words);
        String whole = text.whole(joint);
        Optional<Quantity> value = Fastening.value(joint, round);
        List<String> more = new ArrayList<>();
        if (value.isPresent()) {
            more.add(stage(joint, round, words));
            more.add(plain(joint) ? "" : whole);
        } else if (joint.byWrench() && joint.torque() instanceof Value.Open open) {
            more.add(words.of("bench.torqueOpen"));
            more.add(open.why());
        } else {
            more.add(whole.isEmpty() ? words.of("bench.byHand") : whole);
        }
        more.add(text.thread(joint, ThreadTurn.Action.TIGHTEN));
        more.add(joint.newEachTime() ? words.of("bench.newFasteners") : "");
        more.add(joint.again().isBlank() ? "" : words.of("bench.tightenAgain", joint.again()));
        more.removeIf(String::isBlank);
        return new TightenTold(value.map(Quantity::print).orElse(""), more);
    }

    private static String stage(Joint joint, int round, Words words) {
        int whole = Fastening.wholeRound(joint);
        if (round > whole) {
            return words.of("bench.finalPass");
        }
        return whole == 0 ? "" : words.of("bench.stage", round + 1, whole + 1);
    }

    /** Whether the value of the wrench, with its stages, is all there is to say. */
    private static boolean plain(Joint joint) {
        return joint.further() == null && joint.backOff() == null && joint.told().size() == 1;
    }
}
