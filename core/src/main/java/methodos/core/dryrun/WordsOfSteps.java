package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.vocabulary.Nouns;

/** Whether the words of a step speak of what is known: listed things, as many, chosen, in order. */
final class WordsOfSteps {

    private static final int BEFORE_HEAD = 3;
    private static final int ROUND = 4;

    private final Manual manual;
    private final Stumbles stumbles;
    private final Map<Id<Part>, Part> parts = new HashMap<>();
    private final Map<Id<Joint>, Joint> joints = new HashMap<>();

    /** For each last word of a name in a list, the words that stand with it anywhere. */
    private final Map<String, Set<String>> listed = new HashMap<>();

    private final Set<Id<Part>> picked = new HashSet<>();

    WordsOfSteps(Manual manual, Stumbles stumbles) {
        this.manual = manual;
        this.stumbles = stumbles;
        manual.parts().forEach(p -> parts.put(p.id(), p));
        manual.joints().forEach(j -> joints.put(j.id(), j));
        names().forEach(this::list);
    }

    private Stream<String> names() {
        return Stream.of(
                        manual.parts().stream().map(p -> p.label() + " " + p.note()),
                        manual.tools().stream().map(t -> t.label() + " " + t.note()),
                        manual.consumables().stream().map(c -> c.label()),
                        manual.ledgerItems().stream().map(i -> i.name() + " " + i.note()),
                        manual.joints().stream().map(Joint::name),
                        manual.energies().stream().map(e -> e.name() + " " + e.madeSafe()))
                .flatMap(s -> s);
    }

    private void list(String name) {
        List<String> words = DryRunWords.words(name);
        for (String word : words) {
            String one = Nouns.singular(word);
            if (DryRunWords.is("things", one)) {
                listed.computeIfAbsent(one, k -> new HashSet<>()).addAll(words);
            }
        }
    }

    void at(Step step) {
        List<String> words = DryRunWords.words(step.text());
        unlisted(step, words);
        counts(step, words);
        chosen(step);
        step.joints().stream()
                .map(joints::get)
                .filter(j -> j != null)
                .forEach(j -> orderTold(step, j));
    }

    /** A thing of which no list says what and where it is. */
    private void unlisted(Step step, List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            String head = Nouns.singular(words.get(i));
            if (!DryRunWords.is("things", head) || verb(words, i)) {
                continue;
            }
            Set<String> known = listed.get(head);
            if (known == null) {
                stumbles.add(Rule.NOT_LISTED, "", step, head, phrase(words, i, head));
                continue;
            }
            for (int k = Math.max(0, i - BEFORE_HEAD); k < i; k++) {
                if (DryRunWords.is("kinds", words.get(k)) && !known.contains(words.get(k))) {
                    stumbles.add(Rule.NOT_LISTED, "", step, head, phrase(words, k, head));
                }
            }
        }
    }

    /** "Clamp the body": what begins a sentence, or stands behind "and", is done. */
    private static boolean verb(List<String> words, int at) {
        return Nouns.singular(words.get(at)).equals(words.get(at))
                && (at == 0 || Set.of("and", "then", "to", "or").contains(words.get(at - 1)))
                && at + 1 < words.size();
    }

    private static String phrase(List<String> words, int from, String head) {
        List<String> all = new ArrayList<>();
        for (int i = from; i < words.size(); i++) {
            all.add(words.get(i));
            if (Nouns.singular(words.get(i)).equals(head)) {
                break;
            }
        }
        return String.join(" ", all);
    }

    /** As many as the words say. */
    private void counts(Step step, List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            int said = DryRunWords.number(words.get(i));
            if (said < 2) {
                continue;
            }
            int at = i;
            step.parts().stream()
                    .map(u -> parts.get(u.part()))
                    .filter(p -> p != null)
                    .map(p -> DryRunWords.head(p.name()))
                    .distinct()
                    .filter(head -> follows(words, at, head))
                    .forEach(head -> counted(step, head, said));
        }
    }

    private static boolean follows(List<String> words, int number, String head) {
        for (int i = number + 1; i <= number + BEFORE_HEAD && i < words.size(); i++) {
            if (DryRunWords.number(words.get(i)) > 0
                    || Set.of("of", "in", "on", "to", "with", "and").contains(words.get(i))) {
                return false;
            }
            if (Nouns.singular(words.get(i)).equals(head)) {
                return !words.get(i).equals(head);
            }
        }
        return false;
    }

    private void counted(Step step, String head, int said) {
        int used =
                step.parts().stream()
                        .filter(u -> parts.containsKey(u.part()))
                        .filter(u -> DryRunWords.head(parts.get(u.part()).name()).equals(head))
                        .mapToInt(PartUse::count)
                        .sum();
        if (used != said) {
            stumbles.add(Rule.COUNTS_DIFFER, "", step, head, Nouns.plural(head, said), said, used);
        }
    }

    /** What goes on as "the chosen one" was chosen before. */
    private void chosen(Step step) {
        if (DryRunWords.has("picks", step.text())) {
            step.parts().forEach(u -> picked.add(u.part()));
        }
        if (!DryRunWords.has("picked", step.text())) {
            return;
        }
        List<String> words = DryRunWords.words(step.text());
        for (PartUse use : step.parts()) {
            Part part = parts.get(use.part());
            if (part == null || picked.contains(use.part())) {
                continue;
            }
            int at = Phrases.at(words, List.of(DryRunWords.head(part.name())), 0);
            for (int i = Math.max(0, at - BEFORE_HEAD); i < at; i++) {
                if (DryRunWords.is("picked", words.get(i))) {
                    stumbles.add(Rule.NOT_CHOSEN, "", step, part.id().text(), part.label());
                }
            }
        }
    }

    /** Which screw is which, where they are tightened across. */
    private void orderTold(Step step, Joint joint) {
        if (joint.count() < ROUND || !DryRunWords.has("round", step.text())) {
            return;
        }
        boolean drawn =
                manual.steps()
                        .filter(s -> s.id().equals(step.id()) || s.joints().contains(joint.id()))
                        .flatMap(s -> s.figures().stream())
                        .flatMap(f -> manual.figure(f).stream())
                        .flatMap(f -> f.marks().stream())
                        .anyMatch(m -> m instanceof Mark.ScrewOrder);
        if (!drawn) {
            stumbles.add(Rule.ORDER_UNTOLD, "", step, joint.id().text(), joint.name());
        }
    }
}
