package methodos.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.StepQuestions;
import methodos.core.manual.Clip;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.desktop.project.OpenProject;
import methodos.desktop.seam.SeamView;
import methodos.desktop.window.MainWindow;
import methodos.training.Journey;
import methodos.training.Journey.Leg;
import methodos.training.Journey.Missed;
import methodos.training.Journey.Wanted;

/**
 * One who settles a draft by the keys of the window and knows what each step should be. Values that
 * a step lacks are typed into its words; a field of their own would take as many keys.
 */
final class Settler {

    private static final double SAME = 1e-6;

    /** A value that is typed into words that are right otherwise: "at least 62 mm". */
    private static final int LETTERS_OF_A_VALUE = 12;

    /** A key that is held down while another is pressed. */
    private enum Held {
        NONE,
        SHIFT,
        CONTROL
    }

    private final Journey journey;
    private final OpenProject project;
    private final MainWindow window;
    private final Tally tally;

    Settler(Journey journey, OpenProject project, MainWindow window, Tally tally) {
        this.journey = journey;
        this.project = project;
        this.window = window;
        this.tally = tally;
    }

    void settle() throws Exception {
        List<Id<Step>> drafted =
                project.manual().steps().filter(s -> !s.accepted()).map(Step::id).toList();
        for (Id<Step> id : drafted) {
            Optional<Step> step = project.manual().step(id).filter(s -> !s.accepted());
            if (step.isPresent()) {
                Interface.run(() -> window.chooseStep(id));
                back();
                settle(step.get());
            }
        }
        for (Missed missed : journey.missed()) {
            make(missed);
        }
        journey.legs().stream().map(Leg::wanted).filter(w -> w != null).forEach(this::byHand);
        journey.missed().stream().map(Missed::wanted).forEach(this::byHand);
    }

    private void settle(Step step) throws Exception {
        Leg leg = leg(step);
        if (leg.wanted() == null) {
            press(KeyCode.X, Held.NONE);
            tally.act(Tally.Fate.WRONG, 1, 1, 0, 0);
            return;
        }
        if (StepQuestions.sure(step) && right(step, leg.wanted())) {
            List<Step> sure =
                    ((SeamView) window.root().lookup("#seam"))
                            .inView().stream()
                                    .filter(s -> !s.accepted() && StepQuestions.sure(s))
                                    .toList();
            if (sure.size() > 1 && sure.contains(step) && sure.stream().allMatch(this::right)) {
                press(KeyCode.A, Held.SHIFT);
                tally.act(Tally.Fate.RIGHT, sure.size(), 1, 0, 0);
                return;
            }
        }
        settle(step, leg.wanted(), Tally.Fate.RIGHT, 0, 0);
    }

    /**
     * Makes a step what it should be, by the fewest keys.
     *
     * @param fate what became of it if nothing has to be changed
     * @param before keys and pointings that it took so far
     */
    private void settle(Step drafted, Wanted wanted, Tally.Fate fate, int before, int pointed)
            throws Exception {
        Step step = drafted;
        int keys = before;
        int pointings = pointed;
        int letters = 0;
        boolean edited = false;
        for (int answer = answer(step, wanted); answer > 0; answer = answer(step, wanted)) {
            press(KeyCode.getKeyCode(String.valueOf(answer)), Held.NONE);
            keys++;
            step = project.manual().step(step.id()).orElseThrow();
        }
        for (PartUse use : step.parts()) {
            if (!allowed(project.manual().part(use.part()).orElseThrow(), wanted)) {
                fire("#removePart-" + use.part());
                pointings++;
                edited = true;
            }
        }
        List<Part> lacking = lacking(project.manual().step(step.id()).orElseThrow(), wanted);
        boolean same = step.text().equals(wanted.words()); // made of the words as they are
        boolean words = !same && (!wanted.sound() || wanted.lacking() > 0);
        if (words) {
            press(KeyCode.C, Held.NONE);
            keys++;
            type("#stepText", wanted.words());
            letters +=
                    wanted.sound()
                            ? wanted.lacking() * LETTERS_OF_A_VALUE
                            : wanted.words().length();
            if (!lacking.isEmpty()) {
                press(KeyCode.TAB, Held.NONE);
                keys++;
            }
        } else if (!lacking.isEmpty()) {
            press(KeyCode.P, Held.NONE);
            keys++;
        }
        for (Part part : lacking) {
            type("#addPart", part.item());
            letters += part.item().length();
            keys++; // Enter, and behind the last one Ctrl+Enter, which accepts the step as well
            boolean last = part == lacking.get(lacking.size() - 1);
            press(KeyCode.ENTER, last ? Held.CONTROL : Held.NONE);
            taken(step.id(), part);
        }
        if (words && lacking.isEmpty()) {
            press(KeyCode.ENTER, Held.CONTROL);
            keys++;
        }
        edited |= words || !lacking.isEmpty();
        if (project.manual().step(step.id()).filter(s -> !s.accepted()).isPresent()) {
            press(KeyCode.A, Held.NONE);
            keys++;
        }
        Tally.Fate became = edited && fate == Tally.Fate.RIGHT ? Tally.Fate.EDITED : fate;
        tally.act(became, 1, keys, pointings, letters);
    }

