package methodos.core.manual;

/** How a size is chosen of several that fit. */
public enum FitRule {
    /** The clearance nearest to the wanted one; of two as near the larger clearance. */
    NEAREST,
    /** The thickest that leaves the lower limit, if that leaves no more than the upper. */
    THICKEST
}
