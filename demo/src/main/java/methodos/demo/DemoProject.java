package methodos.demo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The demo manuals that ship with the program, with their footage. */
public enum DemoProject {
    /** Overhaul of the Halvorn QA-80, a quarter-turn actuator. */
    QA_80("qa-80"),
    /** Shoes of the Halvorn HB-3, the hand brake of a hoist trolley; photographs, no footage. */
    HB_3("hb-3"),
    /**
     * Overhaul of the Halvorn SG-5, a hand-cranked sluice gate lift; pictures and a drawing. It
     * says each thing that a manual can say at least once.
     */
    SG_5("sg-5");

    private final String folder;

    DemoProject(String folder) {
        this.folder = folder;
    }

    /**
     * Writes a fresh copy.
     *
     * @param target a folder that does not exist yet or is empty
     * @throws IOException if it cannot be written
     */
    public void copyTo(Path target) throws IOException {
        for (String file : files()) {
            Path to = target.resolve(file);
            Files.createDirectories(to.getParent());
            try (InputStream in = resource(file)) {
                Files.copy(in, to);
            }
        }
    }

    /**
     * What is said in one of its recordings, as WebVTT.
     *
     * @param digest SHA-256 of the recording
     * @throws IOException if the demo is damaged
     */
    public Optional<InputStream> speech(String digest) throws IOException {
        if (DemoProject.class.getResource(folder + "/speech.txt") == null) {
            return Optional.empty();
        }
        for (String line : lines("speech.txt")) {
            if (line.startsWith(digest + " ")) {
                String captions = line.substring(digest.length() + 1).strip();
                return Optional.of(resource("captions/" + captions + ".vtt"));
            }
        }
        return Optional.empty();
    }

    private List<String> files() throws IOException {
        return lines("files.txt");
    }

    private List<String> lines(String name) throws IOException {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(resource(name), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.isBlank()).toList();
        }
    }

    private InputStream resource(String file) throws IOException {
        InputStream in = DemoProject.class.getResourceAsStream(folder + "/" + file);
        if (in == null) {
            throw new IOException("the demo lacks " + file);
        }
        return in;
    }
}
