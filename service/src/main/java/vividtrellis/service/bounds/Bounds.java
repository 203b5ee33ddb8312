package vividtrellis.service.bounds;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What an installation may set, see docs/operation.md.
 *
 * @param connections the most connections, and requests at a time, of one client
 * @param rate the most calls a second of one client in the long run; ten seconds' worth at once
 * @param proxies addresses of peers whose word is taken for who the client is
 * @param hosts names that the service is called by, besides those of loopback
 */
@Component
record Bounds(int connections, int rate, Set<String> proxies, Set<String> hosts) {

  Bounds(
      @Value("${vivid.client.connections}") int connections,
      @Value("${vivid.client.rate}") int rate,
      @Value("${vivid.proxies}") Set<String> proxies,
      @Value("${vivid.hosts}") Set<String> hosts) {
    this.connections = atLeastOne("VIVID_CLIENT_CONNECTIONS", connections);
    this.rate = atLeastOne("VIVID_CLIENT_RATE", rate);
    this.proxies = words(proxies);
    this.hosts = words(hosts);
  }

  private static int atLeastOne(String name, int value) {
    if (value < 1) {
      throw new IllegalArgumentException(name + " is " + value + "; it has to be 1 or more");
    }
    return value;
  }

  private static Set<String> words(Set<String> list) {
    return list.stream()
        .map(word -> word.strip().toLowerCase(Locale.ROOT))
        .filter(word -> !word.isEmpty())
        .collect(Collectors.toUnmodifiableSet());
  }
}
