package methodos.core.bench;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Reading;

/** Gathers where a run departs from the manual, or from how things should be. */
final class Deviations {

    private final BenchRun run;
    private final List<StepWork> worked;

    /**
     * @param worked the visits that count
     */
    Deviations(BenchRun run, List<StepWork> worked) {
        this.run = run;
        this.worked = worked;
    }

    List<Deviation> all() {
        List<Deviation> all = new ArrayList<>();
        run.missing()
                .forEach(
                        (key, why) ->
                                run.work().fetch().stream()
                                        .filter(t -> t.key().equals(key))
                                        .forEach(
                                                t ->
                                                        all.add(
                                                                new Deviation(
                                                                        Deviation.Kind
                                                                                .WORKED_WITHOUT,
                                                                        null,
                                                                        t.name(),
                                                                        why))));
        for (StepWork visit : worked) {
            if (visit.outcome() == StepWork.Outcome.LEFT_OUT) {
                all.add(
                        new Deviation(
                                Deviation.Kind.LEFT_OUT,
                                RunRecord.where(visit),
                                visit.step().text(),
                                ""));
            }
            visit.dealt().stream()
                    .filter(d -> d.renewed() == null)
                    .forEach(d -> all.add(dealt(visit, d)));
            corrected(visit, all);
            visit.remarks().stream()
                    .filter(r -> r.kind() == Deed.Remark.TROUBLE)
                    .forEach(
                            r ->
                                    all.add(
                                            new Deviation(
                                                    Deviation.Kind.TROUBLE,
                                                    RunRecord.where(visit),
                                                    "",
                                                    r.text())));
        }
        for (BenchRun.WaitEnd end : run.waited()) {
            if (!end.early().isEmpty()) {
                run.at(end.of().visit())
                        .ifPresent(
                                v ->
                                        all.add(
                                                new Deviation(
                                                        Deviation.Kind.WAIT_CUT,
                                                        RunRecord.where(v),
                                                        end.of().of().what(),
                                                        end.early())));
            }
        }
        return all;
    }

    private Deviation dealt(StepWork visit, StepWork.Dealt dealt) {
        if (dealt.what() instanceof Outside.OfReading r) {
            Reading reading = visit.step().readings().get(r.reading());
            String value =
                    run.answer(visit, r.reading(), r.which()).map(a -> ": " + a.given()).orElse("");
            return new Deviation(
                    Deviation.Kind.OUTSIDE,
                    RunRecord.where(visit),
                    reading.what() + value,
                    dealt.how());
        }
        if (dealt.what() instanceof Outside.OfLook l) {
            return new Deviation(
                    Deviation.Kind.BAD_LOOK,
                    RunRecord.where(visit),
                    visit.step().looks().get(l.look()).what(),
                    dealt.how());
        }
        Outside.OfDecision d = (Outside.OfDecision) dealt.what();
        String name =
                visit.decisions().stream()
                        .filter(x -> x.decision().id().text().equals(d.decision()))
                        .map(x -> x.decision().name())
                        .findFirst()
                        .orElse("");
        return new Deviation(Deviation.Kind.NO_RULE, RunRecord.where(visit), name, dealt.how());
    }

    private static void corrected(StepWork visit, List<Deviation> all) {
        List<Reading> readings = visit.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            for (int n = 0; n < readings.get(i).count(); n++) {
                List<Taken> taken = visit.taken(i, n);
                for (int k = 1; k < taken.size(); k++) {
                    if (taken.get(k).correction() != null) {
                        all.add(
                                new Deviation(
                                        Deviation.Kind.CORRECTED,
                                        RunRecord.where(visit),
                                        readings.get(i).what()
                                                + ": "
                                                + taken.get(k - 1).answer().given()
                                                + " → "
                                                + taken.get(k).answer().given(),
                                        taken.get(k).correction()));
                    }
                }
            }
        }
    }
}
