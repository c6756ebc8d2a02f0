package methodos.core.speech;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.scan.Scan;

/**
 * The narration of a clip word by word.
 *
 * <p>A caption says when its first word begins and its last one ends. What lies between is shared
 * out by the length of the words, with something for the gap between two, which is nearer to speech
 * than equal shares. Where the sound is known, its pauses are left out.
 *
 * @param words in the order of the captions
 * @param captionOf for each word the place of its caption in the list
 */
public record Transcript(List<Word> words, List<Integer> captionOf) {

    private static final double GAP_IN_LETTERS = 2;

    public Transcript {
        words = List.copyOf(words);
        captionOf = List.copyOf(captionOf);
    }

    /** The words of captions, each with its time. */
    public static Transcript of(Captions captions) {
        return of(captions, List.of());
    }

    /**
     * @param pauses where nobody speaks; no word is placed there, unless a caption has no other
     *     room
     */
    public static Transcript of(Captions captions, List<Scan.Pause> pauses) {
        List<Word> words = new ArrayList<>();
        List<Integer> captionOf = new ArrayList<>();
        for (int c = 0; c < captions.captions().size(); c++) {
            Caption caption = captions.captions().get(c);
            List<String> said =
                    Arrays.stream(caption.words().strip().split("\\s+"))
                            .filter(word -> !word.isEmpty())
                            .toList();
            double letters = said.stream().mapToDouble(Transcript::length).sum();
            SpokenTime spoken = SpokenTime.of(caption, pauses);
            double before = 0;
            for (String word : said) {
                double behind = before + length(word);
                words.add(
                        new Word(
                                word,
                                spoken.startingAt(before / letters),
                                spoken.endingAt(behind / letters)));
                captionOf.add(c);
                before = behind;
            }
        }
        return new Transcript(words, captionOf);
    }

    private static double length(String word) {
        return word.length() + GAP_IN_LETTERS;
    }

    /** The words from one place up to another, unchanged. */
    public String quote(int from, int to) {
        return words.subList(from, to).stream().map(Word::said).collect(Collectors.joining(" "));
    }

    /**
     * Share of the words after which a sentence ends, 0 to 1: near 0 where nothing is punctuated.
     */
    public double punctuation() {
        long ends = words.stream().filter(w -> w.said().matches(".*[.!?,;:][\"')\\]]*")).count();
        return words.isEmpty() ? 0 : (double) ends / words.size();
    }
}
