package methodos.desktop.seam;

import javafx.scene.input.KeyCode;
import methodos.core.words.Words;
import methodos.desktop.control.DeedMenu;

/** What can be done with the chosen step and with the chosen words, each with its key. */
final class SeamMenus {

    private final Words words;
    private final SeamKeys keys;
    private final StepClipboard clipboard;

    SeamMenus(Words words, SeamKeys keys, StepClipboard clipboard) {
        this.words = words;
        this.keys = keys;
        this.clipboard = clipboard;
    }

    /**
     * @param drafted whether the step is drafted and not accepted
     */
    DeedMenu ofStep(boolean drafted) {
        DeedMenu menu = new DeedMenu("stepMenu");
        if (drafted) {
            item(menu, "seam.accept", KeyCode.A);
            item(menu, "seam.acceptUpTo", KeyCode.U);
            item(menu, "seam.aside", KeyCode.X);
            menu.line();
        }
        item(menu, "seam.change", KeyCode.C);
        item(menu, "seam.addParts", KeyCode.P);
        item(menu, "seam.capture", KeyCode.K);
        menu.line();
        item(menu, "seam.split", KeyCode.S);
        item(menu, "seam.join", KeyCode.M);
        item(menu, "seam.moveUp", KeyCode.UP, true);
        item(menu, "seam.moveDown", KeyCode.DOWN, true);
        menu.line()
                .item("copy", words.of("seam.copy"), clipboard::copy)
                .item("paste", words.of("seam.paste"), clipboard::paste);
        return menu;
    }

    /**
     * @param recognised as which the words were recognised, null where they were not corrected
     * @param back gives them back as they were recognised
     */
    DeedMenu ofWords(String recognised, Runnable back) {
        DeedMenu menu = new DeedMenu("wordsMenu");
        item(menu, "seam.make", KeyCode.ENTER);
        item(menu, "seam.aside", KeyCode.X);
        menu.line();
        item(menu, "caption.correct", KeyCode.W);
        if (recognised != null) {
            menu.item("back", words.of("caption.back", recognised), back);
        }
        item(menu, "caption.lineUp", KeyCode.L);
        return menu;
    }

    private void item(DeedMenu menu, String key, KeyCode code) {
        item(menu, key, code, false);
    }

    private void item(DeedMenu menu, String key, KeyCode code, boolean alt) {
        menu.item(key.substring(key.indexOf('.') + 1), words.of(key), () -> keys.press(code, alt));
    }
}
