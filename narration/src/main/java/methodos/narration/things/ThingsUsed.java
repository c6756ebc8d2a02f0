package methodos.narration.things;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.SpokenNumber;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Things;
import methodos.narration.vocabulary.WordClass;

/** What a step is done with, and what it uses up. */
public final class ThingsUsed {

    private static final Set<String> WITH = Set.of("with", "using", "use");
    private static final Set<String> WITHOUT = Set.of("without", "no", "not", "never");

    /** What is done to a thing with a hand or a tool, so that "with" names one. */
    private static final Set<String> BY_TOOL =
            Set.of(
                    "remove",
                    "loosen",
                    "tighten",
                    "hand-tighten",
                    "turn",
                    "push",
                    "pull",
                    "tap",
                    "press",
                    "heat",
                    "clean",
                    "inspect",
                    "measure",
                    "mark",
                    "adjust",
                    "cut",
                    "bend",
                    "lift",
                    "lower",
                    "support",
                    "secure",
                    "release",
                    "test",
                    "align",
                    "cool");

    /** Where a consumable is the thing that is worked on, unless it is worked with. */
    private static final Set<String> ON_IT =
            Set.of(
                    "inspect",
                    "measure",
                    "remove",
                    "drain",
                    "test",
                    "record",
                    "lift",
                    "lower",
                    "clean",
                    "loosen",
                    "disconnect",
                    "isolate",
                    "restore",
                    "discard",
                    "mark");

    /** Behind these a consumable says where, and is not used. */
    private static final Set<String> SIDES =
            Set.of("facing", "towards", "toward", "for", "under", "from", "of", "until", "than");

    /** Tags of words that names are made of. */
    private static final Set<String> NAMING = Set.of("NOUN", "ADJ", "PROPN");

    private static final int LONGEST = 3;
    private static final int MOST_DESCRIBING = 3;

    private final Utterance said;
    private final Things known;
    private final String action;

    /**
     * @param action what is done
     */
    public ThingsUsed(Utterance said, String action) {
        this.said = said;
        this.known = said.vocabulary().things();
        this.action = action;
    }

    /**
     * The tools among some things.
     *
     * @param named what is named within the words of the step
     * @param actedOn those of them that something is done to
     */
    public List<ToolNamed> tools(List<NounPhrase> named, List<NounPhrase> actedOn) {
        List<ToolNamed> tools = new ArrayList<>();
        for (NounPhrase np : named) {
            tool(np, actedOn).filter(t -> !tools.contains(t)).ifPresent(tools::add);
        }
        return tools;
    }

    private Optional<ToolNamed> tool(NounPhrase np, List<NounPhrase> actedOn) {
        String before = wordBefore(np.from());
        if (WITHOUT.contains(before) || WITHOUT.contains(said.word(np.from()))) {
            return Optional.empty();
        }
        boolean with = with(np);
        boolean first = !actedOn.isEmpty() && actedOn.get(0).equals(np);
        boolean listed = actedOn.contains(np) && !first;
        List<String> words = List.of(np.name().split(" "));
        List<String> heard = List.of(said.text(np.from(), np.to()).split(" "));
        Optional<Things.Ending> ending = known.toolAtEnd(words);
        if (ending.isPresent()) {
            boolean doubtful = ending.get().named().doubtful();
            boolean worked = with || np.size() != null && !first;
            boolean alone = actedOn.size() == 1 && first && np.size() != null;
            if (worked || alone || !doubtful && (listed || !actedOn.contains(np))) {
                return Optional.of(new ToolNamed(print(np, ending.get()), np.size()));
            }
            return Optional.empty();
        }
        boolean thing =
                !known.names(np.head())
                        && !WordClass.PERSON.has(np.head())
                        && !WordClass.ABSTRACT.has(np.head())
                        && known.consumableAtEnd(words).isEmpty()
                        && known.consumableAtEnd(heard).isEmpty();
        boolean worked = WITH.contains(before) && BY_TOOL.contains(action) && thing;
        return worked ? Optional.of(new ToolNamed(np.name(), np.size())) : Optional.empty();
    }

