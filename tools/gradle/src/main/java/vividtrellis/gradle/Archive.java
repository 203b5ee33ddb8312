package vividtrellis.gradle;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * The one archive that holds all of Gradle's runtime. Its entries come module by module: the
 * classes of a module stand before the file that lists what it needs, its resources after it.
 */
final class Archive {

  /** Says which version this is. */
  static final String RECEIPT = "org/gradle/build-receipt.properties";

  private static final Pattern MODULE = Pattern.compile("(gradle-.*)-classpath\\.properties");
  private static final String API_INFO = "gradle-runtime-api-info";

  private final Map<String, byte[]> entries = new LinkedHashMap<>();
  private final List<String> modules = new ArrayList<>();
  private final Map<String, Set<String>> owners = new HashMap<>();

  private Archive() {}

  /** Reads one, which takes as much memory as it is large. */
  static Archive read(Path jar) throws IOException {
    Archive archive = new Archive();
    try (ZipInputStream in =
        new ZipInputStream(new BufferedInputStream(Files.newInputStream(jar)))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (!entry.isDirectory()) {
          archive.entries.putIfAbsent(entry.getName(), in.readAllBytes());
        }
      }
    }
    archive.sort();
    return archive;
  }

  private void sort() {
    List<String> classes = new ArrayList<>();
    List<String> resources = new ArrayList<>();
    String last = API_INFO;
    for (String name : entries.keySet()) {
      Matcher module = MODULE.matcher(name);
      if (module.matches()) {
        String before = last;
        last = module.group(1);
        modules.add(last);
        own(name, last);
        for (String each : classes) {
          own(each, last);
        }
        // That a resource is of the module before is usual and not certain: both get it.
        for (String each : resources) {
          own(each, before);
          own(each, last);
        }
        classes.clear();
        resources.clear();
      } else if (name.startsWith("org/gradle/") && !name.startsWith(Relocation.PREFIX)) {
        (name.endsWith(".class") ? classes : resources).add(name);
      } else if (name.endsWith("-parameter-names.properties")) {
        own(name, last);
      } else if (name.indexOf('/') < 0) {
        own(name, API_INFO);
      }
    }
    for (String each : resources) {
      own(each, last);
    }
  }

  private void own(String name, String module) {
    owners.computeIfAbsent(name, any -> new TreeSet<>()).add(module);
  }

  /** What is in it, in its order. */
  Map<String, byte[]> entries() {
    return entries;
  }

  /** The names of all modules, in its order. */
  List<String> modules() {
    return modules;
  }

  /** The modules that an entry belongs to; none for one of a library. */
  Set<String> owners(String name) {
    return owners.getOrDefault(name, Set.of());
  }

  /** The version of Gradle that this is. */
  String version() {
    return properties(RECEIPT).getOrDefault("versionNumber", "");
  }

  /** The file names of all libraries that modules ask for. */
  Set<String> libraries() {
    Set<String> libraries = new TreeSet<>();
    modules.stream().flatMap(module -> listed(module, "runtime")).forEach(libraries::add);
    return libraries;
  }

  /** What a module lists under a key. */
  Stream<String> listed(String module, String key) {
    String text = properties(module + "-classpath.properties").getOrDefault(key, "");
    return Arrays.stream(text.split(",", -1)).filter(each -> !each.isBlank());
  }

  /** A file of keys and values; none if it is not there. */
  Map<String, String> properties(String name) {
    Properties properties = new Properties();
    try {
      properties.load(new ByteArrayInputStream(entries.getOrDefault(name, new byte[0])));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Map<String, String> sorted = new TreeMap<>();
    properties.forEach((key, value) -> sorted.put(String.valueOf(key), String.valueOf(value)));
    return sorted;
  }
}
