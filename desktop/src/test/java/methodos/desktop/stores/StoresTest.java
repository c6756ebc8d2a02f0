package methodos.desktop.stores;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.UnitEdits;
import methodos.core.kit.StoreList;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Tool;
import methodos.core.parts.PartsAnswer;
import methodos.core.sheet.Field;
import methodos.desktop.RealWindow;
import methodos.desktop.control.FileChoice;
import methodos.desktop.theme.Theme;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Parts, kits, tools and lists in the real window. */
@SuppressWarnings("unchecked") // nodes are looked up by id, without the type of their rows
class StoresTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void go(FxRobot robot) {
        show(robot, Place.STORES);
        laidOut(robot);
    }

    private Part part(String item) {
        return manual().parts().stream()
                .filter(p -> p.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    private StoreList.PartRow row(String item) {
        return StoreList.of(manual(), Sight.EVERYTHING).parts().stream()
                .filter(r -> r.part().item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    private void choose(FxRobot robot, String id) {
        ListView<StoreRow> lines = node(robot, "#stores", ListView.class);
        robot.interact(
                () -> {
                    for (int i = 0; i < lines.getItems().size(); i++) {
                        if (lines.getItems().get(i).id().equals(id)) {
                            lines.requestFocus();
                            lines.getSelectionModel().select(i - 1);
                            lines.getFocusModel().focus(i - 1);
                            lines.scrollTo(Math.max(0, i - 4));
                        }
                    }
                });
        robot.type(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    private String told(FxRobot robot) {
        return robot.lookup("#stores .list-cell").queryAll().stream()
                .filter(n -> ((ListCell<?>) n).isSelected())
                .map(n -> (String) n.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                .findFirst()
                .orElseThrow();
    }

    // ---------------------------------------------------------------- along the steps

    @Test
    void aPartTellsWhereItComesOffAndGoesOnAgain(FxRobot robot) {
        choose(robot, part("25").id());
        assertThat(told(robot))
                .startsWith("25 snap ring, lower bearing 48, always new, comes off in step ")
                .doesNotContain("never");
        String back = row("25").line().last(Handling.PUT_ON).orElseThrow().step();
        ComboBox<Handling> box = node(robot, "#handling-" + back, ComboBox.class);
        robot.interact(() -> box.setValue(Handling.TOUCHED));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").line().loose()).isPresent();
        assertThat(told(robot)).endsWith("comes off, never goes back");
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
    void aFieldThatIsClickedOnKeepsTheFocusWhenACellIsLeft(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        focus(robot, table, 2, 9);
        robot.write("kept");
        robot.clickOn("#seek").write("cap");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().parts()).anyMatch(p -> p.note().equals("kept"));
        assertThat(node(robot, "#seek", TextField.class).getText()).isEqualTo("cap");
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
        String step = row("3").line().stops().get(0).step();
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
        assertThat(lines.getItems().get(1).id()).isEqualTo(part("14").id());
    }

    @Test
    void aNewPartIsTyped(FxRobot robot) {
        fill(robot, "#newPart", "shim");
        assertThat(manual().parts()).anyMatch(p -> p.name().equals("shim"));
    }

    // ---------------------------------------------------------------- tables

    private <T> TableView<T> table(FxRobot robot, String face, String id) {
        robot.clickOn("#face-" + face);
        laidOut(robot);
        @SuppressWarnings("unchecked")
        TableView<T> table = robot.lookup("#" + id).queryAs(TableView.class);
        return table;
    }

    private static <T> void focus(FxRobot robot, TableView<T> table, int row, int column) {
        robot.interact(
                () -> {
                    table.requestFocus();
                    table.getSelectionModel().clearAndSelect(row, table.getColumns().get(column));
                    table.getFocusModel().focus(row, table.getColumns().get(column));
                });
    }

    @Test
    void aCellIsTypedIntoAndWhatIsNotUnderstoodStaysThere(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        String id = table.getItems().get(2).id();
        focus(robot, table, 2, 4);
        robot.write("few").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#message", Labeled.class).getText()).contains("“few”");
        assertThat(robot.lookup(".cell-field").queryTextInputControl().getText()).isEqualTo("few");
        assertThat(manual().part(id).orElseThrow().quantity()).isEqualTo(1);
        robot.type(KeyCode.BACK_SPACE, 3).write("3").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().part(id).orElseThrow().quantity()).isEqualTo(3);
        focus(robot, table, 2, 1);
        robot.type(KeyCode.F2).write("never kept").type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().part(id).orElseThrow().name()).isEqualTo("right end cap");
    }

    private static void clipboard(FxRobot robot, String text) {
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(text);
                    Clipboard.getSystemClipboard().setContent(content);
                });
    }

    private static void shortcut(FxRobot robot, KeyCode code) {
        robot.press(KeyCode.CONTROL).type(code).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void rowsOfASpreadsheetArePastedAsOneChangeOrNotAtAll(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        Manual before = manual();
        focus(robot, table, 0, 3);
        clipboard(robot, "A-1\t2\tinspect, then reuse\nA-2\t3\tnever\n");
        shortcut(robot, KeyCode.V);
        assertThat(node(robot, "#message", Labeled.class).getText())
                .startsWith("Nothing was pasted.");
        assertThat(manual()).isEqualTo(before);
        clipboard(robot, "A-1\t2\tinspect, then reuse\nA-2\t3\talways new\n");
        shortcut(robot, KeyCode.V);
        assertThat(manual().parts().get(1).number()).isEqualTo("A-2");
        assertThat(manual().parts().get(1).quantity()).isEqualTo(3);
        assertThat(manual().parts().get(1).reuse()).isEqualTo(ReuseRule.ALWAYS_NEW);
        shortcut(robot, KeyCode.Z);
        assertThat(manual()).isEqualTo(before);
    }

    @Test
    void aValueIsFilledDown(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        focus(robot, table, 0, 9);
        robot.write("from the new maker").type(KeyCode.ENTER);
        robot.interact(
                () ->
                        table.getSelectionModel()
                                .selectRange(
                                        0,
                                        table.getColumns().get(9),
                                        3,
                                        table.getColumns().get(9)));
        shortcut(robot, KeyCode.D);
        assertThat(manual().parts().subList(0, 4))
                .allMatch(p -> p.note().equals("from the new maker"));
        shortcut(robot, KeyCode.C);
        String[] copied = new String[1];
        robot.interact(() -> copied[0] = Clipboard.getSystemClipboard().getString());
        assertThat(copied[0].lines().toList()).hasSize(4);
    }

    @Test
    void rowsAreSortedAsPeopleCount(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        robot.interact(() -> table.getSortOrder().add(table.getColumns().get(0)));
        List<String> items = table.getItems().stream().map(Part::item).toList();
        assertThat(items).startsWith("1", "2", "3", "4", "7", "9", "11");
    }

    @Test
    void whatAKitHoldsIsTypedAndDecidesWhatIsOrdered(FxRobot robot) {
        TableView<Part> table = table(robot, "KITS", "kits");
        int ring = table.getItems().indexOf(part("25"));
        focus(robot, table, ring, 5);
        robot.type(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").extra()).isEqualTo(StoreList.Extra.ORDER);
        assertThat(
                        robot.lookup("#order .label").queryAllAs(Labeled.class).stream()
                                .map(Labeled::getText))
                .contains("in no kit");
        fill(robot, "#newPart", "QA80-K3");
        laidOut(robot);
        TableView<Part> wider = node(robot, "#kits", TableView.class);
        assertThat(wider.getColumns()).hasSize(7);
        focus(robot, wider, ring, 6);
        robot.write("1").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").extra()).isEqualTo(StoreList.Extra.NO);
    }

    @Test
    void aToolHasAnotherInItsPlaceAndAReason(FxRobot robot) {
        TableView<Tool> table = table(robot, "TOOLS", "tools");
        focus(robot, table, 0, 4);
        robot.write("paint marker").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        focus(robot, table, 0, 5);
        robot.write("it is at hand").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        Tool key = manual().tools().get(0);
        assertThat(manual().tool(key.instead().tool()).orElseThrow().name())
                .isEqualTo("paint marker");
        assertThat(key.instead().reason()).isEqualTo("it is at hand");
        fill(robot, "#newPart", "depth gauge");
        assertThat(manual().tools()).anyMatch(t -> t.name().equals("depth gauge"));
        TableView<?> consumables = table(robot, "CONSUMABLES", "consumables");
        focus(robot, consumables, 0, 2);
        robot.write("5 g").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().consumables().get(0).amount()).isEqualTo("5 g");
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

    // ---------------------------------------------------------------- the parts service

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

    private void fire(FxRobot robot, String id) {
        laidOut(robot);
        robot.interact(() -> ((Button) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    // ---------------------------------------------------------------- lists

    @Test
    void theColumnsOfAListArePutRightBeforeAnythingIsTakenIn(FxRobot robot) {
        Manual before = manual();
        clipboard(robot, "Pos.\tBenennung\tpieces\n98\tdrain plug\t2\n7\tcap screw\t8\n");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(node(robot, "#takeSheet", Node.class).isDisabled()).isTrue();
        assertThat(texts(robot)).anyMatch(t -> t.contains("No column is called"));
        ComboBox<Field> column = node(robot, "#column-1", ComboBox.class);
        robot.interact(
                () ->
                        column.setValue(
                                column.getItems().stream()
                                        .filter(f -> f != null && f.key().equals("name"))
                                        .findFirst()
                                        .orElseThrow()));
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
        assertThat(manual()).isEqualTo(before);
        robot.clickOn("#takeSheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(part("98").quantity()).isEqualTo(2);
        assertThat(robot.lookup("#sheet").tryQuery()).isEmpty();
        shortcut(robot, KeyCode.Z);
        assertThat(manual()).isEqualTo(before);
    }

    @Test
    void anOpenListIsComparedWithTheManualAsItIsNow(FxRobot robot) {
        clipboard(robot, "item\tname\tqty\n98\tdrain plug\t2\n");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
        robot.clickOn("#takeSheet");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("0 new, 0 changed"));
        robot.interact(() -> project.edits().undo());
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
    }

    private static List<String> texts(FxRobot robot) {
        return robot.lookup("#sheet .label").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .toList();
    }

    /** The button of a place that is in no window. */
    private static Button take(FxRobot robot, StoresPlace place) {
        Node[] found = new Node[1];
        robot.interact(
                () -> {
                    place.node().applyCss();
                    place.node().layout();
                    found[0] = place.node().lookup("#takeSheet");
                });
        return (Button) found[0];
    }

    @Test
    void aListFromAFileIsShownAndABadOneIsASentence(FxRobot robot) throws Exception {
        StoresPlace[] place = new StoresPlace[1];
        String[] said = {""};
        robot.interact(
                () ->
                        place[0] =
                                new StoresPlace(
                                        project,
                                        new Theme(false),
                                        FileChoice.ofTheDesktop(),
                                        s -> said[0] = s,
                                        (OpenPoint p) -> {}));
        robot.interact(() -> new Scene(place[0].node()));
        Path list = folder.resolveSibling("list.csv");
        Files.writeString(list, "kit;item;qty\nK9;11;2\nK9;99;1\n");
        int before = manual().kits().size();
        robot.interact(() -> place[0].importList(list));
        until(() -> take(robot, place[0]) != null);
        assertThat(take(robot, place[0]).isDisabled()).isTrue();
        Files.writeString(list, "kit;item;qty\nK9;11;2\nK9;13;1\n");
        robot.interact(() -> place[0].importList(list));
        until(() -> !take(robot, place[0]).isDisabled());
        robot.interact(take(robot, place[0])::fire);
        assertThat(manual().kits()).hasSize(before + 1);
        assertThat(manual().kits().get(before).contents()).hasSize(2);
        robot.interact(() -> place[0].importList(folder.resolveSibling("none.csv")));
        until(() -> said[0].contains("none.csv cannot be read"));
        robot.interact(place[0]::close);
    }
}
