package vividtrellis.service;

import java.time.Clock;
import java.util.List;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.compat.Editions;
import vividtrellis.core.pack.Archives;

/** The workshop over the shipped edition, with a clock of the test's own. */
public final class TestWorkshop {

  private TestWorkshop() {}

  public static Workshop at(Clock clock) {
    return new Workshop(
        new Editions(List.of(ShippedEdition.load()), ShippedEdition.load().id()),
        ShippedEdition.surroundings(),
        clock,
        Archives.DEFAULT_TIME,
        "9.9");
  }
}
