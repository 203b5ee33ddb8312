package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermission;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import vividtrellis.cli.files.TarContents.Entry;

/**
 * Changes to a directory that all happen or none. New contents are written to a place of their own
 * first, so that a full disk is met before anything is touched; then they are moved to where they
 * belong, and what they replace or what is taken away is moved aside. Until {@link #done()}, every
 * step can be taken back, and is if the program is interrupted.
 */
public final class FileTransaction implements AutoCloseable {

  private static final String ASIDE = ".vivid-half-";

  private final Path root;
  private final Deque<Step> steps = new ArrayDeque<>();
  private final Thread whenInterrupted = new Thread(this::takeBack);
  private final Path aside;
  private int staged;
  private boolean over;

  private interface Step {
    void back() throws IOException;
  }

  /** Begins; makes the directory if there is none. */
  public FileTransaction(Path root) throws IOException {
    this.root = root;
    Runtime.getRuntime().addShutdownHook(whenInterrupted);
    try {
      makeDirectories(root);
      this.aside = Files.createTempDirectory(root, ASIDE);
    } catch (IOException e) {
      close();
      throw e;
    }
    steps.push(() -> Files.deleteIfExists(aside));
  }

  /** Writes a content to the place aside; gives where. */
  synchronized Path stage(byte[] content, boolean executable) throws IOException {
    checkOpen();
    Path file = aside.resolve(Integer.toString(staged++));
    steps.push(() -> Files.deleteIfExists(file));
    Files.write(file, content);
    if (executable && file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Set<PosixFilePermission> mode = Files.getPosixFilePermissions(file);
      mode.add(PosixFilePermission.OWNER_EXECUTE);
      mode.add(PosixFilePermission.GROUP_EXECUTE);
      mode.add(PosixFilePermission.OTHERS_EXECUTE);
      Files.setPosixFilePermissions(file, mode);
    }
    return file;
  }

  /** Writes contents to their places; all of them are staged before the first is moved. */
  void put(Map<Path, Entry> contents) throws IOException {
    Map<Path, Path> staged = new LinkedHashMap<>();
    for (Map.Entry<Path, Entry> each : contents.entrySet()) {
      Entry entry = each.getValue();
      staged.put(stage(entry.content(), entry.executable()), each.getKey());
    }
    for (Map.Entry<Path, Path> each : staged.entrySet()) {
      place(each.getKey(), each.getValue());
    }
  }

  /** Moves a staged file to its place; what is there is moved aside first. */
  synchronized void place(Path file, Path target) throws IOException {
    checkOpen();
    makeDirectories(parent(target));
    moveAway(target);
    Files.move(file, target, StandardCopyOption.ATOMIC_MOVE);
    steps.push(() -> Files.deleteIfExists(target));
  }

  /** Takes a file away, if it is there. */
  public synchronized void moveAway(Path target) throws IOException {
    checkOpen();
    if (Files.exists(target, LinkOption.NOFOLLOW_LINKS)) {
      Path old = aside.resolve("old-" + staged++);
      Files.move(target, old, StandardCopyOption.ATOMIC_MOVE);
      steps.push(() -> Files.move(old, target, StandardCopyOption.ATOMIC_MOVE));
    }
  }

  private void makeDirectories(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      makeDirectories(parent(folder));
      Files.createDirectory(folder);
      steps.push(() -> Files.deleteIfExists(folder));
    }
  }

  private static Path parent(Path path) throws IOException {
    Path parent = path.getParent();
    if (parent == null) {
      throw new IOException("there is no such directory");
    }
    return parent;
  }

  private void checkOpen() throws IOException {
    if (over) {
      throw new IOException("it was interrupted");
    }
  }

  /** All is where it belongs: nothing is taken back any more. */
  public synchronized void done() throws IOException {
    checkOpen();
    over = true;
    try (var left = Files.list(aside)) {
      for (Path each : left.toList()) {
        Files.delete(each);
      }
    }
    Files.delete(aside);
  }

  private synchronized void takeBack() {
    if (over) {
      return;
    }
    over = true;
    while (!steps.isEmpty()) {
      try {
        steps.pop().back();
      } catch (IOException e) {
        // A directory that somebody put something into meanwhile stays.
      }
    }
  }

  /** Takes everything back unless it was done. */
  @Override
  public void close() {
    takeBack();
    try {
      Runtime.getRuntime().removeShutdownHook(whenInterrupted);
    } catch (IllegalStateException e) {
      // The program ends just now, and that thread has nothing left to do.
    }
  }

  /** The directory. */
  Path root() {
    return root;
  }
}
