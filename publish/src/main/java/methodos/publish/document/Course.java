package methodos.publish.document;

import java.util.concurrent.CancellationException;

/**
 * The course of one publication: adds up what its parts have done to the share of the whole that is
 * told, and ends the work where somebody wants it to stop.
 */
final class Course {

    private final Progress progress;
    private final double whole;
    private double done;
    private double told;

    /**
     * @param whole the work in all, in the units in which it is reported
     */
    Course(Progress progress, double whole) {
        this.progress = progress;
        this.whole = Math.max(1, whole);
    }

    /**
     * So much more is done.
     *
     * @throws CancellationException if somebody wants it to stop
     */
    synchronized void on(Progress.Work work, double more) {
        goOn();
        done += more;
        told = Math.max(told, Math.min(1, done / whole));
        progress.at(work, told);
    }

    /**
     * @throws CancellationException if somebody wants it to stop
     */
    void goOn() {
        if (progress.stopped()) {
            throw new CancellationException("stopped");
        }
    }
}
