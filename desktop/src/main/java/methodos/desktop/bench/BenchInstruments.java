package methodos.desktop.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import methodos.core.bench.InstrumentLine;
import methodos.files.instrument.Instrument;
import methodos.files.instrument.SimulatedInstrument;
import methodos.files.problem.ProjectProblem;

/** The instruments that are connected at the bench. Used on the interface thread. */
final class BenchInstruments implements AutoCloseable {

    /** In the place of an address: a simulated one of this program. */
    static final String SIMULATED = "simulated ";

    private record Connected(Instrument instrument, SimulatedInstrument simulated) {
        void close() {
            instrument.close();
            if (simulated != null) {
                simulated.close();
            }
        }
    }

    private final Executor connecting;
    private final Map<String, Connected> connected = new LinkedHashMap<>();
    private final Map<String, String> names = new LinkedHashMap<>();
    private BiConsumer<String, InstrumentLine.Value> reading = (name, value) -> {};
    private Runnable changed = () -> {};
    private Consumer<String> say = s -> {};

    BenchInstruments(Executor connecting) {
        this.connecting = connecting;
    }

    /**
     * @param take called with the name of the instrument and what it sent
     * @param change called when one comes or goes
     * @param told told sentences
     */
    void listen(
            BiConsumer<String, InstrumentLine.Value> take, Runnable change, Consumer<String> told) {
        reading = take;
        changed = change;
        say = told;
    }

    /** What an instrument calls itself; its address while it has not said. */
    String name(String address) {
        return names.getOrDefault(address, address);
    }

    /** Those of them that are there, in the order in which they came. */
    List<String> addresses() {
        return new ArrayList<>(connected.keySet());
    }

    /** Connects the instrument at an address, or a simulated one. */
    void connect(String address) {
        connecting.execute(
                () -> {
                    try {
                        SimulatedInstrument simulated = simulated(address);
                        String at = simulated == null ? address : simulated.address();
                        Instrument made =
                                Instrument.open(
                                        at,
                                        line -> Platform.runLater(() -> told(at, line)),
                                        lost -> Platform.runLater(() -> lost(at, lost)));
                        Platform.runLater(() -> add(at, new Connected(made, simulated)));
                    } catch (ProjectProblem | IOException | IllegalArgumentException e) {
                        Platform.runLater(() -> say.accept(e.getMessage()));
                    }
                });
    }

    private static SimulatedInstrument simulated(String address) throws IOException {
        if (!address.startsWith(SIMULATED)) {
            return null;
        }
        SimulatedInstrument.Kind kind =
                SimulatedInstrument.Kind.named(address.substring(SIMULATED.length()));
        return SimulatedInstrument.serve(kind, 0, kind::usual);
    }

    private void add(String address, Connected one) {
        Connected before = connected.put(address, one);
        if (before != null) {
            before.close();
        }
        names.putIfAbsent(address, address);
        changed.run();
    }

    private void told(String address, InstrumentLine line) {
        if (line instanceof InstrumentLine.Name name) {
            names.put(address, name.text());
            changed.run();
        } else if (line instanceof InstrumentLine.Value value) {
            reading.accept(name(address), value);
        } else if (line instanceof InstrumentLine.Trouble trouble) {
            say.accept(name(address) + ": " + trouble.text());
        }
    }

    private void lost(String address, String sentence) {
        if (connected.remove(address) != null) {
            names.remove(address);
            say.accept(sentence);
            changed.run();
        }
    }

    /** Takes an instrument away. */
    void disconnect(String address) {
        Optional.ofNullable(connected.remove(address)).ifPresent(Connected::close);
        names.remove(address);
        changed.run();
    }

    /** Asks an instrument for a reading. */
    void ask(String address) {
        Connected one = connected.get(address);
        if (one != null) {
            connecting.execute(
                    () -> {
                        try {
                            one.instrument().ask();
                        } catch (ProjectProblem e) {
                            Platform.runLater(() -> lost(address, e.getMessage()));
                        }
                    });
        }
    }

    @Override
    public void close() {
        connected.values().forEach(Connected::close);
        connected.clear();
        names.clear();
    }
}
