package methodos.files.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import methodos.core.bench.Entry;
import methodos.files.project.DescribedJson;

/**
 * The text of a record: a line for each entry, with its seal, a blank, and the entry as JSON.
 *
 * @param entries those before the first line that is not as it was written
 * @param seal of the last of them
 * @param sound how many bytes they take
 * @param torn whether a line behind them was begun and not ended, as when the power fails
 * @param changed number of the first line, from 1, that is not as it was written; 0 where all are
 */
public record RecordText(List<Entry> entries, String seal, int sound, boolean torn, int changed) {

    private static final ObjectMapper MAPPER = DescribedJson.mapper().build();

    /** Whether nothing was changed and nothing is half written. */
    public boolean intact() {
        return !torn && changed == 0;
    }

    /** A sentence on what is wrong with it, empty where nothing is. */
    public Optional<String> problem() {
        if (changed > 0) {
            return Optional.of(
                    "The record was changed after it was written, in line " + changed + ".");
        }
        return torn
                ? Optional.of("The last line of the record is not complete; it does not count.")
                : Optional.empty();
    }

    /** The line of an entry behind another line, with its seal and its end. */
    static byte[] line(String before, Entry entry) throws IOException {
        byte[] json = MAPPER.writeValueAsBytes(entry);
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        line.write(Seal.of(before, json).getBytes(StandardCharsets.US_ASCII));
        line.write(' ');
        line.write(json);
        line.write('\n');
        return line.toByteArray();
    }

    /** Entries as they are written, one behind the other. */
    public static byte[] text(List<Entry> entries) throws IOException {
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        String seal = Seal.BEGINNING;
        for (Entry entry : entries) {
            byte[] line = line(seal, entry);
            seal = new String(line, 0, Seal.LENGTH, StandardCharsets.US_ASCII);
            text.write(line);
        }
        return text.toByteArray();
    }

    /** Reads a record as far as it is as it was written. */
    public static RecordText of(byte[] text) {
        List<Entry> entries = new ArrayList<>();
        String seal = Seal.BEGINNING;
        int at = 0;
        while (at < text.length) {
            int end = at;
            while (end < text.length && text[end] != '\n') {
                end++;
            }
            if (end == text.length) {
                return new RecordText(entries, seal, at, true, 0);
            }
            Optional<Entry> entry = entry(seal, Arrays.copyOfRange(text, at, end));
            if (entry.isEmpty()) {
                return new RecordText(entries, seal, at, false, entries.size() + 1);
            }
            entries.add(entry.get());
            seal = new String(text, at, Seal.LENGTH, StandardCharsets.US_ASCII);
            at = end + 1;
        }
        return new RecordText(entries, seal, at, false, 0);
    }

    private static Optional<Entry> entry(String before, byte[] line) {
        if (line.length <= Seal.LENGTH || line[Seal.LENGTH] != ' ') {
            return Optional.empty();
        }
        byte[] json = Arrays.copyOfRange(line, Seal.LENGTH + 1, line.length);
        byte[] seal = Seal.of(before, json).getBytes(StandardCharsets.US_ASCII);
        if (!Arrays.equals(seal, Arrays.copyOf(line, Seal.LENGTH))) {
            return Optional.empty();
        }
        try {
            return Optional.of(MAPPER.readValue(json, Entry.class));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        } catch (IOException e) {
            throw new IllegalStateException("bytes in memory can be read", e);
        }
    }
}
