package methodos.files.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import methodos.core.bench.InstrumentLine;
import methodos.core.quantity.Quantity;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;

class InstrumentTest {

    private final BlockingQueue<Object> told = new LinkedBlockingQueue<>();

    private Object next() throws InterruptedException {
        return told.poll(20, TimeUnit.SECONDS);
    }

    @Test
    void eachSimulatedInstrumentAnswersAndSendsWhenItsKeyIsPressed() throws Exception {
        for (SimulatedInstrument.Kind kind : SimulatedInstrument.Kind.values()) {
            try (SimulatedInstrument there = SimulatedInstrument.serve(kind, 0, kind::usual);
                    Instrument here = Instrument.open(there.address(), told::add, told::add)) {
                assertThat(next()).isEqualTo(new InstrumentLine.Name(kind.says()));
                InstrumentLine.Value value =
                        new InstrumentLine.Value(kind.usual(), Quantity.parse(kind.usual()));
                here.ask();
                assertThat(next()).isEqualTo(value);
                there.press();
                assertThat(next()).isEqualTo(value);
            }
        }
    }

    @Test
    void whatNoInstrumentSendsIsPassedOver() throws Exception {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                Instrument here =
                        Instrument.open(
                                "localhost:" + server.getLocalPort(), told::add, told::add)) {
            try (Socket socket = server.accept();
                    OutputStream out = socket.getOutputStream()) {
                out.write(
                        ("hello\r\n\n12 to 13 mm\n"
                                        + "x".repeat(100_000)
                                        + "\n62,85 mm\r\ntrouble battery low\n0.5 kg\n7")
                                .getBytes(StandardCharsets.UTF_8));
            }
            assertThat(next())
                    .isEqualTo(new InstrumentLine.Value("62,85 mm", Quantity.parse("62,85 mm")));
            assertThat(next()).isEqualTo(new InstrumentLine.Trouble("battery low"));
            assertThat(next()).isInstanceOf(InstrumentLine.Value.class);
            assertThat(next()).as("half a line is none").asString().contains("is gone");
            assertThat(here.address()).startsWith("localhost:");
        }
    }

    @Test
    void whereNothingIsASentenceSaysSo() {
        for (String address :
                new String[] {
                    "127.0.0.1:1", "/dev/no-such-port", "no port@9600", ":", "", "x:99999"
                }) {
            assertThatThrownBy(() -> Instrument.open(address, told::add, told::add))
                    .as(address)
                    .isInstanceOf(ProjectProblem.class)
                    .hasMessage("No instrument answers at " + address.strip() + ".");
        }
    }

    @Test
    void anInstrumentIsNamedAsItIsTyped() {
        assertThat(SimulatedInstrument.Kind.named("torque-wrench"))
                .isEqualTo(SimulatedInstrument.Kind.TORQUE_WRENCH);
        assertThatThrownBy(() -> SimulatedInstrument.Kind.named("ruler"))
                .hasMessageContaining("pressure-gauge");
    }
}
