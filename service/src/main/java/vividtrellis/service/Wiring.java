package vividtrellis.service;

import java.time.Clock;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.pack.Archives;

/** What the rooms of this service are made from. */
@Configuration(proxyBeanMethods = false)
class Wiring {

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  @Bean
  Verdicts verdicts() {
    return new Verdicts(ShippedEdition.load());
  }

  @Bean
  Workshop workshop(
      Verdicts verdicts,
      Clock clock,
      BuildProperties build,
      @Value("${SOURCE_DATE_EPOCH:}") String epoch) {
    Instant time =
        epoch.isBlank() ? Archives.DEFAULT_TIME : Instant.ofEpochSecond(Long.parseLong(epoch));
    return new Workshop(
        verdicts, ShippedEdition.surroundings(), clock, time, String.valueOf(build.getVersion()));
  }
}
