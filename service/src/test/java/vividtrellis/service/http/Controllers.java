package vividtrellis.service.http;

import vividtrellis.service.ReadyArchives;
import vividtrellis.service.Workshop;
import vividtrellis.service.records.RecordKeeper;

/** Controllers as the service joins them. */
final class Controllers {

  private Controllers() {}

  static ProjectController projects(Workshop workshop, RecordKeeper records) {
    return new ProjectController(workshop, new ReadyArchives(workshop, 1 << 22), records);
  }
}
