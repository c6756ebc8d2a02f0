package methodos.core.bench;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import methodos.core.fit.JudgedAnswer;
import methodos.core.kit.FetchList;
import methodos.core.manual.Alternative;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Look;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Wait;

/** Something that a run asks for now. */
public sealed interface Task {

    /** A thing of the fetch list. */
    record Fetch(FetchList.Thing thing) implements Task {}

    /** A wait that is not over yet, on which the step hangs. */
    record Await(RunningWait on) implements Task {}

    /** Whether the step is done at all. */
    record Settle(Why why) implements Task {}

    /** Why it is asked whether a step is done. */
    sealed interface Why {
        /** It may be left out. */
        record Optional(String words) implements Why {}

        /** It hangs on something, in words. */
        record Words(String words) implements Why {}

        /** It hangs on a finding that the run has not come by. */
        record NotFound(Found found) implements Why {}
    }

    /** Which way is taken. */
    record Choose(Alternative alternative) implements Task {}

    /** The hazards of the step. */
    record Heed(List<Hazard> hazards) implements Task {}

    /**
     * A reading.
     *
     * @param before what was measured before, where it is to be measured again
     */
    record Measure(int reading, Reading of, int which, Optional<JudgedAnswer> before)
            implements Task {}

    /** Something to judge by eye. */
    record Judge(int look, Look of) implements Task {}

    /** What a decision asks for next. */
    record Try(Decision decision, Decision.Measure measure) implements Task {}

    /**
     * What to do about something that is not as it should be.
     *
     * @param reading the reading that is outside, null where it is none
     */
    record Deal(Outside what, Reading reading) implements Task {}

    /** A fastener to tighten. */
    record Tighten(Joint joint, int round, int screw) implements Task {}

    /** A name to sign with. */
    record Sign(Deed.Sign sign, Energy energy) implements Task {

        /** The id of the energy, empty where it is of none. */
        String energyId() {
            return energy == null ? "" : energy.id().text();
        }
    }

    /** To say that the step is done. */
    record Finish() implements Task {}

    /** Whether what a repeat goes on until is reached. */
    record AskReached(Repeat repeat, int round) implements Task {}

    /** To close the work: all of it is done. */
    record Close() implements Task {}

    /**
     * A wait that is running.
     *
     * @param index among the waits of its step, from 0
     * @param from when it began
     */
    record RunningWait(Visit visit, int index, Wait of, Instant from) {

        /** When it is over by itself. */
        public Instant until() {
            return from.plusMillis(Math.round(of.seconds() * 1000));
        }
    }
}
