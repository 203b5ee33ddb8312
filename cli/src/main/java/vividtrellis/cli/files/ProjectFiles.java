package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import vividtrellis.cli.terminal.Failure;

/**
 * The files of a project that lies in a directory; what builds and version control keep is none.
 */
public final class ProjectFiles {

  private static final Set<String> NOT_OURS = Set.of(".git", "target", "build", ".gradle");
  private static final int MOST = 5000;
  private static final long LARGEST = 1024 * 1024;

  private ProjectFiles() {}

  /**
   * Reads them; links are not followed. Of a file that is no text, or too large to compare, only
   * the size counts.
   *
   * @return path with slashes to text
   */
  public static Map<String, String> below(Path root) {
    Map<String, String> files = new TreeMap<>();
    try {
      Files.walkFileTree(
          root,
          new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path folder, BasicFileAttributes about) {
              boolean skipped =
                  !folder.equals(root) && NOT_OURS.contains(String.valueOf(folder.getFileName()));
              return skipped ? FileVisitResult.SKIP_SUBTREE : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes about)
                throws IOException {
              if (about.isRegularFile()) {
                if (files.size() == MOST) {
                  throw new Failure(
                      Failure.USAGE,
                      "There are more than " + MOST + " files in it.",
                      root.toString(),
                      "name the directory of one project");
                }
                String path = root.relativize(file).toString().replace('\\', '/');
                files.put(path, text(file, about.size()));
              }
              return FileVisitResult.CONTINUE;
            }
          });
    } catch (IOException e) {
      throw new Failure(
          Failure.UNREADABLE,
          "The directory cannot be read: " + Failure.reason(e),
          root.toString(),
          "name one that can be read");
    }
    return files;
  }

  private static String text(Path file, long size) throws IOException {
    String notText = "(" + size + " bytes that are no text)\n";
    if (size > LARGEST) {
      return notText;
    }
    try {
      String text =
          StandardCharsets.UTF_8
              .newDecoder()
              .decode(ByteBuffer.wrap(Files.readAllBytes(file)))
              .toString();
      return text.indexOf('\0') < 0 ? text : notText;
    } catch (CharacterCodingException e) {
      return notText;
    }
  }
}
