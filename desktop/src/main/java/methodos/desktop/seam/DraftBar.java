package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.StepJoining;
import methodos.core.edit.StepQuestions;
import methodos.core.edit.StepQuestions.Asked;
import methodos.core.edit.StepSplitting;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.narration.Draft;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.PartLine;
import methodos.desktop.drafting.DraftDesk;
import methodos.desktop.drafting.ProposedStills;
import methodos.desktop.project.OpenProject;

/**
 * Settles drafted steps, one key each: accept, change, split, join, set aside. Each goes on to the
 * next drafted step, so that a hand can stay on the keys.
 */
final class DraftBar extends HBox {

    private final OpenProject project;
    private final SeamState state;
    private final DraftDesk desk;
    private final ProposedStills stills;
    private final Words words;
    private final Acts acts;

    /**
     * What it asks for.
     *
     * @param keep makes a still the figure of a step
     * @param message where to say what happened
     * @param choose shows a step, by its id
     * @param change puts the cursor into the chosen step's text
     * @param inView the steps whose cards are in view
     */
    record Acts(
            BiConsumer<Step, Figure.Still> keep,
            Consumer<String> message,
            Consumer<Id<Step>> choose,
            Runnable change,
            Supplier<List<Step>> inView) {}

    /**
     * @param stills what is proposed for drafted steps
     */
    DraftBar(
            OpenProject project,
            SeamState state,
            DraftDesk desk,
            ProposedStills stills,
            Acts acts) {
        super(8);
        this.project = project;
        this.state = state;
        this.desk = desk;
        this.stills = stills;
        this.words = project.words();
        this.acts = acts;
        Label left = Controls.label("", "soft");
        left.setId("draftsLeft");
        left.setMinWidth(USE_PREF_SIZE);
        left.textProperty()
                .bind(
                        Bindings.createStringBinding(
                                () -> words.of("seam.draftsLeft", sure().size(), unsure()),
                                project.workspace()));
        Button accept = action("acceptDraft", "seam.accept", this::accept);
        accept.textProperty()
                .bind(
                        Bindings.createStringBinding(
                                this::acceptWords, project.workspace(), state.step()));
        Button all = action("acceptSure", "seam.acceptSure", this::acceptSure);
        all.disableProperty()
                .bind(Bindings.createBooleanBinding(() -> sure().isEmpty(), project.workspace()));
        FlowPane flow =
                new FlowPane(
                        8,
                        6,
                        accept,
                        all,
                        action("acceptUpTo", "seam.acceptUpTo", this::acceptUpTo),
                        action("nextDraft", "seam.nextDraft", this::next),
                        action("changeDraft", "seam.change", acts.change()),
                        action("splitStep", "seam.split", this::split),
                        action("joinStep", "seam.join", this::join),
                        action("asideProposed", "seam.asideProposed", this::setProposedAside),
                        left);
        HBox.setHgrow(flow, Priority.ALWAYS);
        getChildren().add(flow);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("action-bar");
        visibleProperty()
                .bind(
                        Bindings.createBooleanBinding(
                                () -> !drafted().isEmpty(), project.workspace()));
        managedProperty().bind(visibleProperty());
    }

    private Button action(String id, String key, Runnable run) {
        Button button = Controls.button(id, words.of(key), run);
        button.getStyleClass().add("action");
        return button;
    }

    private List<Step> drafted() {
        return project.manual().steps().filter(s -> !s.accepted()).toList();
    }

    private Optional<Step> chosenDraft() {
        return Optional.ofNullable(state.step().get())
                .flatMap(project.manual()::step)
                .filter(s -> !s.accepted());
    }

    /** Whether a drafted step is what the keys are meant for. */
    boolean choosesDraft() {
        return chosenDraft()
                .filter(s -> state.span().get() == null || s.spans().contains(state.span().get()))
                .isPresent();
    }

    /** Reads the narration of a clip into steps. */
    void draft() {
        Optional<Clip> clip = told();
        if (clip.isEmpty()) {
            acts.message().accept(words.of("seam.draftNeedsWords"));
            return;
        }
        acts.message().accept(words.of("seam.drafting", clip.get().name()));
        desk.read(clip.get(), d -> take(clip.get(), d), acts.message());
    }

    /** The clip at the play position; where nothing is said in it the first in which there is. */
    private Optional<Clip> told() {
        Stream<Clip> here =
                Optional.ofNullable(state.clip().get()).flatMap(project.manual()::clip).stream();
        return Stream.concat(here, project.manual().clips().stream())
                .filter(c -> !project.workspace().get().captions(c.id()).captions().isEmpty())
                .findFirst();
    }

    private void take(Clip clip, Draft draft) {
        project.apply(DraftEdits.draft(clip.id(), draft, words));
        List<Step> steps = drafted().stream().filter(s -> isOf(s, clip)).toList();
        acts.message()
                .accept(words.of("seam.draftedSteps", steps.size(), draft.dismissed().size()));
        steps.stream().findFirst().ifPresent(s -> acts.choose().accept(s.id()));
    }

    /** Whether a step begins in a clip; one from another manual has no footage. */
    private static boolean isOf(Step step, Clip clip) {
        return step.spans().stream()
                .findFirst()
                .filter(s -> s.clip().equals(clip.id()))
                .isPresent();
    }

    private List<Step> sure() {
        return drafted().stream().filter(StepQuestions::sure).toList();
    }

    private int unsure() {
        return drafted().size() - sure().size();
    }

    /** What accepting does to the chosen step: a part that is asked for is the first answer. */
    private String acceptWords() {
        return chosenDraft()
                .flatMap(s -> Asks.first(s, project.manual()))
                .filter(Asked::among)
                .flatMap(a -> a.answers().get(0).part())
                .map(p -> words.of("seam.acceptWith", PartLine.of(p)))
                .orElse(words.of("seam.accept"));
    }

