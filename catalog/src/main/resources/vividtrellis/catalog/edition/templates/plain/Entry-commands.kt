package {{package}}

import picocli.CommandLine
import picocli.CommandLine.Command
import picocli.CommandLine.HelpCommand
import picocli.CommandLine.Model.CommandSpec
import picocli.CommandLine.Option
import picocli.CommandLine.Parameters
import picocli.CommandLine.Spec
import kotlin.system.exitProcess

fun main(args: Array<String>) {
    exitProcess(program().execute(*args))
}

fun program(): CommandLine {
    val program = CommandLine({{entryClass}}())
    program.commandName = "{{artifact}}"
    program.commandSpec.version("{{version}}")
    return program
}

/** Does what the words after the program's name say. */
@Command(resourceBundle = "commands", mixinStandardHelpOptions = true, subcommands = [HelpCommand::class])
class {{entryClass}} {
    @Spec
    private lateinit var spec: CommandSpec

    /** What it comes to is what the program ends with: nothing but 0 is a fault. */
    @Command(description = ["Greets somebody."], mixinStandardHelpOptions = true)
    fun greet(
        @Parameters(paramLabel = "NAME", description = ["Who is greeted."]) name: String,
        @Option(names = ["--times"], paramLabel = "N", defaultValue = "1", description = ["How often."]) times: Int,
    ): Int {
        val out = spec.commandLine().out
        repeat(times) { out.println("Hello, $name.") }
        return 0
    }
}
