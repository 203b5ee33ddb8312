package {{package}};

/** Where the program starts. */
public final class {{entryClass}} {

    private {{entryClass}}() {}

    public static void main(String[] args) {
        System.out.println(greeting());
    }

    static String greeting() {
        return "This is {{artifact}}.";
    }
}
