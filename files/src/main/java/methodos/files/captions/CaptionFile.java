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
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.files.problem.ProjectProblem;

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

    private static final long LARGEST = 20_000_000;

    /** Five hours of speech in short cues; more is no narration of one clip. */
    private static final int MOST_CAPTIONS = 6_000;

    private static final int LONGEST_CAPTION = 20_000;
    private static final int LARGEST_BLOCK = 200_000;

    /** Marks inside words are short; what is longer are words with a bracket in them. */
    private static final int LONGEST_MARK = 100;

    private static final String TIME = "(?:(\\d{1,4}):)?(\\d{1,2}):(\\d{1,2})[.,](\\d{1,3})";
    private static final Pattern TIMES =
            Pattern.compile("\\s*" + TIME + "\\s*-->\\s*" + TIME + ".*");
    private static final Pattern BLOCK =
            Pattern.compile(
                    "\\s*\\[(?:(\\d{1,3}):)?(\\d{1,3}):(\\d{2})(?:[.,](\\d{1,3}))?]\\s*(.*)");

    /** Unhurried speech. */
    private static final double WORDS_A_SECOND = 2.5;

    /** Blocks of a caption file that are not captions. */
    private static final Pattern OTHER =
            Pattern.compile("(?:WEBVTT|NOTE|STYLE|REGION|X-TIMESTAMP-MAP)(?:[\\s=:].*)?");

    /** Stands, as a note, before a caption whose words were corrected. */
    private static final String RECOGNISED = "NOTE recognised: ";

    private CaptionFile() {}

    /**
     * @throws ProjectProblem if the file cannot be read, is not text in UTF-8 or UTF-16, or holds
     *     no caption
     */
    public static Captions read(Path file) throws ProjectProblem {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new ProjectProblem(file + " is no file.");
        }
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
        String recognised = null;
        boolean timed =
                lines.stream().anyMatch(l -> l.length() < LONGEST_CAPTION && l.contains("-->"));
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).isBlank()) {
                continue;
            }
            int first = i;
            while (i + 1 < lines.size() && !lines.get(i + 1).isBlank()) {
                i++;
            }
            if (timed) {
                String before = recognised;
                recognised = recognised(lines.get(first));
                block(lines, first, i, name).map(c -> with(c, before)).ifPresent(captions::add);
            }
            if (captions.size() > MOST_CAPTIONS) {
                throw new ProjectProblem(
                        name
                                + " has more than "
                                + MOST_CAPTIONS
                                + " captions, too many for one clip.");
            }
        }
        if (captions.isEmpty()) {
            captions = blocks(lines, name);
        }
        if (captions.isEmpty()) {
            throw new ProjectProblem(
                    name
                            + " holds no captions: not one line of times with an arrow (-->), and"
                            + " none that begins with a time in brackets ([1:05]).");
        }
        return new Captions(captions);
    }

    /**
     * What a note says was recognised where the next caption stands; null where it says nothing.
     */
    private static String recognised(String line) {
        return line.startsWith(RECOGNISED) && line.length() < LONGEST_CAPTION
                ? plain(line.substring(RECOGNISED.length()))
                : null;
    }

    private static Caption with(Caption caption, String recognised) {
        return recognised == null || recognised.equals(caption.words())
                ? caption
                : new Caption(caption.start(), caption.end(), caption.words(), recognised);
    }

    /** The caption of lines that stand together; none where they are something else. */
    private static Optional<Caption> block(List<String> lines, int first, int last, String name)
            throws ProjectProblem {
        if (OTHER.matcher(lines.get(first).strip()).matches()) {
            return Optional.empty();
        }
        int at = first;
        Matcher times = TIMES.matcher(shortened(lines.get(at)));
        if (!times.matches() && at < last) {
            times = TIMES.matcher(shortened(lines.get(++at))); // a number or name stands before
        }
        if (!times.matches()) {
            if (first == last && lines.get(first).strip().matches("\\d{1,9}")) {
                return Optional.empty(); // a number on its own
            }
            throw problem(name, first, "words without their times (start --> end)");
        }
        double start = seconds(times, 1, name, at);
        double end = seconds(times, 5, name, at);
        if (end < start) {
            throw problem(name, at, "the caption ends before it starts");
        }
        StringBuilder words = new StringBuilder();
        for (int i = at + 1; i <= last; i++) {
            words.append(' ').append(lines.get(i));
            if (words.length() > LONGEST_CAPTION) {
                throw problem(name, at, "a caption with more text than anybody says at once");
            }
        }
        String plain = plain(words.toString());
        return plain.isEmpty() ? Optional.empty() : Optional.of(new Caption(start, end, plain));
    }

    /** A line of times is short; a longer one need not be looked through. */
    private static String shortened(String line) {
        return line.length() > LONGEST_MARK * 10 ? "" : line;
    }

    private static ProjectProblem problem(String name, int line, String what) {
        return new ProjectProblem(name + ", line " + (line + 1) + ": " + what + ".");
    }

    private static List<Caption> blocks(List<String> lines, String name) throws ProjectProblem {
        List<Double> starts = new ArrayList<>();
        List<StringBuilder> words = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Matcher block = BLOCK.matcher(lines.get(i));
            if (block.matches()) {
                starts.add(blockStart(block, name, i));
                words.add(new StringBuilder(block.group(5)));
            } else if (!words.isEmpty()) {
                words.get(words.size() - 1).append(' ').append(lines.get(i));
            }
            if (words.size() > MOST_CAPTIONS) {
                throw new ProjectProblem(
                        name + " has more than " + MOST_CAPTIONS + " blocks of words.");
            }
            if (!words.isEmpty() && words.get(words.size() - 1).length() > LARGEST_BLOCK) {
                throw problem(name, i, "a block with more text than anybody says at once");
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

    private static double blockStart(Matcher m, String name, int line) throws ProjectProblem {
        double hours = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
        String fraction = m.group(4) == null ? "0" : m.group(4);
        if (Integer.parseInt(m.group(3)) > 59
                || m.group(1) != null && Integer.parseInt(m.group(2)) > 59) {
            throw problem(name, line, "minutes and seconds go to 59");
        }
        return hours * 3600
                + Integer.parseInt(m.group(2)) * 60
                + Integer.parseInt(m.group(3))
                + Double.parseDouble("0." + fraction);
    }

    private static double seconds(Matcher m, int group, String name, int line)
            throws ProjectProblem {
        if (Integer.parseInt(m.group(group + 1)) > 59
                || Integer.parseInt(m.group(group + 2)) > 59) {
            throw problem(name, line, "minutes and seconds go to 59");
        }
        double hours = m.group(group) == null ? 0 : Integer.parseInt(m.group(group));
        String fraction = (m.group(group + 3) + "00").substring(0, 3);
        return hours * 3600
                + Integer.parseInt(m.group(group + 1)) * 60
                + Integer.parseInt(m.group(group + 2))
                + Integer.parseInt(fraction) / 1000.0;
    }

    private static String plain(String words) {
        return unmarked(words)
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&nbsp;", " ")
                .replace("&amp;", "&")
                .replaceAll("\\s+", " ")
                .strip();
    }

    /** Without marks such as {@code <v Ann>}, {@code </i>} and {@code {\\an8}}, in one pass. */
    private static String unmarked(String words) {
        StringBuilder out = new StringBuilder(words.length());
        int i = 0;
        while (i < words.length()) {
            int end = markEnd(words, i);
            if (end < 0) {
                out.append(words.charAt(i++));
            } else {
                i = end + 1;
            }
        }
        return out.toString();
    }

    /** Where a mark that begins here ends; -1 where none begins. */
    private static int markEnd(String words, int at) {
        char open = words.charAt(at);
        boolean braces = open == '{' && at + 1 < words.length() && words.charAt(at + 1) == '\\';
        if (open != '<' && !braces) {
            return -1;
        }
        int most = Math.min(words.length(), at + LONGEST_MARK);
        for (int i = at + 1; i < most; i++) {
            char c = words.charAt(i);
            if (c == (braces ? '}' : '>')) {
                return i;
            }
            boolean ofTag = Character.isLetterOrDigit(c) || "/.: _-".indexOf(c) >= 0;
            if (!braces && !ofTag) {
                return -1;
            }
        }
        return -1;
    }

    /** The captions as WebVTT. */
    public static byte[] text(Captions captions) {
        StringBuilder out = new StringBuilder("WEBVTT\n");
        for (Caption c : captions.captions()) {
            if (c.recognised() != null) {
                out.append('\n').append(RECOGNISED).append(escaped(c.recognised())).append('\n');
            }
            out.append('\n').append(clock(c.start())).append(" --> ").append(clock(c.end()));
            out.append('\n').append(escaped(c.words())).append('\n');
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String escaped(String words) {
        return words.replaceAll("\\s+", " ")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;");
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
