package vividtrellis.cli;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.GZIPInputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;

/**
 * A directory that a project is written into. All or nothing: what would be overwritten is found
 * first, and what was written is taken back if anything fails on the way. Never leaves the
 * directory.
 */
final class Directory {

  private final Path root;

  Directory(Path root) {
    this.root = root.toAbsolutePath().normalize();
  }

  /** What was written. */
  record Written(Path root, List<String> files) {}

  private static final class Entry {
    private final byte[] content;
    private final boolean executable;

    Entry(byte[] content, boolean executable) {
      this.content = content;
      this.executable = executable;
    }
  }

  /** Writes the contents of a {@code tar.gz} below its one top directory. */
  Written write(byte[] archive) {
    List<Path> made = new ArrayList<>();
    try {
      Map<String, Entry> entries = entries(archive);
      List<String> clashes = new ArrayList<>();
      for (Map.Entry<String, Entry> each : entries.entrySet()) {
        Path target = target(each.getKey());
        if (Files.exists(target, LinkOption.NOFOLLOW_LINKS)
            && !same(target, each.getValue().content)) {
          clashes.add(each.getKey());
        }
      }
      if (!clashes.isEmpty()) {
        throw new Failure(
            Failure.CANNOT_WRITE,
            "These are there already and differ: " + String.join(", ", clashes),
            root.toString(),
            "nothing was written; move them away, or take the project into another directory");
      }
      for (Map.Entry<String, Entry> each : entries.entrySet()) {
        write(target(each.getKey()), each.getValue(), made);
      }
      return new Written(root, List.copyOf(entries.keySet()));
    } catch (IOException | RuntimeException e) {
      takeBack(made);
      if (e instanceof Failure failure) {
        throw failure;
      }
      throw new Failure(
          Failure.CANNOT_WRITE,
          "The project cannot be written: "
              + (e instanceof IOException io ? Failure.reason(io) : "the answer is no archive"),
          root.toString(),
          "nothing was left behind; choose a directory that can be written to");
    }
  }

  private static Map<String, Entry> entries(byte[] archive) throws IOException {
    Map<String, Entry> entries = new LinkedHashMap<>();
    try (TarArchiveInputStream in =
        new TarArchiveInputStream(new GZIPInputStream(new ByteArrayInputStream(archive)))) {
      for (TarArchiveEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        String name = entry.getName();
        if (entry.isFile() && name.indexOf('/') > 0) {
          boolean executable = (entry.getMode() & 0100) != 0;
          entries.put(
              name.substring(name.indexOf('/') + 1), new Entry(in.readAllBytes(), executable));
        }
      }
    }
    return entries;
  }

  /** Where a file of the archive goes; refuses what would leave the directory. */
  private Path target(String name) throws IOException {
    Path target = root.resolve(name).normalize();
    if (!target.startsWith(root) || name.contains("..")) {
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

  private static void write(Path target, Entry entry, List<Path> made) throws IOException {
    makeDirectories(target.toAbsolutePath().getParent(), made);
    if (Files.exists(target)) {
      return;
    }
    Files.createFile(target);
    made.add(target);
    Files.write(target, entry.content);
    if (entry.executable
        && target.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Set<PosixFilePermission> mode = Files.getPosixFilePermissions(target);
      mode.add(PosixFilePermission.OWNER_EXECUTE);
      mode.add(PosixFilePermission.GROUP_EXECUTE);
      mode.add(PosixFilePermission.OTHERS_EXECUTE);
      Files.setPosixFilePermissions(target, mode);
    }
  }

  private static void makeDirectories(Path folder, List<Path> made) throws IOException {
    if (!Files.exists(folder)) {
      makeDirectories(folder.getParent(), made);
      Files.createDirectory(folder);
      made.add(folder);
    }
  }

  private static void takeBack(List<Path> made) {
    Collections.reverse(made);
    for (Path path : made) {
      try {
        Files.deleteIfExists(path);
      } catch (IOException e) {
        // A directory that somebody put something into meanwhile stays.
      }
    }
  }
}
