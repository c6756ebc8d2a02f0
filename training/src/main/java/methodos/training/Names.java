package methodos.training;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.vocabulary.Nouns;

/** When two names, sizes or phrases say the same. */
final class Names {

    private static final Set<String> GENERIC =
            Set.of("assembly", "set", "unit", "pair", "pack", "kit", "half");
    private static final Map<String, String> ALIKE =
            Map.ofEntries(
                    Map.entry("bushing", "bush"),
                    Map.entry("snapring", "circlip"),
                    Map.entry("retainingring", "circlip"),
                    Map.entry("wrench", "spanner"),
                    Map.entry("gauge", "gage"),
                    Map.entry("nut", "locknut"),
                    Map.entry("vice", "vise"),
                    Map.entry("wheel", "handwheel"),
                    Map.entry("ohmmeter", "meter"),
                    Map.entry("multimeter", "meter"),
                    Map.entry("prop", "brace"),
                    Map.entry("picture", "photo"));
    private static final Pattern OF =
            Pattern.compile("\\b(?:of|from|on|in|for|with|at|to)\\b|[(,]");
    private static final Pattern WORD = Pattern.compile("[a-z0-9/.#%]+");
    private static final Pattern INCHES = Pattern.compile("(?:(\\d+)-)?(\\d+)/(\\d+)(?:in)?");
    private static final Set<String> SMALL =
            Set.of(
                    "the", "a", "an", "of", "on", "in", "to", "if", "is", "are", "with", "and",
                    "than");

    private Names() {}

    /** The words by which the heads of names are compared. */
    static Set<String> heads(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT)
                        .replaceAll("\\b(snap|retaining)[ -]rings?\\b", "$1ring");
        List<String> words = words(OF.split(plain, 2)[0]);
        if (words.isEmpty()) {
            words = words(plain);
        }
        Set<String> heads = new HashSet<>();
        if (!words.isEmpty()) {
            String last = words.get(words.size() - 1);
            heads.add(ALIKE.getOrDefault(last, last));
            if (GENERIC.contains(last) && words.size() > 1) {
                String before = words.get(words.size() - 2);
                heads.add(ALIKE.getOrDefault(before, before));
            }
        }
        return heads;
    }

    static List<String> words(String text) {
        Matcher m = WORD.matcher(text.toLowerCase(Locale.ROOT).replace("'s", ""));
        return m.results()
                .map(r -> Nouns.singular(r.group()))
                .filter(w -> !w.matches("\\d+"))
                .toList();
    }

    /** A size in one way of writing it: "3/4 in" as "0.75in". */
    static String size(String size) {
        String plain =
                size.toLowerCase(Locale.ROOT)
                        .replace("×", "x")
                        .replaceAll("\\b(millimet(er|re)s?|mil)\\b", "mm")
                        .replaceAll("\\binch(es)?\\b", "in")
                        .replaceAll("(?<=\\d)\\s+(?=\\d+/\\d)", "-")
                        .replaceAll("\\s*by\\s*", "x")
                        .replaceAll("\\s+", "");
        Matcher inches = INCHES.matcher(plain);
        if (inches.matches()) {
            double whole = inches.group(1) == null ? 0 : Double.parseDouble(inches.group(1));
            double part = Double.parseDouble(inches.group(2)) / Double.parseDouble(inches.group(3));
            return String.format(Locale.ROOT, "%.4fin", whole + part);
        }
        return plain.replaceAll("(?<=\\d)\\.0+(?=\\D|$)", "");
    }

    /** Whether two phrases share half of the words that count in the shorter one. */
    static boolean alike(String one, String other) {
        Set<String> a = new HashSet<>(words(one));
        Set<String> b = new HashSet<>(words(other));
        a.removeAll(SMALL);
        b.removeAll(SMALL);
        int least = Math.min(a.size(), b.size());
        a.retainAll(b);
        return !a.isEmpty() && a.size() >= 0.5 * least;
    }

    /** Whether two names share a third of all their words. */
    static boolean overlap(String one, String other) {
        Set<String> a = new HashSet<>(words(one));
        Set<String> all = new HashSet<>(words(other));
        Set<String> both = new HashSet<>(a);
        both.retainAll(all);
        all.addAll(a);
        return !both.isEmpty() && both.size() >= 0.33 * all.size();
    }

    static boolean shares(Set<String> one, Set<String> other) {
        return one.stream().anyMatch(other::contains);
    }
}
