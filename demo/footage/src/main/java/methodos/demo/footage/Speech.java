package methodos.demo.footage;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** The narration of a clip: spoken by flite (voice slt), laid along the clip, and as captions. */
final class Speech {

    private static final float RATE = 16_000;

    record Spoken(double start, double end, String words) {}

    private final List<Spoken> spoken = new ArrayList<>();
    private final short[] sound;

    /**
     * @throws IllegalStateException if a line is not over when the next one begins, naming it
     */
    Speech(Clip clip, Path work) throws IOException {
        sound = new short[(int) Math.ceil(clip.seconds() * RATE)];
        double free = 0;
        for (Shot shot : clip.shots()) {
            for (Shot.Line line : shot.lines) {
                double start = clip.startOf(shot) + line.at();
                short[] said = say(line.words(), work);
                double end = start + said.length / RATE;
                if (start < free || end > clip.seconds()) {
                    throw new IllegalStateException(
                            String.format(
                                    Locale.ROOT,
                                    "%s, shot %s: the line at %.1f runs from %.1f to %.1f, but the"
                                            + " one before it ends at %.1f and the clip at %.1f",
                                    clip.name(),
                                    shot.name,
                                    line.at(),
                                    start,
                                    end,
                                    free,
                                    clip.seconds()));
                }
                System.arraycopy(said, 0, sound, (int) (start * RATE), said.length);
                spoken.add(new Spoken(start, end, line.words()));
                free = end;
            }
        }
    }

    private static short[] say(String words, Path work) throws IOException {
        Path text = Files.writeString(work.resolve("line.txt"), words);
        Path wave = work.resolve("line.wav");
        Renderer.run(
                List.of(
                        "flite",
                        "-voice",
                        "slt",
                        "--setf",
                        "duration_stretch=0.94",
                        "-f",
                        text.toString(),
                        "-o",
                        wave.toString()),
                work.resolve("flite.log").toFile());
        try (AudioInputStream in = AudioSystem.getAudioInputStream(wave.toFile())) {
            byte[] bytes = in.readAllBytes();
            short[] samples = new short[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 255 | bytes[2 * i + 1] << 8);
            }
            return samples;
        } catch (UnsupportedAudioFileException e) {
            throw new IOException(e);
        }
    }

    Path wave(Path out) throws IOException {
        byte[] bytes = new byte[sound.length * 2];
        for (int i = 0; i < sound.length; i++) {
            bytes[2 * i] = (byte) sound[i];
            bytes[2 * i + 1] = (byte) (sound[i] >> 8);
        }
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try (var in =
                new AudioInputStream(
                        new java.io.ByteArrayInputStream(bytes), format, sound.length)) {
            AudioSystem.write(in, AudioFileFormat.Type.WAVE, out.toFile());
        }
        return out;
    }

    /** Writes the captions beside the clip in the form that the clip asks for. */
    void captions(Clip clip, Path folder) throws IOException {
        StringBuilder out = new StringBuilder();
        if (clip.captions().equals("srt")) {
            int n = 1;
            for (Spoken s : spoken) {
                out.append(n++).append('\n').append(span(s.start(), s.end(), ',')).append('\n');
                out.append(s.words()).append("\n\n");
            }
            Files.writeString(folder.resolve(clip.name() + ".srt"), out, StandardCharsets.UTF_8);
            return;
        }
        out.append("WEBVTT\n\n");
        for (Spoken s : clip.captions().equals("blocks") ? halfMinutes() : spoken) {
            out.append(span(s.start(), s.end(), '.')).append('\n');
            out.append(s.words()).append("\n\n");
        }
        Files.writeString(folder.resolve(clip.name() + ".vtt"), out, StandardCharsets.UTF_8);
    }

    private List<Spoken> halfMinutes() {
        List<Spoken> blocks = new ArrayList<>();
        for (Spoken s : spoken) {
            String bare =
                    s.words()
                            .toLowerCase(Locale.ROOT)
                            .replaceAll("[^a-z0-9'\\- ]", "")
                            .replaceAll(" +", " ")
                            .strip();
            Spoken last = blocks.isEmpty() ? null : blocks.get(blocks.size() - 1);
            if (last != null && s.end() - last.start() <= 30) {
                blocks.set(
                        blocks.size() - 1,
                        new Spoken(last.start(), s.end(), last.words() + " " + bare));
            } else {
                blocks.add(new Spoken(s.start(), s.end(), bare));
            }
        }
        return blocks;
    }

    private static String span(double from, double to, char point) {
        return clock(from, point) + " --> " + clock(to, point);
    }

    private static String clock(double seconds, char point) {
        long ms = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d%c%03d",
                ms / 3_600_000,
                ms / 60_000 % 60,
                ms / 1000 % 60,
                point,
                ms % 1000);
    }
}
