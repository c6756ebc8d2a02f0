package methodos.desktop.project;

/**
 * How the saving stands, for whoever shows it.
 *
 * @param words in few words: saved, saving, not saved
 * @param problem why it could not be saved, empty where nothing failed
 * @param unsaved how many changes are not on the disk
 */
public record SaveState(String words, String problem, int unsaved) {

    public boolean failed() {
        return !problem.isEmpty();
    }
}
