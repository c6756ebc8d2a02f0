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
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** What a run asks for now, as it is shown at the right. */
final class TaskSide {

    private final Hand hand;
    private final Words words;

    private final OutsideTask outside;

    TaskSide(Hand hand) {
        this.hand = hand;
        this.words = hand.words();
        this.outside = new OutsideTask(hand);
    }

    /** The first of what is asked. */
    Ask of(Task task) {
        if (task instanceof Task.Close) {
            return Ask.of(
                    Large.card(
                            Large.head(words.of("bench.allDone")),
                            Large.prose(words.of("bench.closeHint"))),
                    words.of("bench.finish"),
                    () -> hand.enter(new Deed.Finished()));
        }
        if (task instanceof Task.Await await) {
            return await(await.on());
        }
        if (task instanceof Task.AskReached ask) {
            return reached(ask);
        }
        StepWork at = hand.desk().run().here().orElseThrow();
        if (task instanceof Task.Settle settle) {
            return settle(at, settle.why());
        }
        if (task instanceof Task.Choose choose) {
            return choose(at, choose);
        }
        if (task instanceof Task.Heed heed) {
            return Ask.of(
                    hazards(heed.hazards()),
                    words.of("bench.heeded"),
                    () -> hand.enter(new Deed.Warned(at.visit())));
        }
        if (task instanceof Task.Measure measure) {
            return new ReadingTask(hand).reading(at, measure);
        }
        if (task instanceof Task.Judge judge) {
            return judge(at, judge);
        }
        if (task instanceof Task.Try next) {
            return new ReadingTask(hand).decision(at, next);
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

    private Ask finish(StepWork at) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(Large.head(words.of("bench.doThis")));
        if (!at.step().expected().isBlank()) {
            nodes.add(Large.prose(words.of("bench.expect", at.step().expected())));
        }
        at.decisions()
                .forEach(
                        d ->
                                d.verdict()
                                        .ifPresent(
                                                v ->
                                                        nodes.add(
                                                                Large.prose(
                                                                        d.decision().name()
                                                                                + ": "
                                                                                + v,
                                                                        "accent-strong"))));
        reckoned(at, nodes);
        for (Wait wait : at.step().waits()) {
            nodes.add(Large.prose(words.of("bench.thenWait", wait.what(), waiting(wait)), "soft"));
        }
        return Ask.of(
                Large.card(nodes),
                words.of("bench.done"),
                () -> hand.enter(new Deed.Done(at.visit())));
    }

    private void reckoned(StepWork at, List<Node> nodes) {
        List<Reading> readings = at.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            Reading of = readings.get(i);
            if (of.answer() instanceof Answer.Reckoned) {
                Optional<JudgedAnswer> answer = hand.desk().run().answer(at, i, 0);
                nodes.add(
                        Large.prose(
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

    private Ask await(Task.RunningWait wait) {
        int number = hand.desk().run().work().number(wait.visit());
        String until = wait.of().until();
        Label clock = Controls.label("", "bench-clock");
        clock.setId("benchClock");
        VBox card =
                Large.card(Large.head(words.of("bench.waitFor", number, wait.of().what())), clock);
        if (!until.isEmpty()) {
            card.getChildren().add(Large.prose(words.of("bench.until", until)));
        }
        boolean free = hand.desk().left(wait) <= 0 || wait.of().bound() == Wait.Bound.AT_MOST;
        if (free) {
            return Ask.of(
                    card,
                    words.of(until.isEmpty() ? "bench.waitOver" : "bench.untilReached"),
                    () -> hand.enter(new Deed.WaitOver(wait.visit(), wait.index(), "")));
        }
        TextField why = Large.field("benchWhy", words.of("bench.why"));
        Runnable early =
                () ->
                        hand.enter(
                                new Deed.WaitOver(
                                        wait.visit(), wait.index(), why.getText().strip()));
        card.getChildren()
                .addAll(
                        Large.prose(words.of("bench.early"), "soft"),
                        why,
                        Large.key("benchEarly", words.of("bench.endEarly"), early));
        return Ask.of(card);
    }

    private Ask reached(Task.AskReached ask) {
        var visits = hand.desk().run().visits();
        var visit = visits.get(visits.size() - 1).visit();
        boolean may = ask.round() >= ask.repeat().least();
        List<Node> nodes = new ArrayList<>();
        nodes.add(Large.head(words.of("bench.isReached", ask.repeat().until())));
        nodes.add(Large.prose(words.of("bench.round", ask.round()), "soft"));
        if (ask.repeat().most() > 0) {
            nodes.add(
                    Large.prose(
                            words.of("bench.most", ask.repeat().most(), ask.repeat().otherwise()),
                            "soft"));
        }
        if (may) {
            nodes.add(
                    Large.key(
                            "benchYes",
                            words.of("bench.yesReached"),
                            () -> hand.enter(new Deed.Reached(visit, ask.repeat().id(), true))));
        }
        nodes.add(
                Large.key(
                        "benchNo",
                        words.of("bench.onceMore"),
                        () -> hand.enter(new Deed.Reached(visit, ask.repeat().id(), false))));
        return Ask.of(Large.card(nodes));
    }

    private Ask settle(StepWork at, Task.Why why) {
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
                            FoundNames.of(hand.desk().run().work().manual(), not.found()));
        }
        return Ask.of(
                Large.card(
                        Large.head(words.of("bench.isItDone")),
                        Large.prose(said),
                        Large.key(
                                "benchYes",
                                words.of("bench.isDone"),
                                () -> hand.enter(new Deed.Settled(at.visit(), true))),
                        Large.key(
                                "benchNo",
                                words.of("bench.leaveOut"),
                                () -> hand.enter(new Deed.Settled(at.visit(), false)))));
    }

    private Ask choose(StepWork at, Task.Choose task) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(Large.head(task.alternative().name()));
        for (int i = 0; i < task.alternative().ways().size(); i++) {
            var one = task.alternative().ways().get(i);
            String text = one.when().isBlank() ? one.name() : one.name() + " · " + one.when();
            nodes.add(
                    Large.key(
                            "benchAnswer" + (i + 1),
                            text,
                            () -> hand.enter(new Deed.Chosen(at.visit(), one.id()))));
        }
        return Ask.of(Large.card(nodes));
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
            VBox card = Large.card(Large.prose(hazard.hazard(), "strong"));
            if (!hazard.consequence().isBlank()) {
                card.getChildren().add(Large.prose(hazard.consequence()));
            }
            if (!hazard.avoidance().isBlank()) {
                card.getChildren().add(Large.prose(hazard.avoidance()));
            }
            all.getChildren().add(new VBox(signal, card));
        }
        return all;
    }

    private Ask judge(StepWork at, Task.Judge task) {
        VBox card = Large.card(Large.head(task.of().what()));
        card.getChildren()
                .addAll(
                        Large.key(
                                "benchYes",
                                told("bench.good", task.of().pass()),
                                () -> hand.enter(new Deed.Looked(at.visit(), task.look(), true))),
                        Large.key(
                                "benchNo",
                                told("bench.bad", task.of().fail()),
                                () -> hand.enter(new Deed.Looked(at.visit(), task.look(), false))));
        return Ask.of(card);
    }

    private String told(String key, String words) {
        return words.isBlank() ? this.words.of(key) : this.words.of(key) + ": " + words;
    }

    private Ask tighten(StepWork at, Task.Tighten task) {
        Joint joint = task.joint();
        int last = Fastening.lastRound(joint);
        String value =
                Fastening.value(joint, task.round())
                        .map(Quantity::print)
                        .orElse(words.of("bench.byHand"));
        List<Node> nodes = new ArrayList<>();
        nodes.add(Large.prose(joint.name(), "accent-strong"));
        nodes.add(Controls.label(value, "bench-value"));
        if (last > 0) {
            nodes.add(Large.prose(words.of("bench.stage", task.round() + 1, last + 1)));
        }
        String order = joint.order().isBlank() ? "" : words.of("bench.order", joint.order());
        nodes.add(
                Large.prose(
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
                    Large.key(
                            "screw-" + (i + 1),
                            done ? "✓" : String.valueOf(i + 1),
                            () -> tick(at, task, screw, "", ""));
            key.setMaxWidth(76);
            key.setMinWidth(76);
            key.setDisable(done);
            screws.getChildren().add(key);
        }
        nodes.add(screws);
        return new Ask(
                Large.card(nodes),
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
            hand.say(words.of("bench.otherKind", name, sent.text()));
        }
    }

    private void tick(StepWork at, Task.Tighten task, int screw, String value, String name) {
        hand.enter(
                new Deed.Tightened(
                        at.visit(), task.joint().id(), task.round(), screw, value, name));
    }

    private Ask sign(StepWork at, Task.Sign task) {
        boolean witness = task.sign() == Deed.Sign.WITNESSED;
        TextField name = Large.field("benchName", words.of("bench.name"));
        if (!witness) {
            name.setText(hand.desk().person());
        }
        String subject = task.energy() == null ? at.step().witness() : task.energy().name();
        VBox card = Large.card(Large.head(words.of("bench.sign." + task.sign(), subject)));
        if (task.energy() != null && !task.energy().madeSafe().isBlank()) {
            card.getChildren()
                    .add(Large.prose(words.of("bench.madeSafe", task.energy().madeSafe())));
        }
        card.getChildren().addAll(name, Large.prose(words.of("bench.signHint"), "soft"));
        Runnable sign =
                () ->
                        hand.enter(
                                new Deed.Signed(
                                        at.visit(),
                                        task.sign(),
                                        task.energy() == null ? null : task.energy().id(),
                                        name.getText().strip()));
        name.setOnAction(e -> sign.run());
        return Ask.of(card, words.of("bench.signIt"), sign);
    }
}
