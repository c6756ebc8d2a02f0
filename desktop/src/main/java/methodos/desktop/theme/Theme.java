package methodos.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import methodos.publish.Typeface;

/** Dresses a scene: fonts, colours, light or dark. */
public final class Theme {

    private static boolean fontsLoaded;

    private final boolean dark;

    public Theme(boolean dark) {
        this.dark = dark;
    }

    public Palette palette() {
        return dark ? Palette.DARK : Palette.LIGHT;
    }

    public void dress(Scene scene) {
        loadFonts();
        Application.setUserAgentStylesheet(
                dark
                        ? new PrimerDark().getUserAgentStylesheet()
                        : new PrimerLight().getUserAgentStylesheet());
        scene.getStylesheets().setAll(Theme.class.getResource("methodos.css").toExternalForm());
        scene.getRoot().getStyleClass().removeAll("dark", "light");
        scene.getRoot().getStyleClass().add(dark ? "dark" : "light");
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
