package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import methodos.core.bench.Deed;
import methodos.core.bench.Fastening;
import methodos.core.bench.InstrumentLine;
import methodos.core.bench.StepWork;
import methodos.core.bench.Task;
import methodos.core.fit.JudgedAnswer;
import methodos.core.ledger.FoundNames;
import methodos.core.manual.Answer;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Reading;
import methodos.core.manual.Wait;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** What a run asks for now, as it is shown at the right. */
final class TaskSide {

    private final TaskHost host;
    private final Words words;

    private final OutsideTask outside;

    TaskSide(TaskHost host) {
        this.host = host;
        this.words = host.words();
        this.outside = new OutsideTask(host);
    }

    /** The first of what is asked. */
    AskedTask of(Task task) {
        if (task instanceof Task.Close) {
            return AskedTask.of(
                    LargeControls.card(
                            LargeControls.head(words.of("bench.allDone")),
                            LargeControls.prose(words.of("bench.closeHint"))),
                    words.of("bench.finish"),
                    () -> host.enter(new Deed.Finished()));
        }
        if (task instanceof Task.Await await) {
            return await(await.on());
        }
        if (task instanceof Task.AskReached ask) {
            return reached(ask);
        }
        StepWork at = host.desk().run().here().orElseThrow();
        if (task instanceof Task.Settle settle) {
            return settle(at, settle.why());
        }
        if (task instanceof Task.Choose choose) {
            return choose(at, choose);
        }
        if (task instanceof Task.Heed heed) {
            return AskedTask.of(
                    hazards(heed.hazards()),
                    words.of("bench.heeded"),
                    () -> host.enter(new Deed.Warned(at.visit())));
        }
        if (task instanceof Task.Measure measure) {
            return new ReadingTask(host).reading(at, measure);
        }
        if (task instanceof Task.Judge judge) {
            return judge(at, judge);
        }
        if (task instanceof Task.Try next) {
            return new ReadingTask(host).decision(at, next);
        }
        if (task instanceof Task.Deal deal) {
            return outside.of(at, deal);
        }
        if (task instanceof Task.Tighten tighten) {
            return tighten(at, tighten);
        }
        if (task instanceof Task.Sign sign) {
            return sign(at, sign);
        }
        return finish(at);
    }

