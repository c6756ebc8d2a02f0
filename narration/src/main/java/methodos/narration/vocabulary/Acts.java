package methodos.narration.vocabulary;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The verbs of the workshop in all their forms, each with the actions that it can mean. */
public final class Acts {

    /** What steps do, as the draft calls it. */
    public static final Set<String> ACTIONS =
            Set.of(
                    ("remove install loosen tighten hand-tighten disconnect connect drain fill vent"
                                    + " pressurise isolate restore lift lower support turn push pull"
                                    + " tap press heat cool clean lubricate apply inspect measure"
                                    + " mark align adjust replace discard cut bend cover uncover"
                                    + " secure release test record wait")
                            .split(" "));

    private final Map<String, Act.Met> forms = new HashMap<>();

    private Acts() {}

    private static final class English {
        static final Acts ACTS = new Acts().read(WordList.lines("verbs.txt"));
    }

    /** The verbs that come with the program. */
    public static Acts english() {
        return English.ACTS;
    }

    Acts copy() {
        Acts more = new Acts();
        more.forms.putAll(forms);
        return more;
    }

    /**
     * Adds a verb, as in {@code verbs.txt}.
     *
     * @throws IllegalArgumentException if the line is not understood, with the reason
     */
    void add(String line) {
        line(line);
    }

    /** The verb of which a word is a form. */
    public Optional<Act.Met> met(String word) {
        return Optional.ofNullable(forms.get(word));
    }

    /** All verbs. */
    public Set<Act> all() {
        return forms.values().stream().map(Act.Met::act).collect(Collectors.toSet());
    }

    private Acts read(List<String> lines) {
        lines.forEach(this::line);
        return this;
    }

    private void line(String line) {
        int equals = line.indexOf('=');
        if (equals < 0) {
            throw new IllegalArgumentException("a verb needs “= action”.");
        }
        String left = line.substring(0, equals).strip();
        boolean noun = left.startsWith("~");
        int bracket = left.endsWith("]") ? left.indexOf('[') : -1;
        String base = (bracket < 0 ? left : left.substring(0, bracket)).replace("~", "").strip();
        List<String> irregular =
                bracket < 0
                        ? List.of()
                        : List.of(left.substring(bracket + 1, left.length() - 1).split("\\s+"));
        if (base.isEmpty()) {
            throw new IllegalArgumentException("there is no verb before “=”.");
        }
        String action = null;
        Map<String, String> particles = new HashMap<>();
        String[] parts = line.substring(equals + 1).split(";");
        for (int i = 0; i < parts.length; i++) {
            String part = parts[i].strip();
            if (i == 0) {
                action = part.equals("-") ? null : known(part);
            } else {
                String[] pair = part.split("=");
                if (pair.length != 2) {
                    throw new IllegalArgumentException(
                            "“" + part + "” does not end with a known action.");
                }
                String meant = pair[1].strip();
                for (String particle : pair[0].strip().split("\\s+")) {
                    particles.put(particle, meant.equals("-") ? "" : known(meant));
                }
            }
        }
        particles.values().removeIf(String::isEmpty);
        put(new Act(base, action, particles, noun), irregular);
    }

    private static String known(String action) {
        if (!ACTIONS.contains(action)) {
            throw new IllegalArgumentException("“" + action + "” is not a known action.");
        }
        return action;
    }

    private void put(Act act, List<String> irregular) {
        String base = act.base();
        boolean mute = base.endsWith("e");
        String stem = mute ? base.substring(0, base.length() - 1) : base;
        boolean ies = base.matches(".*[^aeiou]y");
        String third =
                ies
                        ? base.substring(0, base.length() - 1) + "ies"
                        : base.matches(".*(s|x|z|ch|sh|o)") ? base + "es" : base + "s";
        List<String> all = new ArrayList<>(irregular);
        if (irregular.stream().noneMatch(f -> f.endsWith("ing"))) {
            all.add(stem.endsWith("e") ? base + "ing" : stem + "ing");
        }
        if (irregular.isEmpty() || irregular.stream().allMatch(f -> f.endsWith("ing"))) {
            all.add(ies ? base.substring(0, base.length() - 1) + "ied" : stem + "ed");
        }
        for (String form : all) {
            Act.Form kind =
                    form.endsWith("ing") && !form.equals(base)
                            ? Act.Form.ING
                            : form.endsWith("s") && !form.endsWith("ss")
                                    ? Act.Form.THIRD_PERSON
                                    : form.endsWith("n") ? Act.Form.PARTICIPLE : Act.Form.PAST;
            forms.put(form, new Act.Met(act, kind));
        }
        forms.put(third, new Act.Met(act, Act.Form.THIRD_PERSON));
        forms.put(base, new Act.Met(act, Act.Form.BASE));
    }
}
