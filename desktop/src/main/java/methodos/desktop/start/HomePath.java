package methodos.desktop.start;

import java.nio.file.Path;

/** Paths below the user's own folder, as they are told: from there. */
final class HomePath {

    private static final Path HOME = Path.of(System.getProperty("user.home"));
    private static final String SHORT = "~";

    private HomePath() {}

    /** {@code ~/manuals/vice}; other paths as they are. */
    static String shown(Path path) {
        return path.startsWith(HOME) && !path.equals(HOME)
                ? Path.of(SHORT).resolve(HOME.relativize(path)).toString()
                : path.toString();
    }

    /** The path that is meant. */
    static Path of(String shown) {
        Path path = Path.of(shown.strip());
        return path.startsWith(SHORT) ? HOME.resolve(Path.of(SHORT).relativize(path)) : path;
    }
}
