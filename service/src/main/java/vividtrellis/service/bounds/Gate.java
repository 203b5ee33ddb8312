package vividtrellis.service.bounds;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What costs much goes through here: as much at a time as there are cores, and a few more that wait
 * their turn. Who would wait longer than a second is told so at once or then, so that the threads
 * of the container are there for what costs little. Safe for many threads.
 */
@Component
public final class Gate {

  private static final long PATIENCE_MILLIS = 1_000;
  private static final int MOST_WAITING = 48;

  private final Semaphore places;
  private final Counter refused;

  /** As wide as this machine has cores. */
  public Gate(MeterRegistry meters) {
    // Not in turn: who comes when a place is free takes it, without a thread that has to wake
    // first.
    this.places = new Semaphore(Runtime.getRuntime().availableProcessors());
    this.refused = Counter.builder("vivid.gate.refused").register(meters);
    Gauge.builder("vivid.gate.waiting", places, Semaphore::getQueueLength).register(meters);
  }

  /** There is no place, and will be none within a second. */
  public static final class Busy extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Busy() {
      super("the service is busy", null, false, false);
    }
  }

  /**
   * Does some work as soon as there is a place.
   *
   * @throws Busy when there is none in time
   */
  public <T> T pass(Supplier<T> work) {
    if (!places.tryAcquire() && !isPlaceInTime()) {
      refused.increment();
      throw new Busy();
    }
    try {
      return work.get();
    } finally {
      places.release();
    }
  }

  private boolean isPlaceInTime() {
    try {
      return places.getQueueLength() < MOST_WAITING
          && places.tryAcquire(PATIENCE_MILLIS, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
