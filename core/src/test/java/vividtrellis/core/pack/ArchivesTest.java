package vividtrellis.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TimeZone;
import java.util.zip.GZIPInputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vividtrellis.core.pack.Archive.Format;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

class ArchivesTest {

  private static final FileSet FILES =
      new FileSet(
          "tide-board",
          List.of(
              new GeneratedFile("mvnw", "#!/bin/sh\n", "755", "p", "ours", List.of()),
              new GeneratedFile("größe.txt", "ü\r\n", "644", "p", "yours", List.of()),
              new GeneratedFile("long", "x".repeat(200_000), "644", "p", "yours", List.of())));

  @ParameterizedTest
  @EnumSource(Format.class)
  void theSameBytesInEveryZoneAndLocale(Format format) {
    TimeZone zone = TimeZone.getDefault();
    Locale locale = Locale.getDefault();
    Archive here = Archives.pack(FILES, format, Archives.DEFAULT_TIME);
    try {
      for (String each : List.of("Pacific/Apia", "America/St_Johns", "UTC")) {
        TimeZone.setDefault(TimeZone.getTimeZone(each));
        Locale.setDefault(Locale.forLanguageTag("ar-EG"));
        assertThat(Archives.pack(FILES, format, Archives.DEFAULT_TIME).bytes())
            .isEqualTo(here.bytes());
      }
    } finally {
      TimeZone.setDefault(zone);
      Locale.setDefault(locale);
    }
    assertThat(Archives.pack(FILES, format, Instant.EPOCH).digest()).isNotEqualTo(here.digest());
  }

  @Test
  void bothFormsHoldTheFilesWithTheirModes() throws IOException {
    Map<String, String> expected = new LinkedHashMap<>();
    FILES.files().forEach(f -> expected.put("tide-board/" + f.path() + " " + f.mode(), f.text()));

    Map<String, String> zip = new LinkedHashMap<>();
    byte[] bytes = Archives.pack(FILES, Format.ZIP, Archives.DEFAULT_TIME).bytes();
    try (ZipFile file =
        ZipFile.builder().setSeekableByteChannel(new SeekableInMemoryByteChannel(bytes)).get()) {
      for (ZipArchiveEntry entry : java.util.Collections.list(file.getEntriesInPhysicalOrder())) {
        zip.put(
            entry.getName() + " " + Integer.toOctalString(entry.getUnixMode() & 0777),
            new String(file.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    assertThat(zip).containsExactlyEntriesOf(expected);

    Map<String, String> tar = new LinkedHashMap<>();
    byte[] packed = Archives.pack(FILES, Format.TAR_GZ, Archives.DEFAULT_TIME).bytes();
    try (TarArchiveInputStream in =
        new TarArchiveInputStream(new GZIPInputStream(new ByteArrayInputStream(packed)), "UTF-8")) {
      for (TarArchiveEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        tar.put(
            entry.getName() + " " + Integer.toOctalString(entry.getMode() & 0777),
            new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    assertThat(tar).containsExactlyEntriesOf(expected);
  }
}