    /** The number of the answer that is not the one that accepting gives; 0 where it does. */
    private int answer(Step step, Wanted wanted) {
        List<StepQuestions.Asked> asked = StepQuestions.of(project.manual(), step);
        if (asked.isEmpty() || !asked.get(0).among()) {
            return 0;
        }
        List<StepQuestions.Answer> answers = asked.get(0).answers();
        for (int i = 0; i < answers.size(); i++) {
            if (answers.get(i).part().filter(p -> allowed(p, wanted)).isPresent()) {
                return i == 0 && asked.size() == 1 ? 0 : i + 1;
            }
        }
        return answers.size(); // none of them: a part of its own
    }

    private boolean right(Step step) {
        Leg leg = leg(step);
        return leg.wanted() != null && right(step, leg.wanted());
    }

    private boolean right(Step step, Wanted wanted) {
        return wanted.sound()
                && wanted.lacking() == 0
                && lacking(step, wanted).isEmpty()
                && step.parts().stream()
                        .map(u -> project.manual().part(u.part()).orElseThrow())
                        .allMatch(p -> allowed(p, wanted));
    }

    /** A line of the list that the step should not have is wrong; what is only heard is not. */
    private static boolean allowed(Part part, Wanted wanted) {
        return part.heard()
                || wanted.parts().contains(part.name())
                || wanted.others().contains(part.name());
    }

    private List<Part> lacking(Step step, Wanted wanted) {
        List<String> has =
                new ArrayList<>(
                        step.parts().stream()
                                .map(u -> project.manual().part(u.part()).orElseThrow().name())
                                .toList());
        StepQuestions.of(project.manual(), step).stream()
                .filter(StepQuestions.Asked::among)
                .flatMap(a -> a.answers().get(0).part().stream())
                .forEach(p -> has.add(p.name()));
        return wanted.parts().stream()
                .filter(name -> !has.contains(name))
                .filter(name -> has.stream().noneMatch(wanted.others()::contains))
                .flatMap(
                        name ->
                                project.manual().parts().stream()
                                        .filter(p -> p.name().equals(name) && !p.heard()))
                .toList();
    }

    /**
     * Makes a step of words that no draft made one of. Enter would read them by the reader that
     * ships, which knows the narration: here they are read by one that does not.
     */
    private void make(Missed missed) throws Exception {
        Id<Clip> clip = project.manual().clips().get(0).id();
        Wanted wanted = missed.wanted();
        Span span = new Span(clip, wanted.start(), Math.max(wanted.end(), wanted.start() + 0.1));
        List<Id<Step>> before = project.manual().steps().map(Step::id).toList();
        Interface.run(
                () ->
                        project.apply(
                                DraftEdits.make(
                                        span,
                                        missed.quote(),
                                        Stage.Kind.TAKE_DOWN,
                                        missed.draft(),
                                        project.words())));
        Step made =
                project.manual()
                        .steps()
                        .filter(s -> !before.contains(s.id()))
                        .findFirst()
                        .orElseThrow();
        Interface.run(() -> window.chooseStep(made.id()));
        back();
        // two pointings, where the words begin and where they end, and Enter
        settle(made, wanted, Tally.Fate.MISSED, 1, 2);
    }

    /** By hand each step is selected, made, worded and given its parts. */
    private void byHand(Wanted wanted) {
        int parts = wanted.parts().size();
        tally.byHand(3 + parts, 2, wanted.words().length() + 2 * parts);
    }

    /** A part is taken by the number of its item: one match and Enter takes it. */
    private void taken(Id<Step> step, Part part) {
        boolean there =
                project.manual()
                        .step(step)
                        .filter(s -> s.parts().stream().anyMatch(u -> u.part().equals(part.id())))
                        .isPresent();
        if (!there) {
            throw new IllegalStateException("item " + part.item() + " was not taken");
        }
    }

    private Leg leg(Step step) {
        Span span = step.spans().get(0);
        return journey.legs().stream()
                .filter(l -> Math.abs(l.drafted().start() - span.start()) < SAME)
                .filter(l -> Math.abs(l.drafted().end() - span.end()) < SAME)
                .filter(l -> l.drafted().text().endsWith(step.text().substring(1)))
                .findFirst()
                .orElseThrow();
    }

    private void press(KeyCode code, Held held) throws Exception {
        Interface.run(
                () -> {
                    Node focused = window.root().getScene().getFocusOwner();
                    Node target = focused == null ? window.root().lookup("#seam") : focused;
                    for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                        Event.fireEvent(
                                target,
                                new KeyEvent(
                                        type,
                                        "",
                                        code.getName(),
                                        code,
                                        held == Held.SHIFT,
                                        held == Held.CONTROL,
                                        false,
                                        false));
                    }
                });
        laidOut();
    }

    /** Fields have their keys once they are laid out. */
    private void laidOut() throws Exception {
        Interface.run(
                () -> {
                    window.root().applyCss();
                    window.root().layout();
                });
    }

    /** Back from the fields to the keys of the seam. */
    private void back() throws Exception {
        Interface.run(() -> window.root().lookup("#seam").requestFocus());
    }

    private void type(String field, String text) throws Exception {
        Interface.run(
                () -> {
                    Node node = window.root().lookup(field);
                    node.requestFocus();
                    ((TextInputControl) node).setText(text);
                });
        laidOut();
    }

    private void fire(String button) throws Exception {
        Interface.run(() -> ((Button) window.root().lookup(button)).fire());
        laidOut();
        back();
    }
}
