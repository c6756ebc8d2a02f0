package methodos.files.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.Torque;

/** A draft as plain values, in the shape in which scripts read it. */
public final class DraftJson {

    private DraftJson() {}

    public static Map<String, Object> of(Draft draft) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("steps", draft.steps().stream().map(DraftJson::step).toList());
        all.put(
                "dismissed",
                draft.dismissed().stream()
                        .map(
                                d -> {
                                    Map<String, Object> v = quote(d.start(), d.end(), d.quote());
                                    v.put("reason", word(d.reason()).replace('_', '-'));
                                    return v;
                                })
                        .toList());
        return all;
    }

    private static Map<String, Object> step(DraftedStep s) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("kind", word(s.kind()));
        v.put("start", seconds(s.start()));
        v.put("end", seconds(s.end()));
        v.put("action", s.action());
        v.put("text", s.text());
        v.put("parts", s.parts().stream().map(DraftJson::part).toList());
        v.put("tools", s.tools().stream().map(DraftJson::tool).toList());
        v.put("consumables", s.consumables());
        v.put("torques", s.torques().stream().map(DraftJson::torque).toList());
        v.put("pattern", s.pattern());
        v.put("limits", s.limits().stream().map(DraftJson::limit).toList());
        List<Object> waits = new ArrayList<>();
        for (DraftedStep.Pause wait : s.waits()) {
            Map<String, Object> w = new LinkedHashMap<>();
            w.put("seconds", wait.seconds());
            w.put("quote", wait.quote());
            waits.add(w);
        }
        v.put("waits", waits);
        v.put("repeats", s.repeats() == null ? null : cycles(s.repeats()));
        v.put("threadDirection", s.threadDirection());
        v.put("orientation", s.orientation());
        v.put("until", s.until());
        v.put("condition", s.condition());
        v.put("reference", s.reference());
        v.put("hazards", s.hazards());
        v.put("why", s.why());
        v.put("repeatOf", s.repeatOf() == null ? null : repeatOf(s.repeatOf()));
        v.put("confidence", s.confidence());
        v.put("unsure", s.unsure());
        v.put(
                "evidence",
                s.evidence().stream().map(q -> quote(q.start(), q.end(), q.quote())).toList());
        return v;
    }

    private static Map<String, Object> part(DraftedStep.PartNamed part) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("name", part.name());
        v.put("quantity", part.quantity());
        v.put("size", part.size());
        v.put("from", part.from());
        return v;
    }

    private static Map<String, Object> tool(DraftedStep.ToolNamed tool) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("name", tool.name());
        v.put("size", tool.size());
        return v;
    }

    private static Map<String, Object> torque(Torque torque) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("min", torque.min());
        v.put("max", torque.max());
        v.put("unit", torque.unit());
        v.put("then", torque.then());
        v.put("quote", torque.quote());
        return v;
    }

    private static Map<String, Object> limit(Limit limit) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("of", limit.of());
        v.put("min", limit.min());
        v.put("max", limit.max());
        v.put("unit", limit.unit());
        v.put("quote", limit.quote());
        return v;
    }

    private static Map<String, Object> cycles(DraftedStep.Cycles cycles) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("count", cycles.count());
        v.put("max", cycles.max());
        return v;
    }

    private static Map<String, Object> repeatOf(DraftedStep.RepeatOf repeat) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("place", repeat.place());
        v.put("from", seconds(repeat.from()));
        v.put("to", seconds(repeat.to()));
        return v;
    }

    private static Map<String, Object> quote(double start, double end, String words) {
        Map<String, Object> v = new LinkedHashMap<>();
        v.put("start", seconds(start));
        v.put("end", seconds(end));
        v.put("quote", words);
        return v;
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    private static double seconds(double time) {
        return Math.round(time * 1000) / 1000.0;
    }
}
