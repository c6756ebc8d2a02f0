package methodos.desktop.project;

import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.StepsText;

/** Things of one kind on the clipboard, in the form of a manual that holds them alone. */
public final class CopiedThings {

    private final OpenProject project;
    private final DataFormat format;

    /**
     * @param kind what they are, as part of a media type
     */
    public CopiedThings(OpenProject project, String kind) {
        this.project = project;
        String type = "application/x-methodos-" + kind + "+json";
        this.format =
                Optional.ofNullable(DataFormat.lookupMimeType(type))
                        .orElseGet(() -> new DataFormat(type));
    }

    /**
     * @param manual with the things alone
     * @param plain what a letter gets of them; empty for nothing
     */
    public void put(Manual manual, String plain) {
        ClipboardContent content = new ClipboardContent();
        content.put(format, StepsText.of(new StepsText.Copied(here(), manual)));
        if (!plain.isEmpty()) {
            content.putString(plain);
        }
        Clipboard.getSystemClipboard().setContent(content);
    }

    /**
     * What was copied last; empty where nothing of the kind was.
     *
     * @throws ProjectProblem if it is not understood
     */
    public Optional<StepsText.Copied> get() throws ProjectProblem {
        return Clipboard.getSystemClipboard().getContent(format) instanceof String text
                ? Optional.of(StepsText.read(text))
                : Optional.empty();
    }

    /** Whether it was copied in another project than this one. */
    public boolean elsewhere(StepsText.Copied copied) {
        return !copied.from().equals(here());
    }

    private String here() {
        return project.path().toAbsolutePath().normalize().toString();
    }
}
