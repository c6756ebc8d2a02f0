package methodos.files.folders;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** Where a program keeps its settings, caches and log on this platform. */
public final class AppFolders {

    private static final String NAME = "methodos";

    private final Map<String, String> environment;
    private final String system;
    private final Path home;

    public static AppFolders ofThisMachine() {
        return new AppFolders(
                System.getenv(),
                System.getProperty("os.name"),
                Path.of(System.getProperty("user.home")));
    }

    AppFolders(Map<String, String> environment, String system, Path home) {
        this.environment = environment;
        this.system = system.toLowerCase(Locale.ROOT);
        this.home = home;
    }

    public Path settings() {
        return folder("APPDATA", "Library/Preferences", "XDG_CONFIG_HOME", ".config");
    }

    public Path cache() {
        return folder("LOCALAPPDATA", "Library/Caches", "XDG_CACHE_HOME", ".cache");
    }

    public Path log() {
        return folder("LOCALAPPDATA", "Library/Logs", "XDG_STATE_HOME", ".local/state");
    }

    private Path folder(String windows, String mac, String xdg, String usual) {
        if (system.contains("win")) {
            String base = environment.get(windows);
            return (base == null ? home : Path.of(base)).resolve("Methodos");
        }
        if (system.contains("mac")) {
            return home.resolve(mac).resolve("Methodos");
        }
        String base = environment.get(xdg);
        boolean absolute = base != null && base.startsWith("/");
        return (absolute ? Path.of(base) : home.resolve(usual)).resolve(NAME);
    }
}
