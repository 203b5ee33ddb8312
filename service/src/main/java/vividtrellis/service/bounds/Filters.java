package vividtrellis.service.bounds;

import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/**
 * The order: a body is read first, so that whoever is refused has been heard; the gate is the last.
 */
@Configuration(proxyBeanMethods = false)
class Filters {

  private static final int FIRST = Ordered.HIGHEST_PRECEDENCE + 10;

  @Bean
  FilterRegistrationBean<Filter> answersAsTaken(Refusals refusals, MeterRegistry meters) {
    return registered(new AnswersAsTaken(refusals, meters), 0);
  }

  @Bean
  FilterRegistrationBean<Filter> wholeBodies(MeterRegistry meters) {
    return registered(new WholeBodies(meters), 1);
  }

  @Bean
  FilterRegistrationBean<Filter> knownHosts(Bounds bounds) {
    return registered(new KnownHosts(bounds), 2);
  }

  @Bean
  FilterRegistrationBean<Filter> clientBounds(Bounds bounds) {
    return registered(new ClientBounds(bounds), 3);
  }

  @Bean
  FilterRegistrationBean<Filter> fewDownloads() {
    return registered(new FewDownloads(), 4);
  }

  @Bean
  FilterRegistrationBean<Filter> gate(MeterRegistry meters) {
    return registered(new Gate(meters), 5);
  }

  private static FilterRegistrationBean<Filter> registered(Filter filter, int place) {
    FilterRegistrationBean<Filter> registration = new FilterRegistrationBean<>(filter);
    registration.setOrder(FIRST + place);
    registration.setAsyncSupported(true);
    registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    return registration;
  }
}
