package methodos.core.manual;

/** Which way something turns, as it is seen on the picture. */
public enum Rotation {
    CLOCKWISE,
    COUNTERCLOCKWISE;

    /** The other way round. */
    public Rotation reversed() {
        return this == CLOCKWISE ? COUNTERCLOCKWISE : CLOCKWISE;
    }
}
