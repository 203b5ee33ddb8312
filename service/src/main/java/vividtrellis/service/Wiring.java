package vividtrellis.service;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.unit.DataSize;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.pack.Archives;
import vividtrellis.service.bounds.Refusals;
import vividtrellis.service.http.ProtocolErrors;

/** What the rooms of this service are made from. */
@Configuration(proxyBeanMethods = false)
class Wiring {

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  /** The shipped editions and those of a folder; what is wrong there is told and left out. */
  @Bean
  ServedEditions editions(
      @Value("${VIVID_EDITIONS:}") String folder, @Value("${VIVID_REACH:}") String reach) {
    return new ServedEditions(
        folder.isBlank() ? Optional.empty() : Optional.of(Path.of(folder)), reach.strip());
  }

  @Bean
  ProjectService projects(
      ServedEditions editions,
      Clock clock,
      BuildProperties build,
      @Value("${SOURCE_DATE_EPOCH:}") String epoch) {
    Instant time =
        epoch.isBlank() ? Archives.DEFAULT_TIME : Instant.ofEpochSecond(Long.parseLong(epoch));
    return new ProjectService(
        editions::now, ShippedEdition.inputs(), clock, time, String.valueOf(build.getVersion()));
  }

  @Bean
  Refusals refusals() {
    return (status, words) -> ProtocolErrors.problem(status, words).getBytes(UTF_8);
  }

  @Bean
  ReadyArchives readyArchives(
      ProjectService projects, @Value("${vivid.archives-in-memory}") DataSize room) {
    return new ReadyArchives(projects, room.toBytes());
  }
}
