package methodos.narration.grammar;

import methodos.narration.vocabulary.WordClass;

/** Phrases that deny what stands behind them: "at no time", "on no account", "nor". */
final class Denials {

    private Denials() {}

    /** Where such a phrase begins that ends right before a word; -1 where there is none. */
    static int before(Utterance said, int word) {
        int last = said.previous(word);
        if (last < 0 || said.ends(last)) {
            return -1;
        }
        int no = last - 1;
        if (WordClass.OCCASION.has(said.word(last)) && said.word(no).equals("no")) {
            boolean led = WordClass.PREPOSITION.has(said.word(no - 1)) && !said.ends(no - 1);
            return led ? no - 1 : no;
        }
        boolean inverted =
                WordClass.MODAL.has(said.word(word)) || WordClass.DO.has(said.word(word));
        return inverted && said.word(last).matches("nor|neither|never") ? last : -1;
    }
}
