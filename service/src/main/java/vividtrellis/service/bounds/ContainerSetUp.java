package vividtrellis.service.bounds;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Tells Tomcat what one client may hold, and whose word it takes for who the client is. */
@Component
class ContainerSetUp implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  private final Bounds bounds;

  ContainerSetUp(Bounds bounds) {
    this.bounds = bounds;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.setProtocol(ClientConnections.class.getName());
    factory.addConnectorCustomizers(
        connector -> {
          if (connector.getProtocolHandler() instanceof ClientConnections bounded) {
            bounded.bound(bounds.connections(), bounds.proxies());
            bounded.setExecutor(new Lanes());
          }
        });
    if (!bounds.proxies().isEmpty()) {
      RemoteIpValve forwarded = new RemoteIpValve();
      forwarded.setInternalProxies(
          bounds.proxies().stream().map(Pattern::quote).collect(Collectors.joining("|")));
      forwarded.setProtocolHeader("X-Forwarded-Proto");
      factory.addEngineValves(forwarded);
    }
  }
}
