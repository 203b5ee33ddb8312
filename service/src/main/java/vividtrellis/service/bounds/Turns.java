package vividtrellis.service.bounds;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;

/**
 * Who may work when: so many at a time, the others in the order in which they came. Nobody waits
 * here for what would take too long anyway: what is in the queue is known by what the like of it
 * took before. Safe for many threads; holds none.
 */
final class Turns {

  /** Who would be expected to wait longer is refused at once. */
  private static final long EXPECTED_NANOS = TimeUnit.MILLISECONDS.toNanos(700);

  /** Whoever has waited so long after all is refused when the turn comes. */
  static final long PATIENCE_NANOS = TimeUnit.MILLISECONDS.toNanos(900);

  private static final long FIRST_GUESS_NANOS = TimeUnit.MILLISECONDS.toNanos(5);

  /** How much one that is over counts against all before it. */
  private static final double WEIGHT = 0.1;

  private final int width;
  private final LongSupplier clock;
  private final Map<String, Long> usual = new ConcurrentHashMap<>();
  private final Deque<Turn> queue = new ArrayDeque<>();
  private long backlogNanos;
  private int running;

  /**
   * With nothing to do yet.
   *
   * @param width how many work at a time
   * @param clock in nanoseconds
   */
  Turns(int width, LongSupplier clock) {
    this.width = width;
    this.clock = clock;
  }

  /** What becomes of a turn that is asked for. */
  enum Answer {
    /** It has begun; whoever asked works now. */
    NOW,
    /** {@link Turn#go} or {@link Turn#refuse} will be called once. */
    LATER,
    /** There is no use in waiting. */
    NEVER
  }

  private enum State {
    NEW,
    WAITING,
    RUNNING,
    OVER
  }

  /** A turn of one request. */
  abstract static class Turn {

    private final String kind;
    private State state = State.NEW;
    private long since;
    private long expectedNanos;

    /**
     * Not asked for yet.
     *
     * @param kind requests of one kind take about as long as each other; there are few kinds
     */
    Turn(String kind) {
      this.kind = kind;
    }

    /** It has begun. */
    abstract void go();

    /** It will not begin. */
    abstract void refuse();
  }

  /** Asks for a turn. */
  synchronized Answer ask(Turn turn) {
    turn.since = clock.getAsLong();
    turn.expectedNanos = usual.getOrDefault(turn.kind, FIRST_GUESS_NANOS);
    if (running < width && queue.isEmpty()) {
      begin(turn);
      return Answer.NOW;
    }
    if (backlogNanos / width > EXPECTED_NANOS) {
      turn.state = State.OVER;
      return Answer.NEVER;
    }
    turn.state = State.WAITING;
    backlogNanos += turn.expectedNanos;
    queue.add(turn);
    return Answer.LATER;
  }

  /** Whether it was still waiting; then it waits no more, and neither of its methods is called. */
  synchronized boolean leave(Turn turn) {
    if (turn.state != State.WAITING) {
      return false;
    }
    turn.state = State.OVER;
    queue.remove(turn);
    backlogNanos -= turn.expectedNanos;
    return true;
  }

  /** Ends a turn, and begins those that come next. Once more, it does nothing. */
  void over(Turn turn) {
    List<Turn> next = new ArrayList<>();
    List<Turn> late = new ArrayList<>();
    synchronized (this) {
      if (turn.state != State.RUNNING) {
        return;
      }
      turn.state = State.OVER;
      running--;
      long now = clock.getAsLong();
      long took = now - turn.since;
      usual.merge(turn.kind, took, (all, one) -> all + (long) (WEIGHT * (one - all)));
      while (running < width && !queue.isEmpty()) {
        Turn first = queue.remove();
        backlogNanos -= first.expectedNanos;
        if (now - first.since > PATIENCE_NANOS) {
          first.state = State.OVER;
          late.add(first);
        } else {
          begin(first);
          next.add(first);
        }
      }
    }
    next.forEach(Turn::go);
    late.forEach(Turn::refuse);
  }

  private void begin(Turn turn) {
    turn.state = State.RUNNING;
    turn.since = clock.getAsLong();
    running++;
  }

  /** How many wait. */
  synchronized int waiting() {
    return queue.size();
  }
}
