package methodos.core.vocabulary;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** The forms of verbs. */
public final class Verbs {

    private static final int SHORTEST = 2;

    /** Participles that follow no rule, each with its base. */
    private static final Map<String, String> IRREGULAR = new HashMap<>();

    private static final Set<String> SAME =
            Set.of("cut", "put", "set", "split", "shut", "let", "run");

    static {
        for (String pair :
                ("undone undo, done do, taken take, drawn draw, driven drive, blown blow, ground grind"
                                + ", broken break, held hold, swung swing, hung hang, bent bend"
                                + ", left leave, spun spin, torn tear, wound wind, fed feed, bled bleed"
                                + ", bound bind, sprung spring, struck strike, swept sweep, brought bring"
                                + ", laid lay, slid slide, unwound unwind, rewound rewind, rebuilt rebuild"
                                + ", ridden ride, shaken shake, frozen freeze, thrown throw, woven weave")
                        .split(", ")) {
            int space = pair.indexOf(' ');
            IRREGULAR.put(pair.substring(0, space), pair.substring(space + 1));
        }
    }

    private Verbs() {}

    /**
     * The bases that a form may be of: "cutting" → "cut", "cutt", "cutte"; a word itself is always
     * among them. Which of them is a word its reader knows.
     */
    public static Set<String> bases(String form) {
        Set<String> bases = new LinkedHashSet<>();
        bases.add(form);
        if (IRREGULAR.containsKey(form)) {
            bases.add(IRREGULAR.get(form));
        }
        if (form.endsWith("ies") || form.endsWith("ied")) {
            bases.add(form.substring(0, form.length() - 3) + "y");
        }
        if (form.endsWith("es")) {
            bases.add(form.substring(0, form.length() - 2));
        }
        if (form.endsWith("s") && !form.endsWith("ss")) {
            bases.add(form.substring(0, form.length() - 1));
        }
        if (form.endsWith("ed")) {
            stems(form.substring(0, form.length() - 2), bases);
        }
        if (form.endsWith("ing")) {
            stems(form.substring(0, form.length() - 3), bases);
        }
        return bases;
    }

    /** Whether a form can stand behind "is" or "gets": "lifted", "turning", "undone", "cut". */
    public static boolean participle(String form) {
        return form.endsWith("ed")
                || form.endsWith("ing")
                || IRREGULAR.containsKey(form)
                || SAME.contains(form);
    }

    private static void stems(String stem, Set<String> bases) {
        int last = stem.length() - 1;
        if (last + 1 < SHORTEST) {
            return;
        }
        bases.add(stem);
        bases.add(stem + "e");
        if (stem.charAt(last) == stem.charAt(last - 1)) {
            bases.add(stem.substring(0, last));
        }
    }
}
