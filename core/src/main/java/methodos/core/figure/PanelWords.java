package methodos.core.figure;

import methodos.core.manual.FigureLayout;
import methodos.core.words.Words;

/** What a picture of several is called by where it stands, such as "before". */
final class PanelWords {

    private PanelWords() {}

    /**
     * @param index of the picture, from 0
     * @return empty in a sequence, whose pictures are only numbered
     */
    static String of(FigureLayout layout, int index, Words words) {
        return layout == FigureLayout.SEQUENCE
                ? ""
                : words.of("figure.panel." + layout.name() + "." + index);
    }
}
