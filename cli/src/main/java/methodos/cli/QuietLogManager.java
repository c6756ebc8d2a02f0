package methodos.cli;

import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.Logger;

/**
 * Keeps libraries that log to the platform's own facility off the terminal: standard error is for
 * progress and for one sentence about what went wrong.
 */
public final class QuietLogManager extends LogManager {

    @Override
    public boolean addLogger(Logger logger) {
        boolean added = super.addLogger(logger);
        if (logger.getName().isEmpty()) {
            logger.setLevel(Level.OFF);
        }
        return added;
    }
}
