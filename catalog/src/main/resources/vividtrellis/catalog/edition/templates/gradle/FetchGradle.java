import java.io.IOException;
import java.io.InputStream;
import java.net.ProxySelector;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Properties;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * Fetches the Gradle that a properties file names, unless it is there already, and prints where it lies. Run by gradlew
 * and gradlew.bat with the JDK alone; the file is the one that Gradle's own wrapper reads.
 */
public class FetchGradle {

    public static void main(String[] args) throws Exception {
        Path file = Path.of(args[0]);
        Properties properties = new Properties();
        try (InputStream in = Files.newInputStream(file)) {
            properties.load(in);
        }
        String address = properties.getProperty("distributionUrl");
        if (address == null || !address.endsWith(".zip")) {
            fail(file + " names no distribution: distributionUrl is missing, or is not a zip.");
        }
        String name = address.substring(address.lastIndexOf('/') + 1, address.length() - ".zip".length());
        String user = System.getenv("GRADLE_USER_HOME");
        Path home = user == null ? Path.of(System.getProperty("user.home"), ".gradle") : Path.of(user);
        Path there = home.resolve("wrapper").resolve("dists").resolve(name);
        Path gradle = there.resolve("unpacked").resolve(name.substring(0, name.lastIndexOf('-')));
        if (!Files.exists(gradle.resolve("bin"))) {
            System.err.println("Fetching " + address + " (once)");
            Files.createDirectories(there);
            Path zip = Files.createTempFile(there, "fetch", ".zip");
            Path unpacked = Files.createTempDirectory(there, "unpack");
            try {
                fetch(address, zip);
                check(zip, properties.getProperty("distributionSha256Sum"));
                unpack(zip, unpacked);
                // Moved as a whole, so that a build that was stopped half way leaves nothing half done.
                Files.move(unpacked, there.resolve("unpacked"), StandardCopyOption.ATOMIC_MOVE);
            } finally {
                Files.deleteIfExists(zip);
                delete(unpacked);
            }
        }
        System.out.println(gradle);
    }

    private static void fetch(String address, Path zip) throws Exception {
        HttpClient client = HttpClient.newBuilder()
                .followRedirects(HttpClient.Redirect.NORMAL)
                .proxy(ProxySelector.getDefault())
                .build();
        HttpResponse<Path> answer = client.send(
                HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofFile(zip));
        if (answer.statusCode() != 200) {
            fail(address + " answered " + answer.statusCode() + "; is the address right, and the network there?");
        }
    }

    private static void check(Path zip, String wanted) throws Exception {
        if (wanted != null) {
            String found = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(zip)));
            if (!found.equals(wanted.toLowerCase(Locale.ROOT))) {
                fail("What was fetched has the SHA-256 " + found + ", not the one that the properties name.");
            }
        }
    }

    private static void unpack(Path zip, Path into) throws IOException {
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                Path file = into.resolve(entry.getName()).normalize();
                if (!file.startsWith(into)) {
                    fail("The archive has an entry outside itself: " + entry.getName());
                }
                if (entry.isDirectory()) {
                    Files.createDirectories(file);
                } else {
                    Files.createDirectories(file.getParent());
                    Files.copy(in, file);
                    if (file.getParent().endsWith("bin")) {
                        file.toFile().setExecutable(true);
                    }
                }
            }
        }
    }

    private static void delete(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                Files.delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path folder, IOException failed) throws IOException {
                Files.delete(folder);
                return FileVisitResult.CONTINUE;
            }
        });
    }

    private static void fail(String reason) {
        System.err.println("gradlew: " + reason);
        System.exit(1);
    }
}
