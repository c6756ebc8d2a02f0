package methodos.cli;

/** Opens the command line to the programs that try damaged inputs. */
public final class FuzzedCommand {

    private FuzzedCommand() {}

    public static int run(String... arguments) {
        return Methodos.run(arguments);
    }
}
