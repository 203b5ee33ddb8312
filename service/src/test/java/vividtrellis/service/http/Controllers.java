package vividtrellis.service.http;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import vividtrellis.service.ReadyArchives;
import vividtrellis.service.Workshop;
import vividtrellis.service.bounds.Gate;
import vividtrellis.service.records.RecordKeeper;

/** Controllers as the service joins them. */
final class Controllers {

  private Controllers() {}

  static ProjectController projects(Workshop workshop, RecordKeeper records) {
    return new ProjectController(
        workshop,
        new ReadyArchives(workshop, 1 << 22),
        records,
        new Gate(new SimpleMeterRegistry()));
  }
}
