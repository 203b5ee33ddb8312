package vividtrellis.service.http;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vividtrellis.core.pack.Digests;

/** Tells what of the command line can be taken to another machine; the files lie below the page. */
@RestController
@RequestMapping({"/api/v1", ""})
class DownloadsController {

  private static final String FILES = "classpath*:/META-INF/resources/downloads/vivid*.*";

  private final List<Download> offered;

  /**
   * A file to take.
   *
   * @param kind {@code debian} for a package, {@code zip} for every system
   * @param size in bytes
   * @param digest of the bytes, as {@code sha-256=…} in hexadecimal
   */
  private record Download(String file, String kind, long size, String digest, String address) {}

  private record Downloads(List<Download> downloads) {}

  DownloadsController() {
    try {
      Resource[] files = new PathMatchingResourcePatternResolver().getResources(FILES);
      this.offered =
          Stream.of(files)
              .map(DownloadsController::download)
              .sorted(Comparator.comparing(Download::kind))
              .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What is there, with sizes and digests. */
  @GetMapping({"/downloads", "/downloads/"})
  Downloads downloads() {
    return new Downloads(offered);
  }

  private static Download download(Resource file) {
    String name = String.valueOf(file.getFilename());
    try (InputStream in = file.getInputStream()) {
      byte[] bytes = in.readAllBytes();
      return new Download(
          name,
          name.endsWith(".deb") ? "debian" : "zip",
          bytes.length,
          "sha-256=" + Digests.sha256(bytes),
          "/downloads/" + name);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