    /** "with a rag", "with a rag and a brush" */
    private boolean with(NounPhrase np) {
        int at = said.previous(np.from());
        String before = said.word(at);
        if (!before.equals("and") && !before.equals("or")) {
            return WITH.contains(before);
        }
        for (int i = at; i > Math.max(0, at - 6) && said.mark(i - 1).isEmpty(); i--) {
            if (WITH.contains(said.word(i)) && !said.verb(i)) {
                return true;
            }
        }
        return false;
    }

    private static String print(NounPhrase np, Things.Ending ending) {
        String[] words = np.name().split(" ");
        String head =
                String.join(
                        " ", List.of(words).subList(words.length - ending.words(), words.length));
        return ending.named().print().equals(head) ? np.name() : ending.named().print();
    }

    private String wordBefore(int i) {
        return said.word(said.previous(i));
    }

    /** The consumables that are used up within a stretch of words. */
    public Set<String> consumables(int from, int to) {
        Set<String> used = new LinkedHashSet<>();
        int i = from;
        while (i < to) {
            int behind = i + 1;
            for (int n = Math.min(LONGEST, to - i); n > 0; n--) {
                if (consumable(i, n)) {
                    int start = beginning(i, from);
                    if (usedUp(start, i, n)) {
                        used.add(name(start, i + n));
                    }
                    behind = i + n;
                    break;
                }
            }
            i = behind;
        }
        return used;
    }

    private boolean consumable(int i, int n) {
        for (int k = i; k < i + n - 1; k++) {
            if (!said.mark(k).isEmpty()) {
                return false;
            }
        }
        boolean parted = !said.mark(i + n - 1).isEmpty();
        String after = parted ? "" : said.word(i + n);
        boolean compound =
                !after.isEmpty()
                        && !WordClass.closed(after)
                        && known.names(after)
                        && !said.verb(i + n);
        return known.consumable(said.text(i, i + n)).isPresent()
                && !compound
                && !(n == 1 && said.verb(i));
    }

    /** The first word of a name whose last ones are known. */
    private int beginning(int i, int from) {
        int start = i;
        while (start > from && i - start < MOST_DESCRIBING && describes(start - 1)) {
            start--;
        }
        return start;
    }

    private boolean describes(int i) {
        String w = said.word(i);
        boolean graded =
                said.number(i) && Set.of("number", "grade", "type").contains(said.word(i - 1));
        return said.mark(i).isEmpty()
                && (graded
                        || NAMING.contains(said.tag(i))
                                && !WordClass.closed(w)
                                && !WordClass.PARTITIVE.has(w)
                                && !WordClass.EVALUATIVE.has(w)
                                && !said.number(i)
                                && !said.verb(i));
    }

    private boolean usedUp(int start, int i, int n) {
        int p = start - 1;
        while (p >= 0
                && said.mark(p).isEmpty()
                && (said.filler(p)
                        || WordClass.DETERMINER.has(said.word(p)) && !said.word(p).equals("no")
                        || WordClass.EVALUATIVE.has(said.word(p)))) {
            p--;
        }
        String before = p < 0 || !said.mark(p).isEmpty() ? "" : said.word(p);
        boolean part = before.equals("of") && WordClass.PARTITIVE.has(said.word(p - 1));
        if (WITHOUT.contains(before) || before.equals("any") || !part && SIDES.contains(before)) {
            return false;
        }
        boolean with = WITH.contains(before) || before.equals("in") || before.equals("and");
        boolean listed = before.isEmpty() && !said.verb(start);
        return !ON_IT.contains(action) || with || listed && action.equals("clean");
    }

    private String name(int start, int to) {
        String name = said.text(start, to);
        if (said.word(to).equals("grade")
                && said.mark(to).isEmpty() | said.mark(to - 1).equals(",")) {
            Optional<SpokenNumber> grade = SpokenNumber.at(said.tokens(), to + 1);
            if (grade.isPresent()) {
                return name + " " + grade.get().value().toDecimal();
            }
        }
        return name;
    }
}
