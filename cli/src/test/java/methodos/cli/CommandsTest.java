package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import picocli.CommandLine;

class CommandsTest {

    @Test
    void eachCommandIsCalledByTheNameThatItHas() {
        Commands.names()
                .forEach(
                        (name, command) ->
                                assertThat(command.getAnnotation(CommandLine.Command.class).name())
                                        .isEqualTo(name));
    }

    @Test
    void onlyTheOneThatIsCalledIsRead() {
        assertThat(Commands.line(new Methodos(), "still", "a.mkv").getSubcommands())
                .containsOnlyKeys("still");
        assertThat(Commands.line(new Methodos(), "--version").getSubcommands()).isEmpty();
        assertThat(Commands.line(new Methodos(), "--help").getSubcommands())
                .containsOnlyKeys(Commands.names().keySet());
        assertThat(Commands.line(new Methodos(), "a.methodos").getSubcommands())
                .containsOnlyKeys(Commands.names().keySet());
    }
}
