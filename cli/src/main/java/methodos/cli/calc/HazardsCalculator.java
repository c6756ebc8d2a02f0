package methodos.cli.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.hazard.Circumstances;
import methodos.core.hazard.HazardKind;
import methodos.core.hazard.HazardRule;
import methodos.core.hazard.HazardRules;
import methodos.core.hazard.LicensedWork;

/** {@code calc hazards}: what a statement must tell before a piece of work, and who may do it. */
final class HazardsCalculator implements Calculator {

    private final HazardRules rules = HazardRules.shipped();

    @Override
    public Answer answer(Request request) throws WrongRequest {
        List<HazardRule> asking =
                rules.askedBy(
                        request.text("sentence"),
                        new Circumstances(request.texts("energies"), request.texts("parts"), ""));
        List<String> asks =
                asking.stream()
                        .flatMap(r -> r.kind().stream())
                        .distinct()
                        .sorted()
                        .map(HazardKind::code)
                        .toList();
        List<String> licensed =
                asking.stream()
                        .flatMap(r -> r.licensed().stream())
                        .distinct()
                        .sorted()
                        .map(LicensedWork::code)
                        .toList();
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("asks", asks);
        value.put("licensed", licensed);
        return new Answer(value, words(asks, licensed));
    }

    private static List<String> words(List<String> asks, List<String> licensed) {
        String told =
                asks.isEmpty()
                        ? "No statement is asked for."
                        : "A statement tells first: " + String.join(", ", asks) + ".";
        return licensed.isEmpty()
                ? List.of(told)
                : List.of(
                        told,
                        "It is for licensed or authorised people: "
                                + String.join(", ", licensed)
                                + ".");
    }
}
