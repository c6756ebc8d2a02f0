package methodos.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import methodos.publish.Typeface;

/** The dress of a window: fonts, and the colours of its light or dark variant. */
public final class Theme {

    private static boolean fontsLoaded;

    private static final double USUAL_TEXT = 14;

    private final Shade palette;
    private final DoubleProperty textSize = new SimpleDoubleProperty();
    private Scene scene;

    public Theme(boolean dark) {
        palette = new Shade(dark ? Palette.DARK : Palette.LIGHT);
        look(); // before the first control is made, which would load another look
        textSize.bind(TextSize.factor());
        textSize.addListener(
                (o, was, is) -> {
                    if (scene != null) {
                        style();
                    }
                    palette.drawAnew();
                });
    }

    /** The colours; whoever draws with them is told when he has to draw anew. */
    private static final class Shade extends ReadOnlyObjectWrapper<Palette> {

        Shade(Palette first) {
            super(first);
        }

        void drawAnew() {
            fireValueChangedEvent();
        }
    }

    /**
     * The colours just now. Drawings listen for when it is invalidated, and are drawn again then:
     * when the colours change, and when all is shown larger or smaller.
     */
    public ReadOnlyObjectProperty<Palette> palette() {
        return palette.getReadOnlyProperty();
    }

    public boolean dark() {
        return palette.get() == Palette.DARK;
    }

    /**
     * Shows content in a scene; it is dressed before it is shown, so that no colour is looked for
     * in vain.
     */
    public void dress(Scene target, Region content) {
        loadFonts();
        scene = target;
        style();
        Enlarged enlarged = new Enlarged(content);
        wear(enlarged);
        target.setRoot(enlarged);
        target.addEventFilter(KeyEvent.KEY_PRESSED, Theme::changeSize);
    }

    /** Menus and tips are windows of their own; their words are as large as those below them. */
    private void style() {
        double pixels = USUAL_TEXT * TextSize.factor().get();
        scene.getStylesheets()
                .setAll(
                        Theme.class.getResource("methodos.css").toExternalForm(),
                        "data:text/css,.context-menu, .tooltip, .combo-box-popup, .pick-list"
                                + " { -fx-font-size: "
                                + pixels
                                + "px; }");
    }

    private static void changeSize(KeyEvent e) {
        if (!e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        switch (e.getCode()) {
            case PLUS, EQUALS, ADD -> TextSize.larger();
            case MINUS, SUBTRACT -> TextSize.smaller();
            case DIGIT0, NUMPAD0 -> TextSize.usual();
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** Changes over from light to dark or back. */
    public void change() {
        palette.set(dark() ? Palette.LIGHT : Palette.DARK);
        wear(scene.getRoot());
    }

    private void look() {
        String look =
                dark()
                        ? new PrimerDark().getUserAgentStylesheet()
                        : new PrimerLight().getUserAgentStylesheet();
        if (!look.equals(Application.getUserAgentStylesheet())) {
            Application.setUserAgentStylesheet(look);
        }
    }

    private void wear(Parent content) {
        look();
        content.getStyleClass().removeAll("dark", "light");
        content.getStyleClass().add(dark() ? "dark" : "light");
    }

    private static synchronized void loadFonts() {
        if (fontsLoaded) {
            return;
        }
        for (Typeface face : Typeface.values()) {
            try (InputStream in = face.open()) {
                Font.loadFont(in, 14);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        fontsLoaded = true;
    }

    /** Barlow, for headings and figures. */
    public static Font heading(double size) {
        return Font.font("Barlow SemiBold", size);
    }

    public static Font label(double size) {
        return Font.font("Barlow Medium", size);
    }

    /** Source Sans 3, for text. */
    public static Font text(double size) {
        return Font.font("Source Sans 3", size);
    }
}
