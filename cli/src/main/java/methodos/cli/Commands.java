package methodos.cli;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.cli.calc.CalcCommand;
import picocli.CommandLine;

/**
 * The commands by their names. Only the one that is called is read in whole: reading what all of
 * them take costs as long as all the rest of a start.
 */
final class Commands {

    private static final Map<String, Class<?>> BY_NAME = byName();

    private Commands() {}

    private static Map<String, Class<?>> byName() {
        Map<String, Class<?>> commands = new LinkedHashMap<>();
        commands.put("probe", ProbeCommand.class);
        commands.put("still", StillCommand.class);
        commands.put("scan", ScanCommand.class);
        commands.put("best", BestCommand.class);
        commands.put("changes", ChangesCommand.class);
        commands.put("cut", CutCommand.class);
        commands.put("hear", HearCommand.class);
        commands.put("calc", CalcCommand.class);
        commands.put("draft", DraftCommand.class);
        commands.put("new", NewCommand.class);
        commands.put("import", ImportCommand.class);
        commands.put("show", ShowCommand.class);
        commands.put("tables", TablesCommand.class);
        commands.put("check", CheckCommand.class);
        commands.put("plan", PlanCommand.class);
        commands.put("simulate", SimulateCommand.class);
        commands.put("record", RecordCommand.class);
        commands.put("reverse", ReverseCommand.class);
        commands.put("publish", PublishCommand.class);
        commands.put("demo", DemoCommand.class);
        return commands;
    }

    /** The command line with the command that is called, or with all where none is named first. */
    static CommandLine line(Methodos main, String... arguments) {
        CommandLine line = new CommandLine(main);
        Class<?> called = arguments.length == 0 ? null : BY_NAME.get(arguments[0]);
        boolean versionOnly = arguments.length == 1 && arguments[0].equals("--version");
        Collection<Class<?>> read =
                called != null ? List.of(called) : versionOnly ? List.of() : BY_NAME.values();
        read.forEach(line::addSubcommand);
        return line;
    }

    /** The names that commands are called by, with the class of each. */
    static Map<String, Class<?>> names() {
        return BY_NAME;
    }
}
