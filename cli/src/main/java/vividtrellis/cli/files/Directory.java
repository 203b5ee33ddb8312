package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vividtrellis.cli.files.TarContents.Entry;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.pack.Receipt;

/**
 * A directory that a project is written into. All or nothing: what happens to each file is settled
 * first, and what was written is taken back if anything fails on the way. Never leaves the
 * directory.
 */
public final class Directory {

  /** Where each line means something by itself, whatever stands around it. */
  private static final Set<String> OF_LINES = Set.of(".gitignore", ".dockerignore");

  public static final String BESIDE = ".beside";

  private final Path root;

  public Directory(Path root) {
    this.root = root.toAbsolutePath().normalize();
  }

  public Path root() {
    return root;
  }

  /** What happens to a file. */
  public enum Fate {
    NEW("new"),
    SAME("there already"),
    KEPT("kept"),
    REPLACED("replaced"),
    BESIDE("beside"),
    JOINED("joined"),
    /** It stops everything. */
    CLASH("clash");

    private final String word;

    Fate(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }

    /** Whether something is written for it. */
    public boolean writes() {
      return this == NEW || this == REPLACED || this == BESIDE || this == JOINED;
    }
  }

  /**
   * A file of the project, and what becomes of it.
   *
   * @param path that it has in the project
   * @param written where it is written; the same but for one that is put beside another
   */
  public record Step(String path, Fate fate, String written, Entry entry) {}

  /**
   * Settles what happens to each file, without writing any.
   *
   * @param files of the project, by their paths
   * @param policy asked for each file that is there and differs
   */
  public List<Step> plan(Map<String, Entry> files, Clash.Policy policy) {
    try {
      List<Step> steps = new ArrayList<>();
      for (Map.Entry<String, Entry> each : files.entrySet()) {
        steps.add(step(each.getKey(), each.getValue(), policy));
      }
      return steps;
    } catch (IOException | RuntimeException e) {
      throw failure(e);
    }
  }

  private Step step(String path, Entry entry, Clash.Policy policy) throws IOException {
    Path target = target(path);
    if (!Files.exists(target, LinkOption.NOFOLLOW_LINKS)) {
      return new Step(path, Fate.NEW, path, entry);
    }
    if (same(target, entry.content())) {
      return new Step(path, Fate.SAME, path, entry);
    }
    if (Files.isDirectory(target, LinkOption.NOFOLLOW_LINKS)) {
      throw new IOException(path + " is a directory, and the project has a file of that name");
    }
    boolean readable = Files.isRegularFile(target, LinkOption.NOFOLLOW_LINKS);
    if (OF_LINES.contains(path) && readable) {
      byte[] joined = joined(Files.readAllBytes(target), entry.content());
      return new Step(path, Fate.JOINED, path, new Entry(joined, false));
    }
    return switch (policy.of(path)) {
      // The receipt of what is written now tells of that; an older one would not.
      case KEEP ->
          new Step(path, path.equals(Receipt.PATH) ? Fate.REPLACED : Fate.KEPT, path, entry);
      case REPLACE -> new Step(path, Fate.REPLACED, path, entry);
      case BESIDE ->
          path.equals(Receipt.PATH)
              ? new Step(path, Fate.REPLACED, path, entry)
              : new Step(path, Fate.BESIDE, beside(path), entry);
      case STOP -> new Step(path, Fate.CLASH, path, entry);
    };
  }

  private String beside(String path) throws IOException {
    String name = path + BESIDE;
    for (int n = 2; Files.exists(target(name), LinkOption.NOFOLLOW_LINKS); n++) {
      name = path + BESIDE + "-" + n;
    }
    return name;
  }

