package methodos.cli;

import methodos.publish.document.Progress;

/**
 * A line on the terminal that says how far a publication is; nothing where there is no terminal.
 */
final class TerminalProgress implements Progress {

    private final boolean terminal = System.console() != null;
    private long told = -1;

    @Override
    public synchronized void at(Work work, double share) {
        long percent = Math.round(share * 100);
        if (terminal && percent != told) {
            told = percent;
            System.err.print("\r" + percent + " % ");
            if (percent == 100) {
                System.err.print("\r      \r");
            }
            System.err.flush();
        }
    }

    @Override
    public boolean stopped() {
        return false;
    }
}
