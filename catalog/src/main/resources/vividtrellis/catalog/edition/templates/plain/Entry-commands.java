package {{package}};

import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.HelpCommand;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Where the program starts: it does what the words after its name say. */
@Command(resourceBundle = "commands", mixinStandardHelpOptions = true, subcommands = HelpCommand.class)
public final class {{entryClass}} {

    @Spec
    private CommandSpec spec;

    public static void main(String[] args) {
        System.exit(program().execute(args));
    }

    static CommandLine program() {
        CommandLine program = new CommandLine(new {{entryClass}}());
        program.setCommandName("{{artifact}}");
        program.getCommandSpec().version("{{version}}");
        return program;
    }

    /** What it comes to is what the program ends with: nothing but 0 is a fault. */
    @Command(description = "Greets somebody.", mixinStandardHelpOptions = true)
    int greet(
            @Parameters(paramLabel = "NAME", description = "Who is greeted.") String name,
            @Option(names = "--times", paramLabel = "N", defaultValue = "1", description = "How often.") int times) {
        PrintWriter out = spec.commandLine().getOut();
        for (int i = 0; i < times; i++) {
            out.println("Hello, " + name + ".");
        }
        return 0;
    }
}
