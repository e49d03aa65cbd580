package org.ablebatch.server.delivery;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import org.ablebatch.server.AbleSettings;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Makes several pictures' files beside each other, as many as there are workers; a large picture
 * has the room of several.
 */
@Component
class MakingPool implements DisposableBean {
  private static final long PIXELS_A_WORKER = 30_000_000;

  private final int workers;
  private final ExecutorService threads;
  private final Semaphore room;

  MakingPool(AbleSettings settings) {
    this.workers = settings.workersOrCores();
    this.threads = Executors.newFixedThreadPool(workers, ThreadsBehind.named("deliver-"));
    this.room = new Semaphore(workers, true);
  }

  /** A picture's share of a run. */
  record Share(long pixels, Runnable work) {}

  /**
   * Does all that can be begun while it goes on, and returns when what was begun is finished.
   *
   * @param goesOn asked before each one
   * @return whether all were begun
   * @throws RuntimeException the first that any of them threw
   */
  boolean work(List<Share> shares, BooleanSupplier goesOn) {
    Semaphore finished = new Semaphore(0);
    FirstFailure failure = new FirstFailure();
    int begun = 0;
    for (Share share : shares) {
      int places = (int) Math.max(1, Math.min(workers, share.pixels() / PIXELS_A_WORKER + 1));
      room.acquireUninterruptibly(places);
      if (failure.isThere() || !goesOn.getAsBoolean()) {
        room.release(places);
        break;
      }
      begun++;
      threads.execute(
          () -> {
            try {
              share.work().run();
            } catch (RuntimeException | Error e) {
              failure.take(e);
            } finally {
              room.release(places);
              finished.release();
            }
          });
    }
    finished.acquireUninterruptibly(begun);
    failure.raise();
    return begun == shares.size();
  }

  @Override
  public void destroy() {
    threads.shutdown();
  }

  /** What went wrong first. */
  private static final class FirstFailure {
    private Throwable first;

    synchronized void take(Throwable failure) {
      if (first == null) {
        first = failure;
      }
    }

    synchronized boolean isThere() {
      return first != null;
    }

    synchronized void raise() {
      if (first instanceof Error error) {
        throw error;
      }
      if (first != null) {
        throw (RuntimeException) first;
      }
    }
  }
}
