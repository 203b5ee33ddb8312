package vividtrellis.service.http;

import vividtrellis.service.ProjectService;
import vividtrellis.service.ReadyArchives;
import vividtrellis.service.records.RecordKeeper;

/** Controllers as the service joins them. */
final class Controllers {

  private Controllers() {}

  static ProjectController projects(ProjectService projects, RecordKeeper records) {
    return new ProjectController(projects, new ReadyArchives(projects, 1 << 22), records);
  }
}
