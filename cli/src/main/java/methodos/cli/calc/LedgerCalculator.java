package methodos.cli.calc;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.ledger.Ledger;
import methodos.core.ledger.LedgerAction;
import methodos.core.ledger.LedgerCase;
import methodos.core.ledger.LedgerFinding;
import methodos.core.ledger.LedgerSentences;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.TighteningWay;

/** {@code calc ledger}: what does not close in a take-down and build-up. */
final class LedgerCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        request.atMost("variants", 64);
        List<LedgerFinding> findings;
        try {
            findings = Ledger.of(ledgerCase(request)).findings();
        } catch (IllegalArgumentException e) {
            throw new WrongRequest(e.getMessage());
        }
        List<String> words = new ArrayList<>();
        if (findings.isEmpty()) {
            words.add("Everything closes.");
        }
        List<Map<String, Object>> value = new ArrayList<>();
        for (LedgerFinding finding : findings) {
            String sentence = LedgerSentences.byIds().of(finding);
            words.add(sentence);
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("rule", finding.rule().id());
            row.put("subject", finding.subject());
            row.put("steps", finding.steps());
            row.put("variants", finding.variants());
            row.put("count", finding.count());
            if (!finding.ways().isEmpty()) {
                row.put("ways", finding.ways());
            }
            if (!finding.when().isEmpty()) {
                row.put("when", finding.when());
            }
            row.put("sentence", sentence);
            value.add(row);
        }
        return new Answer(value, words);
    }

    private static LedgerCase ledgerCase(Request request) throws WrongRequest {
        List<LedgerCase.Part> parts = new ArrayList<>();
        for (Request part : request.objects("parts")) {
            parts.add(
                    new LedgerCase.Part(
                            part.text("id"),
                            part.has("count") ? part.count("count") : 1,
                            reuse(part),
                            part.texts("coveredBy"),
                            Set.copyOf(part.texts("variants")),
                            optional(part, "replacedBy"),
                            optional(part, "set")));
        }
        List<LedgerCase.Joint> joints = new ArrayList<>();
        for (Request joint : request.objects("joints")) {
            joints.add(
                    new LedgerCase.Joint(
                            joint.text("id"),
                            valued(joint),
                            ways(joint),
                            joint.texts("coveredBy"),
                            Set.copyOf(joint.texts("variants"))));
        }
        List<LedgerCase.Energy> energies = new ArrayList<>();
        for (Request energy : request.objects("energies")) {
            energies.add(
                    new LedgerCase.Energy(
                            energy.text("id"), energy.texts("parts"), energy.texts("joints")));
        }
        List<LedgerCase.Step> steps = new ArrayList<>();
        for (Request step : request.neededObjects("steps")) {
            steps.add(step(step));
        }
        return new LedgerCase(
                request.texts("variants"), parts, joints, kits(request), energies, steps);
    }

    /** An empty torque is none. */
    private static boolean valued(Request joint) throws WrongRequest {
        boolean blank = joint.isText("torque") && joint.text("torque").isBlank();
        return !blank && joint.quantity("torque").isPresent();
    }

    private static Set<TighteningWay> ways(Request joint) throws WrongRequest {
        Set<TighteningWay> ways = EnumSet.noneOf(TighteningWay.class);
        for (String way : joint.texts("ways")) {
            ways.add(way(joint, "ways", way));
        }
        return ways.isEmpty() ? LedgerCase.Joint.BY_TORQUE : ways;
    }

    private static TighteningWay way(Request of, String field, String way) throws WrongRequest {
        return switch (way) {
            case "torque" -> TighteningWay.WRENCH;
            case "turn" -> TighteningWay.ANGLE;
            case "feel" -> TighteningWay.FEEL;
            case "hand" -> TighteningWay.HAND;
            default -> throw of.wrong(field, "is torque, turn, feel or hand");
        };
    }

    private static ReuseRule reuse(Request part) throws WrongRequest {
        if (!part.has("reuse")) {
            return ReuseRule.REUSE;
        }
        return switch (part.text("reuse")) {
            case "new" -> ReuseRule.ALWAYS_NEW;
            case "inspect" -> ReuseRule.INSPECT;
            case "reuse" -> ReuseRule.REUSE;
            default -> throw part.wrong("reuse", "is new, inspect or reuse");
        };
    }

    private static Optional<List<LedgerCase.Kit>> kits(Request request) throws WrongRequest {
        if (!request.has("kits")) {
            return Optional.empty();
        }
        List<LedgerCase.Kit> kits = new ArrayList<>();
        for (Request kit : request.objects("kits")) {
            Map<String, Integer> held = new HashMap<>();
            for (Request content : kit.objects("contents")) {
                held.merge(content.text("part"), content.count("count"), Integer::sum);
            }
            kits.add(new LedgerCase.Kit(held, Set.copyOf(kit.texts("variants"))));
        }
        return Optional.of(kits);
    }

    private static LedgerCase.Step step(Request step) throws WrongRequest {
        List<LedgerAction> actions = new ArrayList<>();
        for (Request action : step.objects("actions")) {
            actions.add(action(action));
        }
        return new LedgerCase.Step(
                step.text("id"),
                Set.copyOf(step.texts("variants")),
                step.has("times") ? step.teeth("times") : 1,
                way(step),
                optional(step, "when"),
                actions);
    }

    private static Optional<LedgerCase.Way> way(Request step) throws WrongRequest {
        if (step.has("way") && !step.has("either")) {
            throw step.wrong("way", "belongs to an either");
        }
        return step.has("either")
                ? Optional.of(new LedgerCase.Way(step.text("either"), step.text("way")))
                : Optional.empty();
    }

    private static Optional<String> optional(Request of, String field) throws WrongRequest {
        return of.has(field) ? Optional.of(of.text(field)) : Optional.empty();
    }

    private static LedgerAction action(Request a) throws WrongRequest {
        int count = a.has("count") ? a.teeth("count") : 1;
        return switch (a.text("verb")) {
            case "remove" ->
                    a.has("aid")
                            ? new LedgerAction.TakeAid(a.text("aid"), count)
                            : new LedgerAction.Remove(a.text("part"), count);
            case "install" ->
                    a.has("aid")
                            ? new LedgerAction.PlaceAid(a.text("aid"), count)
                            : new LedgerAction.Install(a.text("part"), count, a.flag("new"));
            case "discard" -> new LedgerAction.Discard(a.text("part"), count);
            case "loosen" -> new LedgerAction.Loosen(a.text("joint"), optional(a, "size"));
            case "tighten" ->
                    new LedgerAction.Tighten(
                            a.text("joint"),
                            optional(a, "size"),
                            a.has("by") ? way(a, "by", a.text("by")) : TighteningWay.WRENCH);
            case "drain" -> new LedgerAction.Drain(a.text("fluid"));
            case "fill" -> new LedgerAction.Fill(a.text("fluid"));
            case "isolate" -> new LedgerAction.Isolate(a.text("energy"));
            case "restore" -> new LedgerAction.Restore(a.text("energy"));
            case "mark" -> new LedgerAction.Mark(a.text("mark"), optional(a, "part"));
            case "read" -> new LedgerAction.ReadCounter(a.text("counter"));
            case "reset" -> new LedgerAction.ResetCounter(a.text("counter"));
            case "align" -> new LedgerAction.Align(a.text("mark"));
            default ->
                    throw a.wrong(
                            "verb",
                            "is remove, install, discard, loosen, tighten, drain, fill, isolate,"
                                    + " restore, mark, align, read or reset");
        };
    }
}
