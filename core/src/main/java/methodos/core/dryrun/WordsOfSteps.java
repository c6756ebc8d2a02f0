package methodos.core.dryrun;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
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

    private final Map<Id<Part>, String> heads = new HashMap<>();
    private final Set<Id<Part>> picked = new HashSet<>();
    private final Function<String, Said> said;

    WordsOfSteps(
            Manual manual,
            Function<String, List<String>> names,
            Function<String, Said> said,
            Stumbles stumbles) {
        this.manual = manual;
        this.said = said;
        this.stumbles = stumbles;
        for (Part part : manual.parts()) {
            parts.put(part.id(), part);
            List<String> name = names.apply(part.name());
            heads.put(part.id(), name.isEmpty() ? "" : name.get(name.size() - 1));
        }
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
        Said words = said.apply(name);
        for (String one : words.ones()) {
            if (DryRunWords.is("things", one)) {
                listed.computeIfAbsent(one, k -> new HashSet<>()).addAll(words.words());
            }
        }
    }

    void at(Step step) {
        Said words = said.apply(step.text());
        unlisted(step, words);
        counts(step, words);
        chosen(step, words);
        puts(step, words);
        step.joints().stream()
                .map(joints::get)
                .filter(j -> j != null)
                .forEach(j -> orderTold(step, j));
    }

    /** An aid that is there from this step on, of which nobody is told to put it there. */
    private void puts(Step step, Said words) {
        for (int i = 0; i < words.size(); i++) {
            String word = words.words().get(i);
            if (DryRunWords.is("puts", word)
                    || DryRunWords.is("putsThing", word) && verb(words, i)) {
                return;
            }
        }
        for (Action action : step.actions()) {
            if (action.verb() == Action.Verb.PUT_IN_PLACE) {
                manual.ledgerItem(action.object())
                        .ifPresent(
                                i ->
                                        stumbles.add(
                                                Rule.NEVER_PUT_THERE,
                                                ".untold",
                                                step,
                                                i.id().text(),
                                                i.name()));
            }
        }
    }

    /** A thing of which no list says what and where it is. */
    private void unlisted(Step step, Said words) {
        for (int i = 0; i < words.size(); i++) {
            String head = words.ones().get(i);
            if (!DryRunWords.is("things", head) || verb(words, i)) {
                continue;
            }
            Set<String> known = listed.get(head);
            if (known == null) {
                stumbles.add(Rule.NOT_LISTED, "", step, head, phrase(words, i, head));
                continue;
            }
            for (int k = Math.max(0, i - BEFORE_HEAD); k < i; k++) {
                String kind = words.words().get(k);
                if (DryRunWords.is("kinds", kind) && !known.contains(kind)) {
                    stumbles.add(Rule.NOT_LISTED, "", step, head, phrase(words, k, head));
                }
            }
        }
    }

    /** "Clamp the body": what begins a sentence, or stands behind "and", is done. */
    private static boolean verb(Said words, int at) {
        return words.ones().get(at).equals(words.words().get(at))
                && (at == 0 || DryRunWords.is("beforeVerb", words.words().get(at - 1)))
                && at + 1 < words.size();
    }

    private static String phrase(Said words, int from, String head) {
        int to = from;
        while (!words.ones().get(to).equals(head)) {
            to++;
        }
        return String.join(" ", words.words().subList(from, to + 1));
    }

    /** As many as the words say. */
    private void counts(Step step, Said words) {
        for (int i = 0; i < words.size(); i++) {
            int number = DryRunWords.number(words.words().get(i));
            if (number < 2) {
                continue;
            }
            int at = i;
            step.parts().stream()
                    .map(u -> heads.get(u.part()))
                    .filter(h -> h != null)
                    .distinct()
                    .filter(head -> follows(words, at, head))
                    .forEach(head -> counted(step, head, number));
        }
    }

    private static boolean follows(Said words, int number, String head) {
        for (int i = number + 1; i <= number + BEFORE_HEAD && i < words.size(); i++) {
            String word = words.words().get(i);
            if (DryRunWords.number(word) > 0 || DryRunWords.is("endsName", word)) {
                return false;
            }
            if (words.ones().get(i).equals(head)) {
                return !word.equals(head);
            }
        }
        return false;
    }

    private void counted(Step step, String head, int number) {
        int used =
                step.parts().stream()
                        .filter(u -> head.equals(heads.get(u.part())))
                        .mapToInt(PartUse::count)
                        .sum();
        if (used != number) {
            stumbles.add(
                    Rule.COUNTS_DIFFER, "", step, head, Nouns.plural(head, number), number, used);
        }
    }

    /** What goes on as "the chosen one" was chosen before. */
    private void chosen(Step step, Said words) {
        if (words.words().stream().anyMatch(w -> DryRunWords.is("picks", w))) {
            step.parts().forEach(u -> picked.add(u.part()));
        }
        if (words.words().stream().noneMatch(w -> DryRunWords.is("picked", w))) {
            return;
        }
        for (PartUse use : step.parts()) {
            Part part = parts.get(use.part());
            if (part == null || picked.contains(use.part())) {
                continue;
            }
            int at = words.ones().indexOf(heads.get(use.part()));
            for (int i = Math.max(0, at - BEFORE_HEAD); i < at; i++) {
                if (DryRunWords.is("picked", words.words().get(i))) {
                    stumbles.add(Rule.NOT_CHOSEN, "", step, part.id().text(), part.label());
                }
            }
        }
    }

    /** Which screw is which, where they are tightened across. */
    private void orderTold(Step step, Joint joint) {
        if (joint.count() < ROUND
                || said.apply(step.text()).words().stream()
                        .noneMatch(w -> DryRunWords.is("round", w))) {
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
