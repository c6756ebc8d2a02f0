package methodos.desktop.stores;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.parts.PartsAnswer;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Parts and tools along the steps, the chosen one, and what a parts service says. */
@SuppressWarnings("unchecked") // nodes are looked up by id, without the type of their rows
class StoresTest extends StoresWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private String told(FxRobot robot) {
        return robot.lookup("#stores .list-cell").queryAll().stream()
                .filter(n -> ((ListCell<?>) n).isSelected())
                .map(n -> (String) n.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPartTellsWhereItComesOffAndGoesOnAgain(FxRobot robot) {
        choose(robot, part("25").id());
        assertThat(told(robot))
                .startsWith("25 snap ring, lower bearing 48, replace, removed in step ")
                .doesNotContain("never");
        Id<Step> back = row("25").line().last(Handling.PUT_ON).orElseThrow().step();
        ComboBox<Handling> box = node(robot, "#handling-" + back, ComboBox.class);
        robot.interact(() -> box.setValue(Handling.TOUCHED));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").line().loose()).isPresent();
        assertThat(told(robot)).endsWith("removed, never installed again");
        robot.interact(() -> project.edits().undo());
        assertThat(row("25").line().loose()).isEmpty();
    }

    @Test
    void theChosenPartIsChangedInItsPanelAndABadEntryIsSaid(FxRobot robot) {
        choose(robot, part("11").id());
        fill(robot, "#partNumber", "HV-80-3011C");
        assertThat(part("11").number()).isEqualTo("HV-80-3011C");
        fill(robot, "#partCovered", "4, 99");
        assertThat(node(robot, "#message", Labeled.class).getText())
                .isEqualTo("There is no item 99.");
        assertThat(part("11").coveredBy()).isEmpty();
        fill(robot, "#partCovered", "4");
        assertThat(part("11").coveredBy()).containsExactly(part("4").id());
        fill(robot, "#partReplaced", "HV-80-3011D");
        laidOut(robot);
        robot.clickOn("#takeReplacement");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(part("11").number()).isEqualTo("HV-80-3011D");
        assertThat(part("11").replacement()).isNull();
    }

    @Test
    void whatAPartStaysOffForItsSetAndItsMassAreTyped(FxRobot robot) {
        choose(robot, part("11").id());
        fill(robot, "#partConverted", "11");
        assertThat(node(robot, "#message", Labeled.class).getText())
                .isEqualTo("A part cannot go on in its own place.");
        fill(robot, "#partConverted", "4");
        fill(robot, "#partSet", "seals");
        fill(robot, "#partMass", "4 mm");
        assertThat(node(robot, "#message", Labeled.class).getText())
                .isEqualTo("“4 mm” is no mass.");
        fill(robot, "#partMass", "1.2 kg");
        assertThat(part("11").convertedTo()).isEqualTo(part("4").id());
        assertThat(told(robot)).contains(", another is installed in its place");
        assertThat(part("11").set()).isEqualTo("seals");
        assertThat(part("11").mass().print()).isEqualTo("1.2 kg");
    }

    @Test
    void placesWayRoundAndLiftingOfAPartAreTyped(FxRobot robot) {
        choose(robot, part("11").id());
        fill(robot, "#partWayRound", "lip inward");
        fill(robot, "#partPlaces", "left, right");
        fill(robot, "#partLifting", "two eye bolts");
        assertThat(part("11").wayRound()).isEqualTo("lip inward");
        assertThat(part("11").places()).containsExactly("left", "right");
        assertThat(part("11").lifting()).isEqualTo("two eye bolts");
    }

    private String focused(FxRobot robot) {
        String[] id = new String[1];
        robot.interact(
                () -> id[0] = node(robot, "#seek", Node.class).getScene().getFocusOwner().getId());
        return id[0];
    }

    @Test
    void tabKeepsWhatWasTypedAndGoesToTheNextField(FxRobot robot) {
        choose(robot, part("11").id());
        robot.clickOn("#partNumber");
        shortcut(robot, KeyCode.A);
        robot.write("HV-80-3011C").type(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(part("11").number()).isEqualTo("HV-80-3011C");
        assertThat(focused(robot)).isEqualTo("partItem");
        robot.clickOn("#partName");
        shortcut(robot, KeyCode.A);
        robot.type(KeyCode.DELETE, KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#message", Labeled.class).getText()).contains("name");
        assertThat(part("11").name()).isNotEmpty();
    }

    @Test
    void whatIsBeingTypedStaysWhenTheServiceAnswers(FxRobot robot) {
        choose(robot, part("11").id());
        robot.clickOn("#partNote").write("new from spring");
        robot.interact(
                () ->
                        project.keepPartsAnswer(
                                new PartsAnswer(
                                        Map.of("X-1", new PartsAnswer.Offer("1", 1, null)),
                                        Map.of())));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#partNote", TextField.class).getText())
                .isEqualTo("new from spring");
        assertThat(focused(robot)).isEqualTo("partNote");
        table(robot, "PARTS", "parts");
        TableView<Part> table = node(robot, "#parts", TableView.class);
        focus(robot, table, 2, 9);
        robot.write("half of a");
        robot.interact(() -> project.keepPartsAnswer(PartsAnswer.NONE));
        WaitForAsyncUtils.waitForFxEvents();
        robot.write(" note").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(table.getItems().get(2).note()).isEqualTo("half of a note");
    }

    @Test
    void whatWasChangedElsewhereIsThereWhenThePlaceIsShownAgain(FxRobot robot) {
        show(robot, Place.STEPS);
        robot.interact(() -> project.apply(UnitEdits.newPart("shim")));
        show(robot, Place.STORES);
        laidOut(robot);
        assertThat(node(robot, "#stores", ListView.class).getItems())
                .anyMatch(
                        r -> r instanceof StoreRow.Parts p && p.row().part().name().equals("shim"));
    }

    @Test
    void anOpenPointOfAKitOpensTheKits(FxRobot robot) throws Exception {
        String kit = manual().kits().get(0).number();
        robot.interact(
                () ->
                        project.keepPartsAnswer(
                                new PartsAnswer(Map.of(), Map.of(kit, Map.of("X-1", 1)))));
        until(
                () ->
                        robot.lookup("#point").queryAllAs(Button.class).stream()
                                .anyMatch(b -> b.getText().contains(kit)));
        robot.interact(
                () ->
                        robot.lookup("#point").queryAllAs(Button.class).stream()
                                .filter(b -> b.getText().contains(kit))
                                .forEach(Button::fire));
        laidOut(robot);
        assertThat(robot.lookup("#kits").tryQuery()).isPresent();
    }

    @Test
    void aPartLeadsToItsStep(FxRobot robot) {
        choose(robot, part("3").id());
        Id<Step> step = row("3").line().stops().get(0).step();
        robot.interact(() -> ((Button) robot.lookup("#stop-" + step).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().seamState().step().get()).isEqualTo(step);
    }

    @Test
    void whatIsSoughtIsShownAlone(FxRobot robot) {
        robot.clickOn("#seek").write("guide band");
        WaitForAsyncUtils.waitForFxEvents();
        ListView<StoreRow> lines = node(robot, "#stores", ListView.class);
        assertThat(lines.getItems()).hasSize(2);
        assertThat(lines.getItems().get(1).id()).isEqualTo(part("14").id().text());
    }

    @Test
    void aNewPartIsTyped(FxRobot robot) {
        fill(robot, "#newPart", "shim");
        assertThat(manual().parts()).anyMatch(p -> p.name().equals("shim"));
    }

    @Test
    void aToolThatIsMadeHereHasItsSketch(FxRobot robot) {
        Tool guide =
                manual().tools().stream()
                        .filter(t -> t.kind() == Tool.Kind.MADE_UP)
                        .findFirst()
                        .orElseThrow();
        choose(robot, guide.id());
        ComboBox<methodos.core.manual.Figure> sketch = node(robot, "#toolSketch", ComboBox.class);
        robot.interact(() -> sketch.setValue(sketch.getItems().get(1)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().tool(guide.id()).orElseThrow().sketch())
                .isEqualTo(manual().figures().get(0).id());
        fire(robot, "#showSketch");
        assertThat(robot.lookup("#toolSketch").tryQuery()).isEmpty();
    }

    @Test
    void whatThePartsServiceSaysIsOpenUntilItIsTakenOver(FxRobot robot) throws Exception {
        inView(robot, "#askService");
        robot.clickOn("#askService");
        until(() -> project.workspace().get().partsAnswer().given());
        assertThat(node(robot, "#message", Labeled.class).getText())
                .isEqualTo(
                        "25 numbers asked: 1 with a newer number, 1 short in stock, 0 not known;"
                                + " one kit has changed.");
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.service.replaced")));
        choose(robot, part("14").id());
        fire(robot, "#noteReplacement");
        fire(robot, "#takeReplacement");
        assertThat(part("14").number()).isEqualTo("HV-80-3014B");
        until(
                () ->
                        project.openPoints().get().stream()
                                .noneMatch(p -> p.key().equals("open.service.replaced")));
    }
}
