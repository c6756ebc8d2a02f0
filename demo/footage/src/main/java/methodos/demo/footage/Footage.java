package methodos.demo.footage;

import java.util.List;

/** All clips of the demo, in the order in which they were filmed. */
final class Footage {

    private Footage() {}

    static List<Clip> clips() {
        return List.of(Outside.clip(), TakeDown.clip(), Inspection.clip(), BuildUp.clip());
    }
}
