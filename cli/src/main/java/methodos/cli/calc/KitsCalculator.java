package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.kit.FewestKits;

/** {@code calc kits}: which kits to order, and what they cover. */
final class KitsCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        request.atMost("kits", 300);
        request.atMost("demand", 1000);
        Map<String, Integer> demand = counts(request.neededObjects("demand"));
        List<String> numbers = new ArrayList<>();
        List<FewestKits.Contents> kits = new ArrayList<>();
        for (Request kit : request.neededObjects("kits")) {
            numbers.add(kit.text("number"));
            kits.add(new FewestKits.Contents(counts(kit.neededObjects("contents"))));
        }
        FewestKits fewest = FewestKits.of(demand, kits);
        List<Map<String, Object>> choose = new ArrayList<>();
        for (int i = 0; i < numbers.size(); i++) {
            if (fewest.counts().get(i) > 0) {
                Map<String, Object> kit = new LinkedHashMap<>();
                kit.put("kit", numbers.get(i));
                kit.put("count", fewest.counts().get(i));
                choose.add(kit);
            }
        }
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("choose", choose);
        value.put("coverage", fewest.coverage().stream().map(KitsCalculator::row).toList());
        return new Answer(
                value,
                List.of(
                        "Order " + choose,
                        "Least shortage first, then fewest kits, then least left over."));
    }

    private static Map<String, Integer> counts(List<Request> rows) throws WrongRequest {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Request row : rows) {
            counts.merge(row.text("part"), row.count("count"), Integer::sum);
        }
        return counts;
    }

    private static Map<String, Object> row(FewestKits.Row row) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("part", row.part());
        value.put("needed", row.needed());
        value.put("supplied", row.supplied());
        value.put("short", row.shortBy());
        value.put("spare", row.spare());
        return value;
    }
}
