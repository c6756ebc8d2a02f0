package methodos.core.manual;

import java.util.List;
import methodos.core.description.ToldApartBy;

/** How a reading is answered where it is not a number that is measured against a limit. */
@ToldApartBy("kind")
public sealed interface Answer {

    /**
     * One of a few words, such as yes and no.
     *
     * @param answers that may be given, at least two
     * @param good those of them that pass; where there is none the answer is only written down
     */
    record Choice(List<String> answers, List<String> good) implements Answer {
        public Choice {
            answers = answers == null ? List.of() : List.copyOf(answers);
            good = good == null ? List.of() : List.copyOf(good);
        }
    }

    /**
     * Words or a serial number, as they stand on the thing.
     *
     * @param among which it has to be one of; where there is none it is only written down
     */
    record Written(List<String> among) implements Answer {
        public Written {
            among = among == null ? List.of() : List.copyOf(among);
        }
    }

    /**
     * A number that is only written down, to be reckoned with later.
     *
     * @param unit its symbol, empty for a mere number
     */
    record Noted(String unit) implements Answer {
        public Noted {
            unit = unit == null ? "" : unit;
        }
    }

    /**
     * A number that is reckoned from other readings.
     *
     * @param formula of their symbols
     * @param unit its symbol
     */
    record Reckoned(String formula, String unit) implements Answer {
        public Reckoned {
            formula = formula == null ? "" : formula;
            unit = unit == null ? "" : unit;
        }
    }
}
