package methodos.files.captions;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.files.project.ProjectProblem;

/**
 * Captions as WebVTT or SubRip text, or as plain text with times.
 *
 * <p>Both are read by what they share: a line with two times and an arrow, then the words until an
 * empty line. Settings behind the times, cue names, numbers, notes and styles are passed over, and
 * marks inside the words ({@code <v Ann>}, {@code <i>}) are taken away, as the WebVTT standard's
 * text without markup has it.
 *
 * <p>Plain text says when each of its blocks begins: {@code [m:ss] words}, on as many lines as it
 * likes. A block lasts until the next one, the last as long as its words take to say.
 */
public final class CaptionFile {

    private static final long LARGEST = 50_000_000;
    private static final String TIME = "(?:(\\d{1,4}):)?(\\d{1,2}):(\\d{1,2})[.,](\\d{1,3})";
    private static final Pattern TIMES =
            Pattern.compile("\\s*" + TIME + "\\s*-->\\s*" + TIME + ".*");
    private static final Pattern BLOCK =
            Pattern.compile(
                    "\\s*\\[(?:(\\d{1,3}):)?(\\d{1,3}):(\\d{2})(?:[.,](\\d{1,3}))?]\\s*(.*)");

    /** Unhurried speech. */
    private static final double WORDS_A_SECOND = 2.5;

    private static final Pattern MARKUP = Pattern.compile("</?[a-zA-Z0-9.: _-]*>|\\{\\\\[^}]*}");

    private CaptionFile() {}

    /**
     * @throws ProjectProblem if the file cannot be read, is not text in UTF-8 or UTF-16, or holds
     *     no caption
     */
    public static Captions read(Path file) throws ProjectProblem {
        try {
            if (Files.size(file) > LARGEST) {
                throw new ProjectProblem(file + " is too large to be captions.");
            }
            return read(Files.readAllBytes(file), file.toString());
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        }
    }

    /**
     * @param name what the captions are called in a problem
     * @throws ProjectProblem if it is not text in UTF-8 or UTF-16, or holds no caption
     */
    public static Captions read(byte[] content, String name) throws ProjectProblem {
        return parse(decode(content, name), name);
    }

    private static String decode(byte[] bytes, String name) throws ProjectProblem {
        Charset charset = StandardCharsets.UTF_8;
        if (bytes.length >= 2 && (bytes[0] & 255) == 0xFE && (bytes[1] & 255) == 0xFF) {
            charset = StandardCharsets.UTF_16BE;
        } else if (bytes.length >= 2 && (bytes[0] & 255) == 0xFF && (bytes[1] & 255) == 0xFE) {
            charset = StandardCharsets.UTF_16LE;
        }
        try {
            String text =
                    charset.newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .onUnmappableCharacter(CodingErrorAction.REPORT)
                            .decode(ByteBuffer.wrap(bytes))
                            .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new ProjectProblem(
                    name + " is not written in UTF-8. Save it as UTF-8 and bring it in again.", e);
        }
    }

    static Captions parse(String text, String name) throws ProjectProblem {
        List<Caption> captions = new ArrayList<>();
        List<String> lines = text.lines().toList();
        for (int i = 0; i < lines.size(); i++) {
            Matcher times = TIMES.matcher(lines.get(i));
            if (!times.matches()) {
                continue;
            }
            double start = seconds(times, 1);
            double end = seconds(times, 5);
            if (end < start) {
                throw new ProjectProblem(
                        name + ", line " + (i + 1) + ": the caption ends before it starts.");
            }
            StringBuilder words = new StringBuilder();
            while (i + 1 < lines.size() && !lines.get(i + 1).isBlank()) {
                words.append(' ').append(lines.get(++i));
            }
            String plain = plain(words.toString());
            if (!plain.isEmpty()) {
                captions.add(new Caption(start, end, plain));
            }
        }
        if (captions.isEmpty()) {
            captions = blocks(lines);
        }
        if (captions.isEmpty()) {
            throw new ProjectProblem(
                    name
                            + " holds no captions: not one line of times with an arrow (-->), and"
                            + " none that begins with a time in brackets ([1:05]).");
        }
        return new Captions(captions);
    }

    private static List<Caption> blocks(List<String> lines) {
        List<Double> starts = new ArrayList<>();
        List<StringBuilder> words = new ArrayList<>();
        for (String line : lines) {
            Matcher block = BLOCK.matcher(line);
            if (block.matches()) {
                starts.add(blockStart(block));
                words.add(new StringBuilder(block.group(5)));
            } else if (!words.isEmpty()) {
                words.get(words.size() - 1).append(' ').append(line);
            }
        }
        List<Caption> captions = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            String said = words.get(i).toString().replaceAll("\\s+", " ").strip();
            double spoken = said.split(" ").length / WORDS_A_SECOND;
            double next = i + 1 < starts.size() ? starts.get(i + 1) : starts.get(i) + spoken;
            if (!said.isEmpty()) {
                captions.add(new Caption(starts.get(i), Math.max(next, starts.get(i)), said));
            }
        }
        return captions;
    }

    private static double blockStart(Matcher m) {
        double hours = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
        String fraction = m.group(4) == null ? "0" : m.group(4);
        return hours * 3600
                + Integer.parseInt(m.group(2)) * 60
                + Integer.parseInt(m.group(3))
                + Double.parseDouble("0." + fraction);
    }

    private static double seconds(Matcher m, int group) {
        double hours = m.group(group) == null ? 0 : Integer.parseInt(m.group(group));
        String fraction = (m.group(group + 3) + "00").substring(0, 3);
        return hours * 3600
                + Integer.parseInt(m.group(group + 1)) * 60
                + Integer.parseInt(m.group(group + 2))
                + Integer.parseInt(fraction) / 1000.0;
    }

    private static String plain(String words) {
        return MARKUP.matcher(words)
                .replaceAll("")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&nbsp;", " ")
                .replace("&amp;", "&")
                .replaceAll("\\s+", " ")
                .strip();
    }

    /** The captions as WebVTT. */
    public static byte[] text(Captions captions) {
        StringBuilder out = new StringBuilder("WEBVTT\n");
        for (Caption c : captions.captions()) {
            out.append('\n').append(clock(c.start())).append(" --> ").append(clock(c.end()));
            out.append('\n')
                    .append(
                            c.words()
                                    .replace("&", "&amp;")
                                    .replace("<", "&lt;")
                                    .replace(">", "&gt;"))
                    .append('\n');
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String clock(double seconds) {
        long ms = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d.%03d",
                ms / 3_600_000,
                ms / 60_000 % 60,
                ms / 1000 % 60,
                ms % 1000);
    }
}
