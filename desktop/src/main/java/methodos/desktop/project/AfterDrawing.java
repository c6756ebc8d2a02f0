package methodos.desktop.project;

import javafx.animation.AnimationTimer;

/** Puts off what would take the time of the first picture of a window. */
final class AfterDrawing {

    private static final int FRAMES = 2;

    private AfterDrawing() {}

    /** Runs something once some pictures have been drawn. */
    static void run(Runnable work) {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames > FRAMES) {
                    stop();
                    work.run();
                }
            }
        }.start();
    }
}
