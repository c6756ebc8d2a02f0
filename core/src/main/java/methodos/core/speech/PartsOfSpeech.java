package methodos.core.speech;

import java.util.List;

/** Tells what kind of word each token is, by the universal tags (NOUN, VERB, ADJ, ADP, ...). */
@FunctionalInterface
public interface PartsOfSpeech {

    /** One tag for each word. */
    List<String> tags(List<String> words);
}
