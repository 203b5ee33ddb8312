import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.ProxySelector;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.FileSystemException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.Collections;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Properties;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * Fetches the Gradle that a properties file names, unless it is there already, and prints where it lies. Run by gradlew
 * and gradlew.bat with the JDK alone; the file is the one that Gradle's own wrapper reads.
 */
public class FetchGradle {

    /** Why there is no Gradle, in one line. */
    private static class Fault extends Exception {
        private static final long serialVersionUID = 1L;

        Fault(String reason) {
            super(reason);
        }
    }

    public static void main(String[] args) throws InterruptedException, NoSuchAlgorithmException {
        try {
            System.out.println(gradle(Path.of(args[0])));
        } catch (Fault e) {
            System.err.println("gradlew: " + e.getMessage());
            System.exit(1);
        } catch (IOException e) {
            System.err.println("gradlew: Gradle cannot be put in its place: " + e);
            System.exit(1);
        }
    }

    private static Path gradle(Path file) throws Fault, IOException, InterruptedException, NoSuchAlgorithmException {
        Properties properties = new Properties();
        try (InputStream in = Files.newInputStream(file)) {
            properties.load(in);
        }
        String address = properties.getProperty("distributionUrl");
        if (address == null || !address.endsWith(".zip")) {
            throw new Fault(file + " names no distribution: distributionUrl is missing, or is not a zip.");
        }
        String name = address.substring(address.lastIndexOf('/') + 1, address.length() - ".zip".length());
        String user = System.getenv("GRADLE_USER_HOME");
        Path home = user == null ? Path.of(System.getProperty("user.home"), ".gradle") : Path.of(user);
        Path there = home.resolve("wrapper").resolve("dists").resolve(name);
        String folder = name.contains("-") ? name.substring(0, name.lastIndexOf('-')) : name;
        Path gradle = there.resolve("unpacked").resolve(folder);
        if (Files.exists(gradle.resolve("bin"))) {
            return gradle;
        }
        System.err.println("Fetching " + address + " (once)");
        Files.createDirectories(there);
        Path zip = Files.createTempFile(there, "fetch", ".zip");
        Path unpacked = Files.createTempDirectory(there, "unpack");
        try {
            fetch(address, zip);
            check(zip, address, properties.getProperty("distributionSha256Sum"));
            unpack(zip, address, unpacked);
            if (!Files.exists(unpacked.resolve(folder).resolve("bin"))) {
                throw new Fault("What " + address + " gave holds no " + folder + "/bin; is it a Gradle distribution?");
            }
            move(unpacked, there.resolve("unpacked"), gradle);
        } finally {
            Files.deleteIfExists(zip);
            delete(unpacked);
        }
        return gradle;
    }

    private static void fetch(String address, Path zip) throws Fault, InterruptedException {
        HttpClient client = HttpClient.newBuilder()
                .followRedirects(HttpClient.Redirect.NORMAL)
                .proxy(ProxySelector.getDefault())
                .connectTimeout(Duration.ofSeconds(30))
                .build();
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address)).timeout(Duration.ofMinutes(1)).build();
            HttpResponse<Path> answer = client.send(request, HttpResponse.BodyHandlers.ofFile(zip));
            if (answer.statusCode() != 200) {
                throw new Fault(address + " answered " + answer.statusCode()
                        + "; is the address right? It stands in gradle/wrapper/gradle-wrapper.properties.");
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Fault(address + " could not be fetched whole (" + e + "). Is the network there? Behind a proxy,"
                    + " set JAVA_TOOL_OPTIONS to \"-Dhttps.proxyHost=HOST -Dhttps.proxyPort=PORT\".");
        }
    }

    private static void check(Path zip, String address, String wanted)
            throws Fault, IOException, NoSuchAlgorithmException {
        if (wanted != null) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (InputStream in = new DigestInputStream(Files.newInputStream(zip), digest)) {
                in.transferTo(OutputStream.nullOutputStream());
            }
            String found = HexFormat.of().formatHex(digest.digest());
            if (!found.equals(wanted.strip().toLowerCase(Locale.ROOT))) {
                throw new Fault("What " + address + " gave has the SHA-256 " + found
                        + ", not the one that gradle/wrapper/gradle-wrapper.properties names; it was thrown away.");
            }
        }
    }

    private static void unpack(Path zip, String address, Path into) throws Fault, IOException {
        // The list at the end of a zip is missing in one that was cut off.
        try (ZipFile archive = new ZipFile(zip.toFile())) {
            for (ZipEntry entry : Collections.list(archive.entries())) {
                Path file = into.resolve(entry.getName()).normalize();
                if (!file.startsWith(into)) {
                    throw new Fault("The archive has an entry outside itself: " + entry.getName());
                }
                if (entry.isDirectory()) {
                    Files.createDirectories(file);
                } else {
                    Files.createDirectories(file.getParent());
                    try (InputStream in = archive.getInputStream(entry)) {
                        Files.copy(in, file);
                    }
                    if (file.getParent().endsWith("bin")) {
                        file.toFile().setExecutable(true);
                    }
                }
            }
        } catch (ZipException e) {
            throw new Fault("What " + address + " gave is no whole zip; it may have been cut off, or be a proxy's page.");
        }
    }

    /** Moves it as a whole, so that a build that was stopped half way leaves nothing half done. */
    private static void move(Path unpacked, Path there, Path gradle) throws IOException {
        try {
            Files.move(unpacked, there, StandardCopyOption.ATOMIC_MOVE);
        } catch (FileSystemException e) {
            // Another build may have been first.
            if (!Files.exists(gradle.resolve("bin"))) {
                throw e;
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
}
