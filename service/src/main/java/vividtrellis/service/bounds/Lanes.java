package vividtrellis.service.bounds;

import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * The threads of the container, in two lanes. Whatever comes is taken up in the one; a request
 * whose turn has come goes on in the other at once, not behind all that came meanwhile: its place
 * at the gate must not stand empty.
 */
final class Lanes implements Executor {

  /**
   * For what is short: reading, refusing, sending, health, pages, and turns that come at once. With
   * more of them, health waits for the others' work.
   */
  private static final int COMMON = 24;

  /** More than there are turns at a time; those that come too late are told so here as well. */
  private static final int MOST_TURNS = 16;

  private static final long IDLE_SECONDS = 30;
  private static final ThreadLocal<Boolean> ITS_TURN = new ThreadLocal<>();

  private final ThreadPoolExecutor common =
      new ThreadPoolExecutor(
          COMMON,
          COMMON,
          IDLE_SECONDS,
          TimeUnit.SECONDS,
          new LinkedBlockingQueue<>(),
          named("http-"));

  private final ThreadPoolExecutor turns =
      new ThreadPoolExecutor(
          0,
          MOST_TURNS,
          IDLE_SECONDS,
          TimeUnit.SECONDS,
          new SynchronousQueue<>(),
          named("turn-"),
          (work, full) -> common.execute(work));

  Lanes() {
    common.allowCoreThreadTimeOut(true);
  }

  /**
   * Does something, and what it makes the container do is in the lane of those whose turn it is.
   */
  static void itsTurn(Runnable dispatch) {
    ITS_TURN.set(true);
    try {
      dispatch.run();
    } finally {
      ITS_TURN.remove();
    }
  }

  @Override
  public void execute(Runnable work) {
    (ITS_TURN.get() == null ? common : turns).execute(work);
  }

  private static ThreadFactory named(String start) {
    AtomicInteger number = new AtomicInteger();
    return work -> {
      Thread thread = new Thread(work, start + number.incrementAndGet());
      thread.setDaemon(true);
      return thread;
    };
  }
}
