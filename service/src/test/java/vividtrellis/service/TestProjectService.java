package vividtrellis.service;

import java.time.Clock;
import java.util.List;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.compat.judging.Editions;
import vividtrellis.core.pack.Archives;

/** The service over the shipped edition, with a clock of the test's own. */
public final class TestProjectService {

  private TestProjectService() {}

  public static ProjectService at(Clock clock) {
    Editions editions = new Editions(List.of(ShippedEdition.load()), ShippedEdition.load().id());
    return new ProjectService(
        () -> editions, ShippedEdition.inputs(), clock, Archives.DEFAULT_TIME, "9.9");
  }
}
