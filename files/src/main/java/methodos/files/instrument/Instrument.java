package methodos.files.instrument;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.bench.InstrumentLine;
import methodos.files.problem.ProjectProblem;

/**
 * A connection to a measuring instrument that speaks the line protocol of {@link InstrumentLine}.
 * What it sends is told on a thread of its own.
 */
public final class Instrument implements AutoCloseable {

    /** Bits a second of a serial port where nothing is said. */
    private static final int USUAL_RATE = 9600;

    private static final int PATIENCE_MILLIS = 3000;

    /** Longer lines are no reading: something else is at the other end. */
    private static final int LONGEST_LINE = 500;

    private static final Pattern SOCKET =
            Pattern.compile("([^:/\\\\]+|\\[[0-9a-fA-F:]+]):(\\d{1,5})");
    private static final Pattern SERIAL = Pattern.compile("(.+?)(?:@(\\d{3,7}))?");

    private final String address;
    private final OutputStream out;
    private final Closeable port;
    private volatile boolean closed;

    private Instrument(String address, OutputStream out, Closeable port) {
        this.address = address;
        this.out = out;
        this.port = port;
    }

    /**
     * Connects.
     *
     * @param address {@code host:port}, or a serial port such as {@code COM3} or {@code
     *     /dev/ttyUSB0}, with its rate behind an @ where that is not 9600
     * @param told what it sends
     * @param lost a sentence when the connection ends by itself
     * @throws ProjectProblem with a sentence if there is nothing at that address
     */
    public static Instrument open(
            String address, Consumer<InstrumentLine> told, Consumer<String> lost)
            throws ProjectProblem {
        Matcher socket = SOCKET.matcher(address.strip());
        try {
            return socket.matches()
                    ? socket(address.strip(), socket, told, lost)
                    : serial(address.strip(), told, lost);
        } catch (IOException | IllegalArgumentException | SerialPortInvalidPortException e) {
            throw new ProjectProblem("No instrument answers at " + address.strip() + ".", e);
        }
    }

    private static Instrument socket(
            String address, Matcher parts, Consumer<InstrumentLine> told, Consumer<String> lost)
            throws IOException {
        Socket socket = new Socket();
        try {
            socket.connect(
                    new InetSocketAddress(parts.group(1), Integer.parseInt(parts.group(2))),
                    PATIENCE_MILLIS);
            Instrument made = new Instrument(address, socket.getOutputStream(), socket);
            made.listen(socket.getInputStream(), told, lost);
            return made;
        } catch (IOException | IllegalArgumentException e) {
            socket.close();
            throw e;
        }
    }

    private static Instrument serial(
            String address, Consumer<InstrumentLine> told, Consumer<String> lost)
            throws IOException {
        Matcher parts = SERIAL.matcher(address);
        if (!parts.matches()) {
            throw new IOException("no serial port is named");
        }
        SerialPort port = SerialPort.getCommPort(parts.group(1));
        port.setBaudRate(parts.group(2) == null ? USUAL_RATE : Integer.parseInt(parts.group(2)));
        port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, 0, 0);
        if (!port.openPort()) {
            throw new IOException("the serial port does not open");
        }
        Instrument made = new Instrument(address, port.getOutputStream(), port::closePort);
        made.listen(port.getInputStream(), told, lost);
        return made;
    }

    private void listen(InputStream in, Consumer<InstrumentLine> told, Consumer<String> lost) {
        Thread thread =
                new Thread(
                        () -> {
                            try (BufferedReader lines =
                                    new BufferedReader(
                                            new InputStreamReader(in, StandardCharsets.UTF_8))) {
                                read(lines, told);
                            } catch (IOException gone) {
                                closed |= gone.getMessage() == null;
                            }
                            if (!closed) {
                                lost.accept("The instrument at " + address + " is gone.");
                            }
                        },
                        "instrument " + address);
        thread.setDaemon(true);
        thread.start();
    }

    private static void read(BufferedReader lines, Consumer<InstrumentLine> told)
            throws IOException {
        StringBuilder line = new StringBuilder();
        for (int c = lines.read(); c >= 0; c = lines.read()) {
            if (c == '\n' || c == '\r') {
                InstrumentLine.of(line.toString()).ifPresent(told);
                line.setLength(0);
            } else if (line.length() < LONGEST_LINE) {
                line.append((char) c);
            }
        }
    }

    /** Where it is. */
    public String address() {
        return address;
    }

    /**
     * Asks it for a reading; the answer comes as a line.
     *
     * @throws ProjectProblem if it is gone
     */
    public void ask() throws ProjectProblem {
        try {
            out.write((InstrumentLine.ASK + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        } catch (IOException e) {
            throw new ProjectProblem("The instrument at " + address + " is gone.", e);
        }
    }

    @Override
    public void close() {
        closed = true;
        try {
            port.close();
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(Instrument.class).info("{} was gone", address, e);
        }
    }
}
