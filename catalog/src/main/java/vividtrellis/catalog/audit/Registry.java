package vividtrellis.catalog.audit;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A Maven registry, with what was fetched kept in a folder. What is not there is remembered for the
 * run only, since a registry fills up.
 */
final class Registry {

  private static final Duration PATIENCE = Duration.ofSeconds(60);

  private final String base;
  private final Path kept;
  private final Map<String, Boolean> there = new LinkedHashMap<>();
  private final HttpClient client =
      HttpClient.newBuilder()
          .connectTimeout(PATIENCE)
          .followRedirects(HttpClient.Redirect.NORMAL)
          .build();

  /**
   * Over one registry.
   *
   * @param base its address, without a slash at the end
   * @param kept folder for what was fetched
   */
  Registry(String base, Path kept) {
    this.base = base;
    this.kept = kept;
  }

  private static String path(String group, String artifact, String version, String end) {
    String dots = group.replace('.', '/') + "/" + artifact;
    return version.isEmpty()
        ? dots + "/" + end
        : dots + "/" + version + "/" + artifact + "-" + version + "." + end;
  }

  /** Whether a file of an artifact can be fetched. */
  boolean has(String key, String version, String end) {
    String[] parts = key.split(":", -1);
    String path = path(parts[0], parts[1], version, end);
    if (Files.exists(kept.resolve(path))) {
      return true;
    }
    return there.computeIfAbsent(path, p -> answers(p));
  }

  private boolean answers(String path) {
    HttpRequest head =
        HttpRequest.newBuilder(URI.create(base + "/" + path))
            .timeout(PATIENCE)
            .method("HEAD", HttpRequest.BodyPublishers.noBody())
            .build();
    return send(head, BodyHandlers.discarding()).statusCode() == 200;
  }

  private <T> HttpResponse<T> send(HttpRequest request, HttpResponse.BodyHandler<T> body) {
    try {
      return client.send(request, body);
    } catch (IOException e) {
      throw new UncheckedIOException("the registry does not answer: " + e.getMessage(), e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("interrupted while asking the registry", e);
    }
  }

  /** A file of an artifact; empty if it is not there. */
  Optional<byte[]> file(String key, String version, String end) {
    String[] parts = key.split(":", -1);
    return file(path(parts[0], parts[1], version, end));
  }

  private Optional<byte[]> file(String path) {
    Path file = kept.resolve(path).normalize();
    if (!file.startsWith(kept)) {
      throw new IllegalArgumentException("no path of a registry: " + path);
    }
    boolean changing = path.endsWith("maven-metadata.xml");
    try {
      if (!changing && Files.exists(file)) {
        return Optional.of(Files.readAllBytes(file));
      }
      HttpResponse<byte[]> answer =
          send(
              HttpRequest.newBuilder(URI.create(base + "/" + path)).timeout(PATIENCE).build(),
              BodyHandlers.ofByteArray());
      if (answer.statusCode() == 404) {
        return Optional.empty();
      }
      if (answer.statusCode() != 200) {
        throw new IOException("HTTP " + answer.statusCode() + " for " + path);
      }
      if (!changing) {
        Files.createDirectories(file.getParent());
        Path half = Files.createTempFile(file.getParent(), "half", null);
        Files.write(half, answer.body());
        Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
      }
      return Optional.of(answer.body());
    } catch (IOException e) {
      throw new UncheckedIOException("the registry cannot be read: " + e.getMessage(), e);
    }
  }

  /**
   * An entry of a jar; empty if the jar or the entry is not there.
   *
   * @param key {@code group:artifact}, or {@code group:artifact:classifier}
   */
  Optional<byte[]> entry(String key, String version, String name) {
    String[] parts = key.split(":", -1);
    // A classifier stands between the version and the ending.
    String which = parts.length < 3 ? version : version + "-" + parts[2];
    Optional<byte[]> jar =
        file(path(parts[0], parts[1], "", version + "/" + parts[1] + "-" + which + ".jar"));
    if (jar.isEmpty()) {
      return Optional.empty();
    }
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(jar.get()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().equals(name)) {
          return Optional.of(zip.readAllBytes());
        }
      }
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Every version that a registry lists of an artifact, as it lists them. */
  List<String> versions(String key) {
    String[] parts = key.split(":", -1);
    String index =
        file(path(parts[0], parts[1], "", "maven-metadata.xml"))
            .map(bytes -> new String(bytes, java.nio.charset.StandardCharsets.UTF_8))
            .orElse("");
    return java.util.regex.Pattern.compile("<version>([^<]+)</version>")
        .matcher(index)
        .results()
        .map(result -> result.group(1))
        .toList();
  }
}
