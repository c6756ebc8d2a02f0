package methodos.core.words;

import java.util.List;
import methodos.core.manual.Joint;

/** The words of steps that are drafted. */
public final class DraftedText {

    private final Words words;
    private final TighteningText tightening;

    /**
     * @param words those of the language in which it is written
     */
    public DraftedText(Words words) {
        this.words = words;
        tightening = new TighteningText(words);
    }

    /** The instruction to put things on. */
    public String fit(List<String> things) {
        return words.of("draft.fit", all(things));
    }

    /** "Tighten Right end cap to body crosswise: 2.5 N·m, 5 N·m, then 7 to 8.5 N·m." */
    public String tighten(Joint joint) {
        String order = tightening.order(joint.order());
        String value = tightening.whole(joint);
        return words.of(
                "draft.tighten",
                joint.name(),
                order.isEmpty() ? "" : words.of("draft.tighten.in", order),
                value.isEmpty() ? "" : words.of("draft.tighten.to", value));
    }

    /** The instruction to match a mark. */
    public String match(String mark) {
        return words.of("draft.match", mark);
    }

    /** The instruction to make a mark. */
    public String mark(String mark) {
        return words.of("draft.mark", mark);
    }

    /** The instruction to take an aid away. */
    public String takeAway(String aid) {
        return words.of("draft.takeAway", aid);
    }

    /** The instruction to fill a fluid in. */
    public String fill(String fluid) {
        return words.of("draft.fill", fluid);
    }

    /** The instruction to give an energy back. */
    public String giveBack(String energy) {
        return words.of("draft.giveBack", energy);
    }

    private String all(List<String> things) {
        if (things.size() == 1) {
            return things.get(0);
        }
        int last = things.size() - 1;
        return words.of("draft.and", String.join(", ", things.subList(0, last)), things.get(last));
    }
}
