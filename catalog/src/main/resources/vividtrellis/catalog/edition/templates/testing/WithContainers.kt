package {{package}}

import org.springframework.boot.fromApplication
import org.springframework.boot.with

/** Starts the application beside what it talks to, each in a container: for work where there is Docker. */
fun main(args: Array<String>) {
    val application = fromApplication<{{entryClass}}>()
    application.with(LocalServices::class).run(*args)
}
