package methodos.narration.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.Nouns;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.WordClass;

/** Reads the things that are named from a place on. */
public final class NounPhrases {

    private static final int LONGEST = 6;
    private static final int MOST = 200;
    private static final Pattern TIMES = Pattern.compile("\\d{1,3}x");

    private final Utterance said;
    private final int from;
    private final int end;
    private int at;
    private Integer quantity;
    private String size;
    private boolean fresh;
    private boolean definite;
    private final List<String> names = new ArrayList<>();

    private NounPhrases(Utterance said, int from, int end) {
        this.said = said;
        this.from = from;
        this.at = from;
        this.end = end;
    }

    /** The thing that is named from a place on and ends before another, if one is. */
    public static Optional<NounPhrase> at(Utterance said, int from, int end) {
        return Optional.ofNullable(new NounPhrases(said, from, Math.min(end, said.size())).read());
    }

    private NounPhrase read() {
        if (!determiners()) {
            return null;
        }
        while (at < end && names.size() < LONGEST) {
            if (said.filler(at) && !names.isEmpty() && at + 1 < end && nameable(at + 1)) {
                at++;
                continue;
            }
            int before = at;
            if (!(count() || sized() || name())) {
                break;
            }
            if (at > before && (!said.mark(at - 1).isEmpty() || closedByPlural())) {
                break;
            }
        }
        return names.isEmpty() ? null : phrase();
    }

    /** "wheels | flange": a plural names several, and does not describe what follows. */
    private boolean closedByPlural() {
        String last = said.word(at - 1);
        return !names.isEmpty()
                && names.get(names.size() - 1).equals(last)
                && Nouns.plural(last)
                && at < end
                && said.vocabulary().things().names(last);
    }

    /** False where the words stand for a thing and name none: "that", "it". */
    private boolean determiners() {
        while (at < end) {
            String w = said.word(at);
            boolean determiner = WordClass.DETERMINER.has(w) || WordClass.POSSESSIVE.has(w);
            if (!determiner && !said.filler(at) && !(w.equals("of") && at > from)) {
                return true;
            }
            if (!said.mark(at).isEmpty()) {
                return false;
            }
            if (w.equals("both")) {
                quantity = 2;
            }
            if (w.equals("a") && said.word(at + 1).equals("couple")) {
                return true;
            }
            if (w.equals("one") && at + 1 < end && !nameable(at + 1)) {
                return false;
            }
            definite |= determiner && !w.equals("a") && !w.equals("an") && !w.equals("some");
            at++;
        }
        return false;
    }

    private NounPhrase phrase() {
        String name = String.join(" ", names);
        String head = names.get(names.size() - 1);
        if (WordClass.PARTITIVE.has(head)
                && said.word(at).equals("of")
                && said.mark(at - 1).isEmpty()) {
            Optional<NounPhrase> within = at(said, at + 1, end);
            if (within.isPresent()) {
                NounPhrase w = within.get();
                Integer count = quantity != null && w.quantity() == null ? quantity : w.quantity();
                return new NounPhrase(
                        from,
                        w.to(),
                        w.name(),
                        head.equals("pair") ? null : count,
                        size == null ? w.size() : size,
                        fresh || w.fresh(),
                        definite || w.definite(),
                        w.plural());
            }
        }
        boolean plural = Nouns.plural(name) || quantity != null && quantity > 1;
        return new NounPhrase(
                from, at, Nouns.singular(name), quantity, size, fresh, definite, plural);
    }

    /** "four", "a couple of", "2 x". */
    private boolean count() {
        Optional<Measure> measure = said.measureAt(at);
        if (!names.isEmpty()
                || measure.isPresent() && !measure.get().bare() && !measure.get().cycles()) {
            return false;
        }
        Optional<SpokenNumber> number = SpokenNumber.at(said.tokens(), at);
        Optional<Integer> n =
                TIMES.matcher(said.word(at)).matches()
                        ? Optional.of(Integer.valueOf(said.word(at).replace("x", "")))
                        : number.flatMap(SpokenNumber::count).filter(c -> c <= MOST);
        if (n.isEmpty()) {
            return false;
        }
        int behind = at + number.map(SpokenNumber::used).orElse(1);
        if (said.word(behind).equals("x") || said.word(behind).equals("of")) {
            behind++;
            while (behind < end && WordClass.DETERMINER.has(said.word(behind))) {
                behind++;
            }
        }
        if (behind >= end || !said.mark(behind - 1).isEmpty()) {
            return false;
        }
        if (!nameable(behind) && !said.number(behind) && Sizes.at(said, behind, end) == null) {
            return false;
        }
        if (quantity == null) {
            quantity = n.get();
        }
        at = behind;
        return true;
    }

