package methodos.core.parts;

import java.util.List;

/** A maker's parts service: price, stock, newer numbers, and what kits hold. */
public interface PartsService {

    /** It cannot be asked; the message is one sentence for the user. */
    final class Unavailable extends Exception {

        private static final long serialVersionUID = 1L;

        /**
         * @param sentence what is said of it
         */
        public Unavailable(String sentence, Throwable cause) {
            super(sentence, cause);
        }
    }

    /**
     * @param numbers part numbers
     * @param kits kit numbers
     */
    PartsAnswer ask(List<String> numbers, List<String> kits) throws Unavailable;
}