    /** Gives an answer to what the chosen step asks. */
    void answer(int number) {
        chosenDraft()
                .flatMap(s -> Asks.first(s, project.manual()))
                .filter(a -> number >= 1 && number <= a.answers().size())
                .ifPresent(a -> project.apply(a.answers().get(number - 1).edit()));
    }

    /** Agrees to all steps in view about which nothing is in doubt. */
    void acceptSure() {
        List<Id<Step>> sure =
                acts.inView().get().stream()
                        .filter(s -> !s.accepted() && StepQuestions.sure(s))
                        .map(Step::id)
                        .toList();
        if (sure.isEmpty()) {
            acts.message().accept(words.of("seam.noneSure"));
            return;
        }
        settled(sure);
    }

    /** Agrees to all that is proposed to be set aside in the clip at the play position. */
    void setProposedAside() {
        Id<Clip> clip = state.clip().get();
        long proposed =
                project.manual().proposals().stream()
                        .filter(p -> p.span().clip().equals(clip))
                        .count();
        if (proposed == 0) {
            acts.message().accept(words.of("seam.noneProposed"));
            return;
        }
        project.apply(DraftEdits.setProposedAside(clip));
        acts.message().accept(words.of("seam.asideMany", proposed));
    }

    /** Agrees to the chosen step and to all that were drafted before it. */
    void acceptUpTo() {
        chosenDraft()
                .ifPresentOrElse(
                        s -> {
                            List<Id<Step>> all = drafted().stream().map(Step::id).toList();
                            settled(all.subList(0, all.indexOf(s.id()) + 1));
                        },
                        () -> acts.message().accept(words.of("seam.chooseDraft")));
    }

    private void settled(List<Id<Step>> steps) {
        project.apply(DraftEdits.accept(steps));
        acts.message().accept(words.of("seam.acceptedMany", steps.size()));
        goTo(nextAfter(steps.get(steps.size() - 1)));
    }

    /** Drafted steps that are chosen together; none where only one is chosen. */
    private List<Id<Step>> several() {
        List<Id<Step>> drafts =
                state.chosen(project.manual()).stream()
                        .flatMap(id -> project.manual().step(id).stream())
                        .filter(s -> !s.accepted())
                        .map(Step::id)
                        .toList();
        return drafts.size() > 1 ? drafts : List.of();
    }

    /** Agrees to the chosen step, and to the still that is proposed for it; or to all chosen. */
    void accept() {
        List<Id<Step>> several = several();
        if (!several.isEmpty()) {
            settled(several);
            return;
        }
        chosenDraft()
                .ifPresentOrElse(
                        s -> {
                            Id<Step> next = nextAfter(s.id());
                            Optional<ProposedStill> still = stills.of(s);
                            project.apply(DraftEdits.accept(s.id()));
                            still.ifPresent(p -> acts.keep().accept(s, p.still()));
                            goTo(next);
                        },
                        () -> acts.message().accept(words.of("seam.chooseDraft")));
    }

    void setAside() {
        List<Id<Step>> several = several();
        if (!several.isEmpty()) {
            Id<Step> next = nextAfter(several.get(several.size() - 1));
            project.apply(DraftEdits.setAside(several, words.of("seam.asideReason")));
            acts.message().accept(words.of("seam.setAsideMany", several.size()));
            goTo(next);
            return;
        }
        chosenDraft()
                .ifPresentOrElse(
                        s -> {
                            Id<Step> next = nextAfter(s.id());
                            project.apply(
                                    DraftEdits.setAside(s.id(), words.of("seam.asideReason")));
                            goTo(next);
                        },
                        () -> acts.message().accept(words.of("seam.chooseDraft")));
    }

    void join() {
        Optional.ofNullable(state.step().get())
                .ifPresentOrElse(
                        s -> project.apply(StepJoining.join(s, words)),
                        () -> acts.message().accept(words.of("seam.chooseDraft")));
    }

    /** Splits the chosen step where the play position is. */
    void split() {
        double at = state.time().get();
        Id<Clip> clip = state.clip().get();
        boolean inside =
                Optional.ofNullable(state.step().get()).flatMap(project.manual()::step).stream()
                        .flatMap(s -> s.spans().stream())
                        .anyMatch(s -> s.clip().equals(clip) && at > s.start() && at < s.end());
        if (!inside) {
            acts.message().accept(words.of("seam.splitWhere"));
            return;
        }
        project.apply(StepSplitting.split(state.step().get(), clip, at));
    }

    /** Goes to the next step that is in doubt; to the next drafted one where none is. */
    void next() {
        Id<Step> here = state.step().get();
        Id<Step> doubtful = nextAfter(here, s -> !StepQuestions.sure(s));
        goTo(doubtful == null ? nextAfter(here) : doubtful);
    }

    private void goTo(Id<Step> step) {
        if (step == null) {
            acts.message().accept(words.of("seam.draftsSettled"));
        } else {
            acts.choose().accept(step);
        }
    }

    /** The next drafted step behind one, round to the first; null where there is none left. */
    private Id<Step> nextAfter(Id<Step> step) {
        return nextAfter(step, s -> true);
    }

    private Id<Step> nextAfter(Id<Step> step, Predicate<Step> wanted) {
        Manual manual = project.manual();
        List<Id<Step>> all = manual.steps().map(Step::id).toList();
        int at = all.indexOf(step);
        for (int i = 1; i <= all.size(); i++) {
            Step other = manual.step(all.get((at + i) % all.size())).orElseThrow();
            if (!other.accepted() && !other.id().equals(step) && wanted.test(other)) {
                return other.id();
            }
        }
        return null;
    }
}
