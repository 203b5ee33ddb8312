package vividtrellis.service.records;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/**
 * Folders and files that nobody but the service's own account may read, where systems know that.
 */
final class OwnFiles {

  private static final boolean POSIX =
      FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

  private OwnFiles() {}

  /** Makes a folder with those above it, and closes one that is there to all others. */
  static void makeFolder(Path folder) throws IOException {
    Files.createDirectories(folder, attributes(FOLDER));
    if (POSIX) {
      Files.setPosixFilePermissions(folder, FOLDER);
    }
  }

  /** Opens a file at its end, and makes it if it is not there. */
  static FileChannel append(Path file) throws IOException {
    return FileChannel.open(
        file, Set.of(StandardOpenOption.CREATE, StandardOpenOption.APPEND), attributes(FILE));
  }

  private static FileAttribute<?>[] attributes(Set<PosixFilePermission> permissions) {
    return POSIX
        ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(permissions)}
        : new FileAttribute<?>[0];
  }
}