  /** The lines that are there, then those of the other that are not among them. */
  private static byte[] joined(byte[] mine, byte[] theirs) {
    String text = new String(mine, StandardCharsets.UTF_8);
    Set<String> lines = new LinkedHashSet<>();
    text.lines().map(String::strip).forEach(lines::add);
    StringBuilder joined = new StringBuilder(text);
    new String(theirs, StandardCharsets.UTF_8)
        .lines()
        .filter(line -> !line.isBlank() && !line.startsWith("#") && lines.add(line.strip()))
        .forEach(
            line ->
                joined
                    .append(joined.length() == 0 || joined.toString().endsWith("\n") ? "" : "\n")
                    .append(line)
                    .append('\n'));
    return joined.toString().getBytes(StandardCharsets.UTF_8);
  }

  /**
   * Looks whether what was planned can be written.
   *
   * @throws Failure when a step is a clash
   */
  private void mayWrite(List<Step> steps) {
    List<String> clashes =
        steps.stream().filter(step -> step.fate() == Fate.CLASH).map(Step::path).toList();
    if (!clashes.isEmpty()) {
      throw new Failure(
          Failure.CANNOT_WRITE,
          "These are there already and differ: " + String.join(", ", clashes),
          root.toString(),
          "nothing was written; say --on-clash keep, replace or beside, or take the project into"
              + " another directory");
    }
  }

  /**
   * Writes what was planned.
   *
   * @throws Failure when a step is a clash, or something cannot be written; nothing is changed then
   */
  public void write(List<Step> steps) {
    write(Map.of(this, steps));
  }

  /**
   * Writes what was planned for this directory, or for some in it: all of it or nothing.
   *
   * @throws Failure when a step is a clash, or something cannot be written; nothing is changed then
   */
  public void write(Map<Directory, List<Step>> planned) {
    planned.forEach(Directory::mayWrite);
    try (FileTransaction writing = new FileTransaction(root)) {
      Map<Path, Entry> contents = new LinkedHashMap<>();
      for (Map.Entry<Directory, List<Step>> each : planned.entrySet()) {
        for (Step step : each.getValue()) {
          if (step.fate().writes()) {
            contents.put(each.getKey().target(step.written()), step.entry());
          }
        }
      }
      writing.put(contents);
      writing.done();
    } catch (IOException | RuntimeException e) {
      throw failure(e);
    }
  }

  /**
   * A directory in this one.
   *
   * @throws Failure when a link stands there, which may lead out of this one
   */
  public Directory in(String name) {
    Path folder = root.resolve(name);
    if (Files.isSymbolicLink(folder)) {
      throw failure(new IOException(folder + " is a link that may lead out of the directory"));
    }
    return new Directory(folder);
  }

  private Failure failure(Exception e) {
    if (e instanceof Failure known) {
      return known;
    }
    return new Failure(
        Failure.CANNOT_WRITE,
        "The project cannot be written: "
            + (e instanceof IOException io
                ? Failure.reason(io)
                : "a name in it cannot be one here"),
        root.toString(),
        "nothing was left behind; choose a directory that can be written to");
  }

  /** Where a file of the project goes; refuses what a link would lead out of the directory. */
  private Path target(String path) throws IOException {
    return inside(root, path);
  }

  /**
   * A file below a directory.
   *
   * @throws IOException when a link or a file stands where a directory has to be
   */
  public static Path inside(Path root, String path) throws IOException {
    Path target = root.resolve(path).normalize();
    if (!target.startsWith(root) || target.equals(root)) {
      throw new IOException("the archive names a file outside the directory");
    }
    for (Path part = target.getParent();
        part != null && part.startsWith(root) && !part.equals(root);
        part = part.getParent()) {
      if (Files.isSymbolicLink(part)) {
        throw new IOException(part + " is a link that may lead out of the directory");
      }
      if (Files.exists(part) && !Files.isDirectory(part)) {
        throw new IOException(part + " is a file, and the project needs a directory there");
      }
    }
    return target;
  }

  private static boolean same(Path file, byte[] content) throws IOException {
    return Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)
        && Files.size(file) == content.length
        && Arrays.equals(Files.readAllBytes(file), content);
  }
}
