package methodos.desktop.unit;

import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Practices;
import methodos.core.manual.TighteningWay;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** How this manual does it where good people differ. */
final class PracticesPanel extends VBox {

    private final OpenProject project;
    private Practices shown;

    PracticesPanel(OpenProject project) {
        super(4);
        this.project = project;
        setId("practices");
        project.workspace().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        Practices now = project.manual().practices();
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().setAll(Controls.label(project.words().of("practices.head"), "panel-head"));
        choice("renewal", Practices.Renewal.values(), Practices::renewal, Practices::withRenewal);
        choice(
                "tightening",
                TighteningWay.values(),
                Practices::tightening,
                Practices::withTightening);
        choice("round", Practices.Round.values(), Practices::round, Practices::withRound);
        choice("tools", Practices.ToolChoice.values(), Practices::tools, Practices::withTools);
        choice(
                "optional",
                Practices.Optional.values(),
                Practices::optional,
                Practices::withOptional);
        choice(
                "reassembly",
                Practices.Reassembly.values(),
                Practices::reassembly,
                Practices::withReassembly);
        byHand();
        getChildren().add(Controls.prose(project.words().of("practices.how"), "soft"));
    }

    /** The greatest mass that is lifted without an aid; the usual one where nothing is typed. */
    private void byHand() {
        String name = project.words().of("practices.byHand");
        TextField field =
                Controls.named(new TextField(shown.byHand().print()), "practice-byHand", name);
        Label problem = Controls.prose("", "problem");
        Controls.seen(problem, false);
        Controls.kept(
                field,
                typed ->
                        project.apply(
                                UnitEdits.practices(
                                        p ->
                                                p.withByHand(
                                                        typed.isEmpty()
                                                                ? null
                                                                : Quantity.parse(
                                                                        typed,
                                                                        MeasureUnit.Dimension
                                                                                .MASS)))),
                why -> {
                    problem.setText(why);
                    Controls.seen(problem, true);
                });
        getChildren().add(new VBox(0, Controls.label(name, "soft"), field, problem));
    }

    private <E extends Enum<E>> void choice(
            String id,
            E[] values,
            Function<Practices, E> now,
            BiFunction<Practices, E, Practices> with) {
        ComboBox<E> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(values)),
                        "practice-" + id,
                        project.words().of("practices." + id));
        box.setConverter(NameConverter.of(project.words()));
        box.setValue(now.apply(shown));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(
                e -> project.apply(UnitEdits.practices(p -> with.apply(p, box.getValue()))));
        getChildren()
                .add(
                        new VBox(
                                0,
                                Controls.label(project.words().of("practices." + id), "soft"),
                                box));
    }
}
