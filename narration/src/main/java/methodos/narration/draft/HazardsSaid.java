package methodos.narration.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.hazard.HazardRule;
import methodos.core.hazard.HazardRules;
import methodos.narration.grammar.Utterance;

/** The hazards that words call by name, and those of what is done. */
final class HazardsSaid {

    private record Deed(String hazard, Set<String> actions, List<String> things) {}

    private final Map<String, List<String>> phrases = new LinkedHashMap<>();
    private final List<Deed> deeds = new ArrayList<>();

    HazardsSaid(HazardRules rules) {
        for (HazardRule rule : rules.list()) {
            rule.kind().ifPresent(kind -> take(kind.code(), rule));
        }
    }

    private void take(String hazard, HazardRule rule) {
        if (!rule.says().isEmpty()) {
            List<String> said = phrases.computeIfAbsent(hazard, k -> new ArrayList<>());
            rule.says().forEach(words -> said.add(String.join(" ", words)));
        }
        for (HazardRule.Drafted drafted : rule.drafted()) {
            deeds.add(new Deed(hazard, Set.copyOf(drafted.actions()), drafted.things()));
        }
    }

    /** What the words call by name. */
    Set<String> said(Utterance speech, int from, int to) {
        Set<String> found = new LinkedHashSet<>();
        phrases.forEach(
                (hazard, said) -> {
                    if (said.stream().anyMatch(p -> speech.find(from, to, p) >= 0)) {
                        found.add(hazard);
                    }
                });
        return found;
    }

    /** What is dangerous in what is done. */
    Set<String> done(Utterance speech, Sketch f) {
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
                                                            && speech.find(f.from, f.to, t) >= 0)) {
                found.add(deed.hazard());
            }
        }
        return found;
    }
}
