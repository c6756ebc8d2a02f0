package methodos.narration.vocabulary;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The closed classes of English; a word can stand in several. */
public enum WordClass {
    DETERMINER,
    POSSESSIVE,
    SUBJECT,
    OBJECT,
    BE,
    HAVE,
    DO,
    MODAL,
    NOT,
    PREPOSITION,
    PARTICLE,
    COORDINATOR,
    SUBORDINATOR,
    INTERROGATIVE,
    ADVERB,
    FILLER,
    LET,
    /** "a bit of grease": what is named stands behind "of". */
    PARTITIVE,
    /** Said of a thing without telling which it is. */
    EVALUATIVE,
    /** Nouns of which none is a thing that is worked on. */
    ABSTRACT,
    /** People, and parts of a person. */
    PERSON,
    /** What is read and looked up. */
    DOCUMENT,
    /** "at no time": what a denial before its verb is said with. */
    OCCASION,
    /** What a machine is called where several kinds are told apart. */
    UNIT,
    /** By which kinds of one machine are told apart. */
    AGE,
    /** Said of what is not good any more. */
    CONDEMNED,
    /** Said where degrees are those of a temperature. */
    WARMTH,
    /** What a part has on one side only, by which it is told which way round it goes. */
    FEATURE,
    /** Where goes what is not used again. */
    WASTE,
    /** Verbs that change nothing in the workshop: "do not worry". */
    MUSING,
    /** "rather than", "instead of": before what is not done. */
    REJECTING,
    /** Verbs that turn round what is denied: "do not forget". */
    REVERSING;

    /** Classes whose words name or describe something. */
    private static final Set<WordClass> OPEN = EnumSet.complementOf(EnumSet.range(DETERMINER, LET));

    private static final Map<String, Set<WordClass>> WORDS = new HashMap<>();

    /** Words that recognition and hearing write in one, with the words that they are made of. */
    private static final Map<String, List<String>> JOINED = new HashMap<>();

    static {
        Map<WordClass, Set<String>> classes = new EnumMap<>(WordClass.class);
        for (String line : WordList.lines("grammar.txt")) {
            int colon = line.indexOf(':');
            WordClass kind = valueOf(line.substring(0, colon).toUpperCase(Locale.ROOT));
            classes.put(
                    kind, new HashSet<>(List.of(line.substring(colon + 1).strip().split("\\s+"))));
        }
        classes.forEach(
                (kind, words) ->
                        words.forEach(
                                word ->
                                        WORDS.computeIfAbsent(
                                                        word, w -> EnumSet.noneOf(WordClass.class))
                                                .add(kind)));
        contractions(classes);
    }

    /** "dont", "youll", "theyre", "ive": what is left of two words without the apostrophe. */
    private static void contractions(Map<WordClass, Set<String>> classes) {
        for (String verb : List.of("is are was were do does did would should could must might")) {
            for (String one : verb.split(" ")) {
                JOINED.put(one + "nt", List.of(one, "not"));
            }
        }
        JOINED.put("dont", List.of("do", "not"));
        JOINED.put("cant", List.of("can", "not"));
        JOINED.put("wont", List.of("will", "not"));
        JOINED.put("havent", List.of("have", "not"));
        JOINED.put("hasnt", List.of("has", "not"));
        JOINED.put("hadnt", List.of("had", "not"));
        for (String subject :
                List.of("i", "you", "we", "he", "she", "they", "it", "that", "this")) {
            JOINED.put(subject + "ll", List.of(subject, "will"));
            JOINED.put(subject + "d", List.of(subject, "would"));
            JOINED.put(subject + "ve", List.of(subject, "have"));
            JOINED.put(subject + "re", List.of(subject, "are"));
            JOINED.put(subject + "s", List.of(subject, "is"));
        }
        JOINED.put("im", List.of("i", "am"));
        JOINED.put("thats", List.of("that", "is"));
        JOINED.put("whats", List.of("what", "is"));
        JOINED.put("theres", List.of("there", "is"));
        JOINED.put("heres", List.of("here", "is"));
        JOINED.put("lets", List.of("let", "us"));
        // words of their own that only look like two: "ill", "well", "were", "wed", "shed", "hell"
        Set.of(
                        "well", "were", "wed", "shed", "hell", "id", "is", "does", "thisd",
                        "thatre", "thisll")
                .forEach(JOINED::remove);
        JOINED.keySet()
                .removeIf(
                        word ->
                                classes.values().stream().anyMatch(c -> c.contains(word))
                                        && !Set.of(
                                                        "its", "lets", "cant", "aint", "well",
                                                        "theres", "heres")
                                                .contains(word));
    }

    /** The classes of a word, none for those that name or do something. */
    public static Set<WordClass> of(String word) {
        Set<WordClass> classes = WORDS.get(word);
        return classes == null ? Set.of() : classes;
    }

    /** The words that a contraction is made of; the word itself where it is none. */
    public static List<String> parts(String word) {
        return JOINED.getOrDefault(word, List.of(word));
    }

    /** Whether a word is of this class. */
    public boolean has(String word) {
        Set<WordClass> classes = WORDS.get(word);
        return classes != null && classes.contains(this);
    }

    /** All words of this class, as one of several in a pattern. */
    public String anyOf() {
        return WORDS.entrySet().stream()
                .filter(e -> e.getValue().contains(this))
                .map(Map.Entry::getKey)
                .sorted()
                .collect(Collectors.joining("|", "(?:", ")"));
    }

    /** Whether a word only holds a sentence together, in every reading. */
    public static boolean closed(String word) {
        return JOINED.containsKey(word) || of(word).stream().anyMatch(c -> !OPEN.contains(c));
    }
}
