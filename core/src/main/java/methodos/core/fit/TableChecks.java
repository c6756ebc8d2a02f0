package methodos.core.fit;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import methodos.core.manual.Decision;

/**
 * What is wrong with decision tables, remembered: tables rarely change, and a check of one can take
 * seconds. May be used by several threads.
 */
public final class TableChecks {

    /**
     * @param check null where the table is not understood
     * @param wrong why it is not understood, else empty
     */
    public record Judged(TableCheck check, String wrong) {
        /** Whether its conditions and formulas could be read. */
        public boolean understood() {
            return check != null;
        }
    }

    private final Map<Decision, Judged> judged = new ConcurrentHashMap<>();

    /** Judges a table; one that was judged before is remembered. */
    public Judged of(Decision decision) {
        return judged.computeIfAbsent(decision, TableChecks::judge);
    }

    /** Forgets all other tables. */
    public void keepOnly(List<Decision> decisions) {
        judged.keySet().retainAll(decisions);
    }

    private static Judged judge(Decision decision) {
        try {
            return new Judged(TableCheck.of(DecisionTables.of(decision)), "");
        } catch (IllegalArgumentException notUnderstood) {
            return new Judged(null, notUnderstood.getMessage());
        }
    }
}
