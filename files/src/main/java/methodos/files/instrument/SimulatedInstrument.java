package methodos.files.instrument;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import methodos.core.bench.InstrumentLine;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A simulated instrument at a socket of this machine, for trying out the bench without one. It
 * answers when it is asked, and sends when its key is pressed.
 */
public final class SimulatedInstrument implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(SimulatedInstrument.class);

    /** The instruments that there are, with a reading that each may show. */
    public enum Kind {
        CALIPER("caliper", "62.85 mm"),
        TORQUE_WRENCH("torque wrench", "7.8 N·m"),
        SCALE("scale", "0.702 kg"),
        PRESSURE_GAUGE("pressure gauge", "6.0 bar");

        private final String says;
        private final String usual;

        Kind(String says, String usual) {
            this.says = says;
            this.usual = usual;
        }

        /** What it says that it is. */
        public String says() {
            return "simulated " + says;
        }

        /** A reading that it may show. */
        public String usual() {
            return usual;
        }

        /**
         * @throws IllegalArgumentException naming those that there are
         */
        public static Kind named(String name) {
            for (Kind kind : values()) {
                if (kind.name().replace('_', '-').equalsIgnoreCase(name.strip())) {
                    return kind;
                }
            }
            throw new IllegalArgumentException(
                    "“"
                            + name.strip()
                            + "” is no instrument; there are "
                            + String.join(
                                    ", ",
                                    List.of(values()).stream()
                                            .map(
                                                    k ->
                                                            k.name()
                                                                    .toLowerCase(Locale.ROOT)
                                                                    .replace('_', '-'))
                                            .toList())
                            + ".");
        }
    }

    private final Kind kind;
    private final Supplier<String> readings;
    private final ServerSocket server;
    private final Set<Socket> connected = ConcurrentHashMap.newKeySet();

    private SimulatedInstrument(Kind kind, Supplier<String> readings, ServerSocket server) {
        this.kind = kind;
        this.readings = readings;
        this.server = server;
    }

    /**
     * Begins to serve.
     *
     * @param port 0 for any that is free
     * @param readings each reading that it shows, with its unit
     * @throws IOException if the port is taken
     */
    public static SimulatedInstrument serve(Kind kind, int port, Supplier<String> readings)
            throws IOException {
        SimulatedInstrument made =
                new SimulatedInstrument(
                        kind,
                        readings,
                        new ServerSocket(port, 5, InetAddress.getLoopbackAddress()));
        Thread thread = new Thread(made::accept, kind.says());
        thread.setDaemon(true);
        thread.start();
        return made;
    }

    private void accept() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                connected.add(socket);
                send(socket, "name " + kind.says());
                Thread thread = new Thread(() -> serve(socket), kind.says());
                thread.setDaemon(true);
                thread.start();
            } catch (IOException e) {
                LOG.debug("{} serves nobody more", kind, e);
            }
        }
    }

    private void serve(Socket socket) {
        try (socket;
                BufferedReader in =
                        new BufferedReader(
                                new InputStreamReader(
                                        socket.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (line.strip().equals(InstrumentLine.ASK)) {
                    send(socket, readings.get());
                }
            }
        } catch (IOException e) {
            LOG.debug("{} is not listened to any more", kind, e);
        } finally {
            connected.remove(socket);
        }
    }

    private static void send(Socket socket, String line) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    /** Its key is pressed: it sends a reading to all that are connected. */
    public void press() {
        for (Socket socket : connected) {
            try {
                send(socket, readings.get());
            } catch (IOException e) {
                connected.remove(socket);
            }
        }
    }

    /** Where it is reached. */
    public String address() {
        return "127.0.0.1:" + server.getLocalPort();
    }

    @Override
    public void close() {
        try {
            server.close();
            for (Socket socket : connected) {
                socket.close();
            }
        } catch (IOException e) {
            LOG.debug("{} was gone", kind, e);
        }
    }
}
