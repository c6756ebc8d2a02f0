package methodos.desktop.bench;

import methodos.core.bench.Deed;
import methodos.core.words.Words;
import methodos.desktop.theme.Theme;

/** What a task at the bench can do: enter something, say something, and know its surroundings. */
interface TaskHost {

    /** Enters it, and shows what is asked next; where it is refused, says why. */
    void enter(Deed deed);

    /** Says a sentence. */
    void say(String sentence);

    /** Shows the task anew. */
    void again();

    BenchDesk desk();

    BenchInstruments instruments();

    Words words();

    Theme theme();
}
