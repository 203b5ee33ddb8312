package vividtrellis.service.records;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** The service is up without its database too; how the records are is told beside. */
@Component("records")
class RecordsHealth implements HealthIndicator {

  private final RecordKeeper keeper;

  RecordsHealth(RecordKeeper keeper) {
    this.keeper = keeper;
  }

  @Override
  public Health health() {
    RecordKeeper.State state = keeper.state();
    return Health.up()
        .withDetail("database", state.databaseAway() ? "away" : "there")
        .withDetail("waiting", state.waiting())
        .withDetail("unrecorded", state.unrecorded())
        .withDetail("damaged", state.damaged())
        .build();
  }
}