    /** "M8 by 25", "six mil", "half inch pipe thread", "number twelve". */
    private boolean sized() {
        Sizes.Size found = Sizes.at(said, at, end);
        if (found == null || !names.isEmpty() && !found.thread()) {
            return false;
        }
        boolean more =
                found.to() < end && nameable(found.to()) && said.mark(found.to() - 1).isEmpty();
        if (!more && (names.isEmpty() || !found.thread())) {
            return false;
        }
        size = found.print();
        at = found.to();
        return true;
    }

    private boolean name() {
        if (!nameable(at)) {
            return false;
        }
        String w = said.word(at);
        boolean more = at + 1 < end && said.mark(at).isEmpty() && nameable(at + 1);
        if (w.equals("new") || w.equals("fresh") || w.equals("replacement")) {
            if (!names.isEmpty() || !more && !w.equals("replacement")) {
                return false;
            }
            fresh = true;
        } else if (!WordClass.EVALUATIVE.has(w)) {
            names.add(w);
        } else if (!more) {
            return false;
        }
        at++;
        return true;
    }

    /** Whether the word may be part of a name here. */
    private boolean nameable(int i) {
        String w = said.word(i);
        if (w.isEmpty() || said.filler(i) || !Character.isLetterOrDigit(w.charAt(0))) {
            return false;
        }
        boolean more = i + 1 < end && said.mark(i).isEmpty();
        if (WordClass.closed(w)) {
            boolean describes =
                    (WordClass.ADVERB.has(w) || w.equals("inside") || w.equals("outside"))
                            && !WordClass.PARTICLE.has(w)
                            && more
                            && (names.isEmpty() && i > from)
                            && said.tag(i).equals("ADJ");
            return describes && nameable(i + 1);
        }
        if (said.number(i)) {
            return w.matches("\\d{4,5}");
        }
        if (said.measureAt(i).filter(m -> !m.bare()).isPresent()) {
            return false;
        }
        Optional<Act.Met> met = said.act(i);
        if (met.isPresent()) {
            return verbAsName(i, met.get(), more);
        }
        String tag = said.tag(i);
        if (tag.equals("VERB")) {
            return i > from && i > 0 && WordClass.DETERMINER.has(said.word(i - 1))
                    || !said.vocabulary().things().part(w).isEmpty()
                    || Nouns.plural(w);
        }
        if (tag.equals("ADV")) {
            return !said.vocabulary().things().part(w).isEmpty();
        }
        return !tag.equals("INTJ") && !tag.equals("PRON");
    }

    private boolean verbAsName(int i, Act.Met met, boolean more) {
        String before = i > from ? said.word(i - 1) : "";
        boolean determined =
                WordClass.DETERMINER.has(before)
                        || WordClass.POSSESSIVE.has(before)
                        || i > 0 && said.number(i - 1) && said.mark(i - 1).isEmpty();
        boolean object = more && said.beginsObject(said.next(i)) && !determined;
        return switch (met.form()) {
            case BASE -> determined || met.act().noun() && !object;
            case THIRD_PERSON -> determined || met.act().noun() && !object && !movesOff(i);
            case PAST, PARTICIPLE, ING ->
                    more
                            && !object
                            && !WordClass.closed(said.word(i + 1))
                            && (determined || names.isEmpty() && !said.verb(i));
        };
    }

    /** "the housing | lifts off": a thing with what it does, not "cover bolts out". */
    private boolean movesOff(int i) {
        boolean part =
                said.vocabulary().things().part(said.word(i)).stream()
                        .anyMatch(kind -> !kind.equals("whole"));
        return !names.isEmpty()
                && !part
                && said.mark(i).isEmpty()
                && WordClass.PARTICLE.has(said.word(i + 1));
    }
}
