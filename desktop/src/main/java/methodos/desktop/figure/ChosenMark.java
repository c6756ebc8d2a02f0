package methodos.desktop.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.PictureScale;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.MarkCases;
import methodos.core.manual.Movement;
import methodos.core.manual.Rotation;
import methodos.core.manual.ThreadTurn;
import methodos.core.quantity.Quantity;
import methodos.core.typed.TypedList;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** What the chosen mark tells: its words, its thread, its sizes; and what can be done with it. */
final class ChosenMark extends VBox {

    private final OpenProject project;
    private final Words words;
    private final FigureBench bench;
    private final MarkKeys keys;
    private final Consumer<String> say;
    private Id<Mark> mark;
    private Mark filled;
    private boolean doubted;

    ChosenMark(OpenProject project, FigureBench bench, MarkKeys keys, Consumer<String> say) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.bench = bench;
        this.keys = keys;
        this.say = say;
        setId("chosenMark");
    }

    /** Fills itself for the chosen mark; what is being typed stays. */
    void show(Figure figure) {
        Mark chosen = bench.chosenMark().orElse(null);
        if (chosen == null) {
            mark = null;
            filled = null;
            getChildren().clear();
            setManaged(false);
            return;
        }
        setManaged(true);
        boolean typing =
                chosen.id().equals(mark)
                        && getScene() != null
                        && getScene().getFocusOwner() instanceof TextField field
                        && getChildren().contains(field);
        boolean doubt = figure.doubtful().contains(chosen.id());
        if (typing || chosen.equals(filled) && doubt == doubted) {
            return;
        }
        doubted = doubt;
        mark = chosen.id();
        filled = chosen;
        getChildren().setAll(Controls.label(words.of("figure.chosen"), "panel-head"));
        if (doubt) {
            getChildren()
                    .addAll(
                            Controls.prose(words.of("figure.doubt"), "open"),
                            Controls.link(
                                    "confirmMark",
                                    words.of("figure.confirm"),
                                    () -> project.apply(FigureEdits.confirm(figure.id(), mark))));
        }
        fill(figure.id(), chosen);
        if (chosen instanceof Mark.Held held && held.held() != null) {
            getChildren()
                    .add(
                            Controls.link(
                                    "freeBalloon",
                                    words.of("figure.free"),
                                    () ->
                                            project.apply(
                                                    FigureEdits.hold(figure.id(), mark, null))));
        }
        HBox actions =
                new HBox(
                        12,
                        Controls.link(
                                "duplicateMark", words.of("figure.duplicate"), keys::duplicate),
                        Controls.link("deleteMark", words.of("figure.deleteMark"), keys::delete));
        getChildren().add(actions);
    }

    private void fill(Id<Figure> figure, Mark chosen) {
        chosen.map(new Fields(figure));
    }

    /** The fields of each kind of mark; what is set by its points alone has none. */
    private final class Fields implements MarkCases<Void> {
        private final Id<Figure> figure;

        Fields(Id<Figure> figure) {
            this.figure = figure;
        }

        private <M extends Mark & Mark.Worded> Void text(M worded) {
            TextField text =
                    Controls.named(
                            new TextField(worded.text()),
                            "markText",
                            words.of("figure.text." + worded.getClass().getSimpleName()));
            Id<Mark> id = worded.id();
            text.textProperty()
                    .addListener((o, was, is) -> project.apply(FigureEdits.text(figure, id, is)));
            getChildren().add(text);
            return null;
        }

        @Override
        public Void callout(Mark.Callout mark) {
            return null;
        }

        @Override
        public Void screwOrder(Mark.ScrewOrder mark) {
            order(figure, mark);
            return null;
        }

        @Override
        public Void screwPlace(Mark.ScrewPlace mark) {
            return null;
        }

        @Override
        public Void turn(Mark.Turn mark) {
            ChosenMark.this.turn(figure, mark);
            return null;
        }

        @Override
        public Void shift(Mark.Shift mark) {
            getChildren()
                    .add(
                            choice(
                                    "movement",
                                    List.of(Movement.values()),
                                    mark.movement(),
                                    words::of,
                                    v -> change(figure, m -> ((Mark.Shift) m).withMovement(v))));
            return null;
        }

        @Override
        public Void detail(Mark.Detail mark) {
            return null;
        }

        @Override
        public Void outline(Mark.Outline mark) {
            return null;
        }

        @Override
        public Void length(Mark.Length mark) {
            return null;
        }

        @Override
        public Void scale(Mark.Scale mark) {
            ChosenMark.this.scale(figure, mark);
            return null;
        }

        @Override
        public Void matchMark(Mark.MatchMark mark) {
            return text(mark);
        }

        @Override
        public Void byFeel(Mark.ByFeel mark) {
            return text(mark);
        }

        @Override
        public Void label(Mark.Label mark) {
            return text(mark);
        }

        @Override
        public Void cover(Mark.Cover mark) {
            return null;
        }
    }

    private void change(Id<Figure> figure, UnaryOperator<Mark> change) {
        project.apply(FigureEdits.mark(figure, mark, change));
    }

    private void order(Id<Figure> figure, Mark.ScrewOrder order) {
        List<Arrangement> all = new ArrayList<>();
        all.add(null);
        all.addAll(Arrays.asList(Arrangement.values()));
        getChildren()
                .add(
                        choice(
                                "arrangement",
                                all,
                                order.arrangement(),
                                a -> a == null ? words.of("figure.asTheyLie") : words.of(a),
                                v ->
                                        change(
                                                figure,
                                                m -> {
                                                    Mark.ScrewOrder o = (Mark.ScrewOrder) m;
                                                    return v == Arrangement.GIVEN
                                                            ? o.withGiven(asClicked(o))
                                                            : o.withArrangement(v);
                                                })));
        if (order.arrangement() == Arrangement.GIVEN) {
            TextField given =
                    Controls.named(
                            new TextField(
                                    String.join(
                                            " ",
                                            order.given().stream().map(String::valueOf).toList())),
                            "givenOrder",
                            words.of("figure.given"));
            Controls.kept(given, text -> given(figure, order, text));
            getChildren().addAll(Controls.prose(words.of("figure.given"), "soft"), given);
        }
    }

    private static List<Integer> asClicked(Mark.ScrewOrder order) {
        return IntStream.rangeClosed(1, order.screws().size()).boxed().toList();
    }

    private void given(Id<Figure> figure, Mark.ScrewOrder order, String text) {
        List<Integer> numbers =
                TypedList.words(text).stream()
                        .map(word -> TypedNumber.count(word).orElse(-1))
                        .toList();
        if (numbers.stream().sorted().toList().equals(asClicked(order))) {
            change(figure, m -> ((Mark.ScrewOrder) m).withGiven(numbers));
        } else {
            say.accept(words.of("figure.given.wrong", order.screws().size()));
        }
    }

    private void turn(Id<Figure> figure, Mark.Turn turn) {
        List<ThreadTurn.Hand> hands = new ArrayList<>();
        hands.add(null);
        hands.addAll(Arrays.asList(ThreadTurn.Hand.values()));
        ThreadTurn thread = turn.thread();
        getChildren()
                .add(
                        choice(
                                "threadHand",
                                hands,
                                thread == null ? null : thread.hand(),
                                h ->
                                        h == null
                                                ? words.of("figure.noThread")
                                                : words.of("figure.thread", words.of(h)),
                                h -> change(figure, m -> with((Mark.Turn) m, h))));
        if (thread == null) {
            getChildren()
                    .add(
                            choice(
                                    "rotation",
                                    List.of(Rotation.values()),
                                    turn.rotation(),
                                    words::of,
                                    v -> change(figure, m -> ((Mark.Turn) m).withSaid(v))));
            return;
        }
        getChildren()
                .addAll(
                        choice(
                                "threadAction",
                                List.of(ThreadTurn.Action.values()),
                                thread.action(),
                                words::of,
                                v ->
                                        change(
                                                figure,
                                                m ->
                                                        ((Mark.Turn) m)
                                                                .withThread(
                                                                        new ThreadTurn(
                                                                                thread.hand(),
                                                                                v,
                                                                                thread
                                                                                        .seenFrom())))),
                        choice(
                                "seenFrom",
                                List.of(ThreadTurn.SeenFrom.values()),
                                thread.seenFrom(),
                                v -> words.of("figure.seenFrom", words.of(v)),
                                v ->
                                        change(
                                                figure,
                                                m ->
                                                        ((Mark.Turn) m)
                                                                .withThread(
                                                                        new ThreadTurn(
                                                                                thread.hand(),
                                                                                thread.action(),
                                                                                v)))),
                        Controls.prose(
                                words.of("figure.turns", words.of(turn.rotation())), "soft"));
    }

    private static Mark with(Mark.Turn turn, ThreadTurn.Hand hand) {
        if (hand == null) {
            return turn.withThread(null).withSaid(turn.rotation());
        }
        ThreadTurn before = turn.thread();
        return turn.withThread(
                new ThreadTurn(
                        hand,
                        before == null ? ThreadTurn.Action.LOOSEN : before.action(),
                        before == null ? ThreadTurn.SeenFrom.HEAD : before.seenFrom()));
    }

    private void scale(Id<Figure> figure, Mark.Scale scale) {
        HBox row = new HBox(6);
        for (int i = 0; i < scale.shape().sizes(); i++) {
            TextField size =
                    Controls.named(
                            new TextField(
                                    i < scale.sizes().size() ? scale.sizes().get(i).entered() : ""),
                            "size-" + i,
                            words.of("figure.size." + scale.shape().name() + "." + i));
            HBox.setHgrow(size, Priority.ALWAYS);
            Controls.kept(size, text -> sizes(figure, row));
            row.getChildren().add(size);
        }
        getChildren()
                .addAll(
                        Controls.prose(words.of("figure.known." + scale.shape().name()), "soft"),
                        row);
    }

    /** Keeps the sizes when all are told; one that is no length says so and stays as typed. */
    private void sizes(Id<Figure> figure, HBox row) {
        List<Quantity> sizes = new ArrayList<>();
        for (Node node : row.getChildren()) {
            String text = ((TextField) node).getText().trim();
            if (text.isEmpty()) {
                return;
            }
            try {
                Quantity size = Quantity.parse(text);
                if (!PictureScale.isSize(size)) {
                    say.accept(words.of("figure.noLength", text));
                    return;
                }
                sizes.add(size);
            } catch (IllegalArgumentException e) {
                say.accept(words.of("figure.noLength", text));
                return;
            }
        }
        change(figure, m -> ((Mark.Scale) m).withSizes(sizes));
    }

    private <T> ComboBox<T> choice(
            String id, List<T> all, T now, Function<T, String> name, Consumer<T> take) {
        ComboBox<T> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(all)),
                        id,
                        words.of("figure.choice." + id));
        box.setConverter(new NameConverter<>(value -> name.apply(value)));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setValue(now);
        box.setOnAction(e -> take.accept(box.getValue()));
        return box;
    }
}
