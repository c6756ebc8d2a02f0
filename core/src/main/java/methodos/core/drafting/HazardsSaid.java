package methodos.core.drafting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.speech.WordSet;

/** The hazards that words call by name, and those of what is done. */
final class HazardsSaid {

    /** The hazards that a draft may name. */
    static final Set<String> KNOWN =
            WordSet.ofPhrases(
                    "stored spring energy, pressure, electrical, hot surface, heavy load"
                            + ", suspended load, sharp edge, chemical, flammable gas, refrigerant, oxygen"
                            + ", rotating parts, eye injury, crush, unsupported vehicle or machine");

    private record Deed(String hazard, Set<String> actions, List<String> things) {}

    private final Map<String, List<String>> phrases = new LinkedHashMap<>();
    private final List<Deed> deeds = new ArrayList<>();

    HazardsSaid() {}

    HazardsSaid(HazardsSaid other) {
        other.phrases.forEach((k, v) -> phrases.put(k, new ArrayList<>(v)));
        deeds.addAll(other.deeds);
    }

    /** Takes a line of the list; what is wrong with it, or null. */
    String line(String line) {
        int equals = line.indexOf('=');
        int deed = line.indexOf('<');
        int at = deed >= 0 ? deed : equals;
        if (at < 0) {
            return "a hazard needs “= phrases” or “< actions : things”.";
        }
        String hazard = line.substring(0, at).strip();
        if (!KNOWN.contains(hazard)) {
            return "“" + hazard + "” is not a known hazard.";
        }
        String rest = line.substring(at + 1).strip();
        if (deed < 0) {
            phrases.computeIfAbsent(hazard, k -> new ArrayList<>()).addAll(items(rest));
            return null;
        }
        String[] sides = rest.split(":", 2);
        if (sides.length < 2) {
            return "the things that it is done to are missing behind “:”.";
        }
        Set<String> actions = Set.copyOf(List.of(sides[0].strip().split("\\s+")));
        if (!Lexicon.ACTIONS.containsAll(actions)) {
            return "“" + sides[0].strip() + "” names an unknown action.";
        }
        deeds.add(new Deed(hazard, actions, items(sides[1])));
        return null;
    }

    private static List<String> items(String list) {
        return List.of(list.strip().split("\\s*,\\s*"));
    }

    /** What the words call by name. */
    Set<String> said(Speech speech, int from, int to) {
        Set<String> found = new LinkedHashSet<>();
        phrases.forEach(
                (hazard, said) -> {
                    if (said.stream().anyMatch(p -> speech.has(from, to, p))) {
                        found.add(hazard);
                    }
                });
        return found;
    }

    /** What is dangerous in what is done. */
    Set<String> done(Speech speech, Finding f) {
        Set<String> found = new LinkedHashSet<>();
        for (Deed deed : deeds) {
            if (f.action != null
                    && deed.actions().contains(f.action)
                    && deed.things().stream()
                            .anyMatch(
                                    t ->
                                            f.parts.stream()
                                                            .anyMatch(
                                                                    p ->
                                                                            p.name().equals(t)
                                                                                    || t.contains(
                                                                                                    " ")
                                                                                            && p.name()
                                                                                                    .endsWith(
                                                                                                            t))
                                                    || (f.parts.isEmpty() || t.contains(" "))
                                                            && speech.has(f.from, f.to, t))) {
                found.add(deed.hazard());
            }
        }
        return found;
    }
}
