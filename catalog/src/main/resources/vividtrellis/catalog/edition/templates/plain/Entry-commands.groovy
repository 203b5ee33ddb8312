package {{package}}

import picocli.CommandLine
import picocli.CommandLine.Command
import picocli.CommandLine.HelpCommand
import picocli.CommandLine.Model.CommandSpec
import picocli.CommandLine.Option
import picocli.CommandLine.Parameters
import picocli.CommandLine.Spec

/** Where the program starts: it does what the words after its name say. */
@Command(resourceBundle = 'commands', mixinStandardHelpOptions = true, subcommands = HelpCommand)
class {{entryClass}} {

    @Spec
    private CommandSpec spec

    static void main(String[] args) {
        System.exit(program().execute(args))
    }

    static CommandLine program() {
        def program = new CommandLine(new {{entryClass}}())
        program.commandName = '{{artifact}}'
        program.commandSpec.version('{{version}}')
        program
    }

    /** What it comes to is what the program ends with: nothing but 0 is a fault. */
    @Command(description = 'Greets somebody.', mixinStandardHelpOptions = true)
    int greet(
            @Parameters(paramLabel = 'NAME', description = 'Who is greeted.') String name,
            @Option(names = '--times', paramLabel = 'N', defaultValue = '1', description = 'How often.') int times) {
        def out = spec.commandLine().out
        times.times { out.println("Hello, ${name}.") }
        0
    }
}
