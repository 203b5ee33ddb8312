package vividtrellis.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.files.TarContents;
import vividtrellis.cli.files.TarContents.Entry;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.pack.Archive.Format;

/**
 * Archives on their way: in files of their own, looked through before anything is done with them,
 * and gone when the command is over, however it ends.
 */
final class Downloads implements AutoCloseable {

  private final ApiClient service;
  private final long most;
  private final Path folder;
  private int count;

  /**
   * Begins with none.
   *
   * @param most bytes of an archive, and of all its files together
   * @throws Failure when there is no room for temporary files
   */
  Downloads(ApiClient service, long most) {
    this.service = service;
    this.most = most;
    try {
      this.folder = Files.createTempDirectory("vivid-");
    } catch (IOException e) {
      throw Failure.cannotWrite(
          "A temporary file", Path.of(System.getProperty("java.io.tmpdir")), e);
    }
    folder.toFile().deleteOnExit();
  }

  /**
   * What came.
   *
   * @param answer 422 for a blocked brief, with why
   * @param file the archive; of nothing that can be used when the brief is blocked
   * @param files what is in it
   */
  record Download(ApiClient.Answer answer, Path file, Map<String, Entry> files) {
    boolean isBlocked() {
      return answer.status() == 422;
    }
  }

  /** Fetches the archive of a brief. */
  Download fetch(SentBrief brief, Format format) {
    Path file = folder.resolve(count++ + "." + format.word());
    file.toFile().deleteOnExit();
    ApiClient.Answer answer =
        service.download("/archives?format=" + format.word(), brief, file, most);
    return answer.status() == 422
        ? new Download(answer, file, Map.of())
        : new Download(answer, file, TarContents.of(file, format, most));
  }

  @Override
  public void close() {
    for (int i = 0; i < count; i++) {
      for (Format format : Format.values()) {
        folder.resolve(i + "." + format.word()).toFile().delete();
      }
    }
    folder.toFile().delete();
  }
}
