package methodos.desktop.theme;

import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/** Shows content at the chosen text size: it is laid out in less room and drawn larger. */
final class Enlarged extends Region {

    private final Region content;
    private final Scale scale = new Scale();

    Enlarged(Region content) {
        this.content = content;
        scale.xProperty().bind(TextSize.factor());
        scale.yProperty().bind(TextSize.factor());
        content.getTransforms().setAll(scale);
        getChildren().add(content);
        scale.xProperty().addListener((o, was, is) -> requestLayout());
    }

    @Override
    protected void layoutChildren() {
        content.relocate(0, 0);
        content.resize(getWidth() / scale.getX(), getHeight() / scale.getY());
    }
}
