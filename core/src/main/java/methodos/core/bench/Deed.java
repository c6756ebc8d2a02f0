package methodos.core.bench;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;
import methodos.core.manual.Alternative;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.Part;
import methodos.core.manual.Repeat;

/** What a technician does at the bench, as far as the record tells it. */
@ToldApartBy("kind")
public sealed interface Deed {

    /**
     * The run begins.
     *
     * @param model from the type plate, empty where the manual has none
     * @param serial as it stands on the plate
     * @param with marks of options that the unit has
     * @param without marks of options that it has not
     * @param manual title of the manual
     * @param revision of the manual, empty where it has none
     * @param digest of the manual's file as it was worked by, empty where it was kept in none
     */
    record Begun(
            String model,
            String serial,
            List<String> with,
            List<String> without,
            String manual,
            String revision,
            String digest)
            implements Deed {
        public Begun {
            model = text(model);
            serial = text(serial);
            with = with == null ? List.of() : List.copyOf(with);
            without = without == null ? List.of() : List.copyOf(without);
            manual = text(manual);
            revision = text(revision);
            digest = text(digest);
        }
    }

    /**
     * A thing to fetch is there, or goes without.
     *
     * @param thing its key in the fetch list
     * @param missing why it is worked without it; empty where it is there
     */
    record Fetched(@Required String thing, String missing) implements Deed {
        public Fetched {
            missing = text(missing);
        }
    }

    /** Something that is done at a step. */
    sealed interface AtStep extends Deed {
        /** The step, and which time it is come to. */
        Visit visit();
    }

    /** Whether a step is done that may be left out, or hangs on something found. */
    record Settled(@Required Visit visit, boolean done) implements AtStep {}

    /** One of several ways is taken. */
    record Chosen(@Required Visit visit, @Required Id<Alternative.Way> way) implements AtStep {}

    /** The hazards of a step are acknowledged, before it is begun. */
    record Warned(@Required Visit visit) implements AtStep {}

    /**
     * A reading is taken.
     *
     * @param reading its place among the readings of the step that the unit has, from 0
     * @param which of several that are measured, from 0
     * @param typed as it was typed, or as the instrument sent it
     * @param instrument which instrument sent it; empty where somebody typed it
     */
    record Measured(
            @Required Visit visit,
            @Required int reading,
            @Required int which,
            @Required String typed,
            String instrument)
            implements AtStep {
        public Measured {
            instrument = text(instrument);
        }
    }

    /**
     * A reading that was entered wrongly is put right; both stay in the record.
     *
     * @param why it was wrong
     */
    record Corrected(
            @Required Visit visit,
            @Required int reading,
            @Required int which,
            @Required String typed,
            String why)
            implements AtStep {
        public Corrected {
            why = text(why);
        }
    }

    /**
     * Something is judged by eye.
     *
     * @param look its place among those of the step, from 0
     */
    record Looked(@Required Visit visit, @Required int look, boolean good) implements AtStep {}

    /** A size is chosen so that a clearance comes right; it is measured again afterwards. */
    record Fitted(
            @Required Visit visit,
            @Required int reading,
            @Required int which,
            @Required String was,
            @Required String chosen)
            implements AtStep {}

    /**
     * What was done about something that is not as it should be, where no step of the manual says
     * it.
     *
     * @param what it was
     * @param how in words; may be empty where a part was renewed
     * @param renewed the part that was renewed for it, null where none was
     */
    record Dealt(@Required Visit visit, @Required Outside what, String how, Id<Part> renewed)
            implements AtStep {
        public Dealt {
            how = text(how);
        }
    }

    /** What a decision asks for is measured or answered. */
    record Tried(
            @Required Visit visit,
            @Required Id<Decision> decision,
            @Required String symbol,
            @Required String typed,
            String instrument)
            implements AtStep {
        public Tried {
            instrument = text(instrument);
        }
    }

    /**
     * A fastener is tightened.
     *
     * @param round from 0: the stages, the whole value, and a final pass
     * @param screw its place in the order, from 0
     * @param value what the wrench showed; empty where it was only ticked
     * @param instrument which instrument sent it; empty where none did
     */
    record Tightened(
            @Required Visit visit,
            @Required Id<Joint> joint,
            @Required int round,
            @Required int screw,
            String value,
            String instrument)
            implements AtStep {
        public Tightened {
            value = text(value);
            instrument = text(instrument);
        }
    }

    /** Somebody signs with his name. */
    record Signed(@Required Visit visit, @Required Sign sign, Id<Energy> energy, String name)
            implements AtStep {
        public Signed {
            name = text(name);
        }
    }

    /** What is signed. */
    enum Sign {
        /** An energy is made safe and locked. */
        LOCKED,
        /** An energy may be given back. */
        GIVEN_BACK,
        /** A second person has seen the step done. */
        WITNESSED
    }

    /** A step is done. */
    record Done(@Required Visit visit) implements AtStep {}

    /**
     * Whether what a repeat goes on until is reached.
     *
     * @param visit the last step of the round
     */
    record Reached(@Required Visit visit, @Required Id<Repeat> repeat, boolean reached)
            implements AtStep {}

    /**
     * A wait is over.
     *
     * @param which its place among the waits of the step, from 0
     * @param early why it was ended before its time; empty where it was not
     */
    record WaitOver(@Required Visit visit, @Required int which, String early) implements AtStep {
        public WaitOver {
            early = text(early);
        }
    }

    /**
     * Something is remarked.
     *
     * @param file digest of a photo that goes with it, empty where there is none
     */
    record Noted(@Required Visit visit, @Required Remark remark, String words, String file)
            implements AtStep {
        public Noted {
            words = text(words);
            file = text(file);
        }
    }

    /** What kind of remark it is. */
    enum Remark {
        NOTE,
        /** The step cannot be understood. */
        UNCLEAR,
        /** The step tells something wrong. */
        WRONG,
        /** The unit, a part or a tool is not as it should be. */
        TROUBLE
    }

    /** Work stops for now. */
    record Stopped() implements Deed {}

    /** Work goes on, perhaps by somebody else. */
    record WentOn() implements Deed {}

    /** The work is done, all of it. */
    record Finished() implements Deed {}

    /** The work is given up for good. */
    record GivenUp(String why) implements Deed {
        public GivenUp {
            why = text(why);
        }
    }

    private static String text(String said) {
        return said == null ? "" : said;
    }
}
