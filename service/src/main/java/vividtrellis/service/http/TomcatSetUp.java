package vividtrellis.service.http;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Lets Tomcat report its own refusals as problems. */
@Component
class TomcatSetUp implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context -> {
          if (context.getParent() instanceof StandardHost host) {
            host.setErrorReportValveClass(ProtocolErrors.class.getName());
          }
        });
  }
}
