package methodos.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import methodos.publish.Typeface;

/** The dress of a window: fonts, and the colours of its light or dark variant. */
public final class Theme {

    private static boolean fontsLoaded;

    private final ReadOnlyObjectWrapper<Palette> palette;
    private Scene scene;

    public Theme(boolean dark) {
        palette = new ReadOnlyObjectWrapper<>(dark ? Palette.DARK : Palette.LIGHT);
    }

    /** The colours just now; drawings are drawn again when they change. */
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
    public void dress(Scene target, Parent content) {
        loadFonts();
        scene = target;
        target.getStylesheets().setAll(Theme.class.getResource("methodos.css").toExternalForm());
        wear(content);
        target.setRoot(content);
    }

    /** Changes over from light to dark or back. */
    public void change() {
        palette.set(dark() ? Palette.LIGHT : Palette.DARK);
        wear(scene.getRoot());
    }

    private void wear(Parent content) {
        Application.setUserAgentStylesheet(
                dark()
                        ? new PrimerDark().getUserAgentStylesheet()
                        : new PrimerLight().getUserAgentStylesheet());
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
