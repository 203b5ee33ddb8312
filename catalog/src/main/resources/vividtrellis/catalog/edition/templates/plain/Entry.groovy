package {{package}}

/** Where the program starts. */
class {{entryClass}} {

    static void main(String[] args) {
        println greeting()
    }

    static String greeting() {
        'This is {{artifact}}.'
    }
}
