package methodos.demo.footage;

import java.util.List;

/** All clips: those of the demo, in the order in which they were filmed, and those for tests. */
final class Footage {

    private Footage() {}

    /** What tests of other machines look at: filmed with a camera held in a hand. */
    static List<Clip> handHeld() {
        return List.of(BrakeTakeDown.clip(), GateTakeDown.clip());
    }

    /** The demo's own. */
    static List<Clip> clips() {
        return List.of(Outside.clip(), TakeDown.clip(), Inspection.clip(), BuildUp.clip());
    }
}
