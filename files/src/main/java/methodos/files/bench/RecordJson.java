package methodos.files.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import methodos.core.bench.Deed;
import methodos.core.bench.RecordTable;
import methodos.core.bench.RunRecord;

/** A record as JSON, for other programs. */
public final class RecordJson {

    private static final ObjectMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private RecordJson() {}

    /** Of which unit it is, by whom, and how far. */
    public static Map<String, Object> head(RunRecord record) {
        Map<String, Object> head = new LinkedHashMap<>();
        Deed.Begun begun = record.run().begun().orElseThrow();
        head.put("model", begun.model());
        head.put("serial", begun.serial());
        head.put("state", record.run().state().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        head.put("people", record.people());
        head.put("from", record.from().toString());
        head.put("until", record.until().toString());
        return head;
    }

    /** All of it: the head, what it comes to, and a row for each thing. */
    public static Map<String, Object> of(RunRecord record) {
        Map<String, Object> value = head(record);
        value.put("manual", record.run().begun().orElseThrow().manual());
        value.put("revision", record.run().begun().orElseThrow().revision());
        value.put("passes", record.passes());
        value.put("hands", Math.round(record.hands()));
        value.put("elapsed", Math.round(record.elapsed()));
        value.put("instruments", record.instruments());
        value.put("rows", RecordTable.of(record).stream().map(RecordTable.Row::cells).toList());
        return value;
    }

    /**
     * The text of it.
     *
     * @param seal of the last line
     * @param problem what is wrong with the record, empty where it is as it was written
     */
    public static byte[] text(RunRecord record, String seal, String problem) {
        Map<String, Object> value = of(record);
        value.put("seal", seal);
        value.put("problem", problem.isEmpty() ? null : problem);
        try {
            return (MAPPER.writeValueAsString(value) + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("plain values can be written", e);
        }
    }
}
