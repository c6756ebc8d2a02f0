package methodos.core.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;

/**
 * The narration of a clip word by word.
 *
 * <p>A caption says when its first word begins and its last one ends. What lies between is shared
 * out by the length of the words, with something for the gap between two, which is nearer to speech
 * than equal shares.
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

    public static Transcript of(Captions captions) {
        List<Word> words = new ArrayList<>();
        List<Integer> captionOf = new ArrayList<>();
        for (int c = 0; c < captions.captions().size(); c++) {
            Caption caption = captions.captions().get(c);
            String[] said = caption.words().strip().split("\\s+");
            double letters = 0;
            for (String word : said) {
                letters += word.length() + GAP_IN_LETTERS;
            }
            double seconds = Math.max(0, caption.end() - caption.start());
            double at = caption.start();
            for (String word : said) {
                if (word.isEmpty()) {
                    continue;
                }
                double end = at + seconds * (word.length() + GAP_IN_LETTERS) / letters;
                words.add(new Word(word, at, end));
                captionOf.add(c);
                at = end;
            }
        }
        return new Transcript(words, captionOf);
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
