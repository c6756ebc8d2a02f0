package methodos.narration.draft;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.hazard.Circumstances;
import methodos.core.hazard.HazardKind;
import methodos.core.hazard.HazardRule;
import methodos.core.hazard.HazardRules;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.narration.grammar.Utterance;

/** The hazards that words call by name, those of what is done, and those the work asks for. */
final class HazardsSaid {

    /**
     * What comes with a solvent, the mains or a chisel, whoever speaks and whether he says so or
     * not; of the other kinds the checks ask, and a statement is drafted where the words tell it.
     */
    private static final Set<HazardKind> UNSAID =
            EnumSet.of(HazardKind.CHEMICAL, HazardKind.ELECTRICAL, HazardKind.EYE_INJURY);

    private final HazardRules rules;
    private final Map<String, List<String>> phrases = new LinkedHashMap<>();
    private final List<Deed> deeds = new ArrayList<>();

    /** What is done to which things, by the rules' own lines for drafts. */
    private record Deed(String hazard, HazardRule.Drafted drafted) {}

    HazardsSaid(HazardRules rules) {
        this.rules = rules;
        for (HazardRule rule : rules.list()) {
            rule.kind().ifPresent(kind -> take(kind.code(), rule));
        }
    }

    private void take(String hazard, HazardRule rule) {
        rule.drafted().forEach(drafted -> deeds.add(new Deed(hazard, drafted)));
        for (List<String> words : rule.says()) {
            phrases.computeIfAbsent(hazard, k -> new ArrayList<>()).add(String.join(" ", words));
        }
    }

    /** What the words of a step call by name. */
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

    /** What is dangerous in what is done to the things that are named. */
    Set<String> done(String action, List<PartNamed> parts) {
        Set<String> found = new LinkedHashSet<>();
        for (Deed deed : deeds) {
            boolean named =
                    parts.stream()
                            .anyMatch(
                                    p ->
                                            deed.drafted.things().stream()
                                                    .anyMatch(t -> named(p.name(), t)));
            if (named && deed.drafted.actions().contains(action)) {
                found.add(deed.hazard);
            }
        }
        return found;
    }

    private static boolean named(String part, String thing) {
        return part.equals(thing) || part.endsWith(" " + thing);
    }

    /** What a statement has to tell before the work that a sentence asks for. */
    Set<String> asked(String sentence, List<PartNamed> parts) {
        Set<String> asked = new LinkedHashSet<>();
        List<String> names = parts.stream().map(PartNamed::name).toList();
        for (HazardRule rule : rules.askedBy(sentence, new Circumstances(List.of(), names, ""))) {
            rule.kind().filter(UNSAID::contains).map(HazardKind::code).ifPresent(asked::add);
        }
        return asked;
    }
}
