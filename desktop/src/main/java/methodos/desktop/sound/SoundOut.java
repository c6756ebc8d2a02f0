package methodos.desktop.sound;

/** Where sound goes to: one channel of 16-bit samples, low byte first. */
interface SoundOut extends AutoCloseable {

    /** Samples a second. */
    int RATE = 44_100;

    /** Hands over bytes; waits while there is no room for them. */
    void write(byte[] bytes, int length);

    /** Waits until all that was handed over is heard. */
    void drain();

    /** How much was heard since the beginning, in seconds. */
    double heard();

    @Override
    void close();
}
