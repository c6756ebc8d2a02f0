package methodos.desktop.seam;

/** How wide text is when it is drawn; lets the layout be tested without a window. */
interface TextWidth {

    double of(String text);
}
