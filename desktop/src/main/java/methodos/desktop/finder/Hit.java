package methodos.desktop.finder;

/**
 * A line that can be found.
 *
 * @param kind what it is: a step, a part
 * @param text what it says
 * @param more what else it is found by, which stands behind it
 * @param go leads there
 */
record Hit(String kind, String text, String more, Runnable go) {

    /** All that it is found by. */
    String line() {
        return text + " · " + more + " · " + kind;
    }
}
