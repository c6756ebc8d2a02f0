package methodos.publish.document;

/** Told how far a publication is, and asked whether to go on. */
public interface Progress {

    /** What is being done. */
    enum Work {
        FILMS,
        FIGURES,
        PAGES,
        /** The finished documents are put in place of the earlier ones. */
        PLACING
    }

    /** Nobody wants to know, and nobody stops it. */
    Progress NONE =
            new Progress() {
                @Override
                public void at(Work work, double share) {
                    // nobody wants to know
                }

                @Override
                public boolean stopped() {
                    return false;
                }
            };

    /**
     * @param share of all the work that is done, from 0 to 1, never less than before
     */
    void at(Work work, double share);

    /** Whether somebody wants it to stop; asked often, on any thread. */
    boolean stopped();
}
