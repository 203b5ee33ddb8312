package {{package}}

fun main() {
    println(greeting())
}

fun greeting() = "This is {{artifact}}."