    private AskedTask finish(StepWork at) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.head(words.of("bench.doThis")));
        if (!at.step().expected().isBlank()) {
            nodes.add(LargeControls.prose(words.of("bench.expect", at.step().expected())));
        }
        at.decisions()
                .forEach(
                        d ->
                                d.verdict()
                                        .ifPresent(
                                                v ->
                                                        nodes.add(
                                                                LargeControls.prose(
                                                                        d.decision().name()
                                                                                + ": "
                                                                                + v,
                                                                        "accent-strong"))));
        reckoned(at, nodes);
        for (Wait wait : at.step().waits()) {
            nodes.add(
                    LargeControls.prose(
                            words.of("bench.thenWait", wait.what(), waiting(wait)), "soft"));
        }
        return AskedTask.of(
                LargeControls.card(nodes),
                words.of("bench.done"),
                () -> host.enter(new Deed.Done(at.visit())));
    }

    private void reckoned(StepWork at, List<Node> nodes) {
        List<Reading> readings = at.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            Reading of = readings.get(i);
            if (of.answer() instanceof Answer.Reckoned) {
                Optional<JudgedAnswer> answer = host.desk().run().answer(at, i, 0);
                nodes.add(
                        LargeControls.prose(
                                of.what()
                                        + ": "
                                        + answer.map(JudgedAnswer::given)
                                                .orElse(words.of("bench.notKnown"))));
            }
        }
    }

    private String waiting(Wait wait) {
        return wait.seconds() > 0 ? words.duration(wait.seconds()) : wait.until();
    }

    private AskedTask await(Task.RunningWait wait) {
        int number = host.desk().run().work().number(wait.visit());
        String until = wait.of().until();
        Label clock = Controls.label("", "bench-clock");
        clock.setId("benchClock");
        VBox card =
                LargeControls.card(
                        LargeControls.head(words.of("bench.waitFor", number, wait.of().what())),
                        clock);
        if (!until.isEmpty()) {
            card.getChildren().add(LargeControls.prose(words.of("bench.until", until)));
        }
        boolean free = host.desk().left(wait) <= 0 || wait.of().bound() == Wait.Bound.AT_MOST;
        if (free) {
            return AskedTask.of(
                    card,
                    words.of(until.isEmpty() ? "bench.waitOver" : "bench.untilReached"),
                    () -> host.enter(new Deed.WaitOver(wait.visit(), wait.index(), "")));
        }
        TextField why = LargeControls.field("benchWhy", words.of("bench.why"));
        Runnable early =
                () ->
                        host.enter(
                                new Deed.WaitOver(
                                        wait.visit(), wait.index(), why.getText().strip()));
        card.getChildren()
                .addAll(
                        LargeControls.prose(words.of("bench.early"), "soft"),
                        why,
                        LargeControls.key("benchEarly", words.of("bench.endEarly"), early));
        return AskedTask.of(card);
    }

    private AskedTask reached(Task.AskReached ask) {
        var visits = host.desk().run().visits();
        var visit = visits.get(visits.size() - 1).visit();
        boolean may = ask.round() >= ask.repeat().least();
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.head(words.of("bench.isReached", ask.repeat().until())));
        nodes.add(LargeControls.prose(words.of("bench.round", ask.round()), "soft"));
        if (ask.repeat().most() > 0) {
            nodes.add(
                    LargeControls.prose(
                            words.of("bench.most", ask.repeat().most(), ask.repeat().otherwise()),
                            "soft"));
        }
        if (may) {
            nodes.add(
                    LargeControls.key(
                            "benchYes",
                            words.of("bench.yesReached"),
                            () -> host.enter(new Deed.Reached(visit, ask.repeat().id(), true))));
        }
        nodes.add(
                LargeControls.key(
                        "benchNo",
                        words.of("bench.onceMore"),
                        () -> host.enter(new Deed.Reached(visit, ask.repeat().id(), false))));
        return AskedTask.of(LargeControls.card(nodes));
    }

    private AskedTask settle(StepWork at, Task.Why why) {
        String said;
        if (why instanceof Task.Why.Optional optional) {
            said = words.of("bench.optional", optional.words());
        } else if (why instanceof Task.Why.Words hangs) {
            said = words.of("bench.onlyIf", hangs.words());
        } else {
            Task.Why.NotFound not = (Task.Why.NotFound) why;
            said =
                    words.of(
                            "bench.onlyIf",
                            FoundNames.of(host.desk().run().work().manual(), not.found()));
        }
        return AskedTask.of(
                LargeControls.card(
                        LargeControls.head(words.of("bench.isItDone")),
                        LargeControls.prose(said),
                        LargeControls.key(
                                "benchYes",
                                words.of("bench.isDone"),
                                () -> host.enter(new Deed.Settled(at.visit(), true))),
                        LargeControls.key(
                                "benchNo",
                                words.of("bench.leaveOut"),
                                () -> host.enter(new Deed.Settled(at.visit(), false)))));
    }

    private AskedTask choose(StepWork at, Task.Choose task) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.head(task.alternative().name()));
        for (int i = 0; i < task.alternative().ways().size(); i++) {
            var one = task.alternative().ways().get(i);
            String text = one.when().isBlank() ? one.name() : one.name() + " · " + one.when();
            nodes.add(
                    LargeControls.key(
                            "benchAnswer" + (i + 1),
                            text,
                            () -> host.enter(new Deed.Chosen(at.visit(), one.id()))));
        }
        return AskedTask.of(LargeControls.card(nodes));
    }

    private VBox hazards(List<Hazard> hazards) {
        VBox all = new VBox(12);
        for (Hazard hazard : hazards) {
            Label signal =
                    Controls.label(
                            words.of(hazard.signal()),
                            "bench-signal",
                            "signal-" + hazard.signal().name().toLowerCase(Locale.ROOT));
            signal.setMaxWidth(Double.MAX_VALUE);
            VBox card = LargeControls.card(LargeControls.prose(hazard.hazard(), "strong"));
            if (!hazard.consequence().isBlank()) {
                card.getChildren().add(LargeControls.prose(hazard.consequence()));
            }
            if (!hazard.avoidance().isBlank()) {
                card.getChildren().add(LargeControls.prose(hazard.avoidance()));
            }
            all.getChildren().add(new VBox(signal, card));
        }
        return all;
    }

    private AskedTask judge(StepWork at, Task.Judge task) {
        VBox card = LargeControls.card(LargeControls.head(task.of().what()));
        card.getChildren()
                .addAll(
                        LargeControls.key(
                                "benchYes",
                                told("bench.good", task.of().pass()),
                                () -> host.enter(new Deed.Looked(at.visit(), task.look(), true))),
                        LargeControls.key(
                                "benchNo",
                                told("bench.bad", task.of().fail()),
                                () -> host.enter(new Deed.Looked(at.visit(), task.look(), false))));
        return AskedTask.of(card);
    }

    private String told(String key, String words) {
        return words.isBlank() ? this.words.of(key) : this.words.of(key) + ": " + words;
    }

    private AskedTask tighten(StepWork at, Task.Tighten task) {
        Joint joint = task.joint();
        TightenTold told = TightenTold.of(joint, task.round(), words);
        List<Node> nodes = new ArrayList<>();
        nodes.add(LargeControls.prose(joint.name(), "accent-strong"));
        if (!told.value().isEmpty()) {
            nodes.add(Controls.label(told.value(), "bench-value"));
        }
        told.more().forEach(m -> nodes.add(LargeControls.prose(m)));
        String order = joint.order().isBlank() ? "" : words.of("bench.order", joint.order());
        nodes.add(
                LargeControls.prose(
                        words.of(
                                        "bench.screws",
                                        at.done(joint, task.round()),
                                        Fastening.screws(joint))
                                + (order.isEmpty() ? "" : " · " + order),
                        "soft"));
        FlowPane screws = new FlowPane(12, 12);
        for (int i = 0; i < Fastening.screws(joint); i++) {
            int screw = i;
            boolean done = at.done(joint, task.round(), i);
            var key =
                    LargeControls.key(
                            "screw-" + (i + 1),
                            done ? "✓" : String.valueOf(i + 1),
                            () -> tick(at, task, screw, "", ""));
            key.setMaxWidth(76);
            key.setMinWidth(76);
            key.setDisable(done);
            screws.getChildren().add(key);
        }
        nodes.add(screws);
        return new AskedTask(
                LargeControls.card(nodes),
                words.of("bench.tight", task.screw() + 1),
                () -> tick(at, task, task.screw(), "", ""),
                null,
                (name, sent) -> byWrench(at, task, name, sent));
    }

    private void byWrench(StepWork at, Task.Tighten task, String name, InstrumentLine.Value sent) {
        boolean torque =
                Fastening.value(task.joint(), task.round())
                        .filter(q -> q.unit().dimension() == sent.quantity().unit().dimension())
                        .isPresent();
        if (torque) {
            tick(at, task, task.screw(), sent.text(), name);
        } else {
            host.say(words.of("bench.otherKind", name, sent.text()));
        }
    }

    private void tick(StepWork at, Task.Tighten task, int screw, String value, String name) {
        host.enter(
                new Deed.Tightened(
                        at.visit(), task.joint().id(), task.round(), screw, value, name));
    }

    private AskedTask sign(StepWork at, Task.Sign task) {
        boolean witness = task.sign() == Deed.Sign.WITNESSED;
        TextField name = LargeControls.field("benchName", words.of("bench.name"));
        if (!witness) {
            name.setText(host.desk().person());
        }
        String subject = task.energy() == null ? at.step().witness() : task.energy().name();
        VBox card =
                LargeControls.card(
                        LargeControls.head(words.of("bench.sign." + task.sign(), subject)));
        if (task.energy() != null && !task.energy().madeSafe().isBlank()) {
            card.getChildren()
                    .add(LargeControls.prose(words.of("bench.madeSafe", task.energy().madeSafe())));
        }
        card.getChildren().addAll(name, LargeControls.prose(words.of("bench.signHint"), "soft"));
        Runnable sign =
                () ->
                        host.enter(
                                new Deed.Signed(
                                        at.visit(),
                                        task.sign(),
                                        task.energy() == null ? null : task.energy().id(),
                                        name.getText().strip()));
        name.setOnAction(e -> sign.run());
        return AskedTask.of(card, words.of("bench.signIt"), sign);
    }
}
