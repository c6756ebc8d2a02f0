package methodos.files.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.bench.Deed;
import methodos.core.bench.RecordTable;
import methodos.core.bench.RunRecord;
import methodos.files.sheet.SheetWriter;

/** A record for other programs: as a table, and as JSON. */
public final class RecordExport {

    private static final ObjectMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private RecordExport() {}

    /** A row for each thing, with a header row. */
    public static String csv(RunRecord record) {
        return SheetWriter.csv(RecordTable.COLUMNS, rows(record));
    }

    private static List<Map<String, Object>> rows(RunRecord record) {
        return RecordTable.of(record).stream().map(RecordTable.Row::cells).toList();
    }

    /** Which run it is, of which unit, by whom, how far, and whether it is as it was written. */
    public static Map<String, Object> head(KeptRun run) {
        Map<String, Object> head = new LinkedHashMap<>();
        head.put("run", run.name());
        RunRecord record = run.record();
        Deed.Begun begun = record == null ? null : record.run().begun().orElseThrow();
        head.put("model", begun == null ? null : begun.model());
        head.put("serial", begun == null ? null : begun.serial());
        head.put(
                "state",
                record == null
                        ? null
                        : record.run().state().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        head.put("people", record == null ? List.of() : record.people());
        head.put("from", record == null ? null : record.from().toString());
        head.put("until", record == null ? null : record.until().toString());
        head.put("entries", run.text() == null ? 0 : run.text().entries().size());
        head.put("seal", run.seal());
        head.put("problem", run.problem().isEmpty() ? null : run.problem());
        return head;
    }

    /** All of it: the head, what it comes to, and a row for each thing. */
    public static Map<String, Object> whole(KeptRun run) {
        Map<String, Object> value = head(run);
        RunRecord record = run.record();
        value.put("manual", record.run().begun().orElseThrow().manual());
        value.put("revision", record.run().begun().orElseThrow().revision());
        value.put("passes", record.passes());
        value.put("hands", Math.round(record.hands()));
        value.put("elapsed", Math.round(record.elapsed()));
        value.put("instruments", record.instruments());
        value.put("rows", rows(record));
        return value;
    }

    /** The same as text. */
    public static byte[] json(KeptRun run) {
        try {
            return (MAPPER.writeValueAsString(whole(run)) + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("plain values can be written", e);
        }
    }
}
