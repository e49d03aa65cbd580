package org.ablebatch.server.cutting;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.work.Bell;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;

/**
 * The threads that cut. There is one per core; how many of them work is changed while they run, and
 * one that is not wanted any more finishes its picture first.
 */
@Component
public class CutWorkers implements SmartLifecycle {
  private static final long LOOK_AGAIN_MILLIS = 500;
  private static final long AFTER_TROUBLE_MILLIS = 5000;
  private static final long STOP_SECONDS = 8;
  private static final Logger LOG = LoggerFactory.getLogger(CutWorkers.class);

  private final List<BackgroundWork> kinds;
  private final WorkerPresence presence;
  private final Patience patience;
  private final Courtesy courtesy;
  private final WorkerCount count;
  private final int most;
  private final Bell bell = new Bell();
  private final CutProgress progress = stage -> goesOn();
  private ExecutorService threads;
  private volatile boolean running;
  private volatile String trouble;

  CutWorkers(
      List<BackgroundWork> kinds,
      WorkerPresence presence,
      Patience patience,
      Courtesy courtesy,
      WorkerCount count,
      AbleSettings settings) {
    this.kinds = kinds;
    this.presence = presence;
    this.patience = patience;
    this.courtesy = courtesy;
    this.count = count;
    this.most = Math.max(count.most(), settings.workersOrCores());
  }

  /** Something waits, or more may work now; nobody needs to wait for the next look. */
  public void ring() {
    bell.ring();
  }

  /** Why nothing is cut although pictures wait, a sentence; null = all is well. */
  String trouble() {
    return trouble;
  }

  private boolean goesOn() {
    courtesy.letOthersFirst();
    return running;
  }

  private void work(int index) {
    while (running) {
      try {
        if (index >= count.wanted() || !workOnce()) {
          waitForBell(LOOK_AGAIN_MILLIS);
        }
      } catch (StorageFailed e) {
        trouble = e.getMessage() + " Cutting goes on by itself when that is over.";
        waitForBell(AFTER_TROUBLE_MILLIS);
      } catch (CutStopped e) {
        LOG.debug("stopped in the middle of a picture", e);
      } catch (RuntimeException | OutOfMemoryError e) {
        LOG.error("a worker stumbled", e);
        waitForBell(AFTER_TROUBLE_MILLIS);
      }
    }
  }

  /** The most urgent kind of work first. */
  private boolean workOnce() {
    boolean worked = kinds.stream().anyMatch(kind -> kind.runNext(progress));
    trouble = null;
    return worked;
  }

  private void waitForBell(long millis) {
    if (!bell.await(millis, () -> running)) {
      running = false;
    }
  }

  @Override
  public void start() {
    running = true;
    presence.beat();
    threads = Executors.newFixedThreadPool(most, new CustomizableThreadFactory("cut-"));
    for (int i = 0; i < most; i++) {
      int index = i;
      threads.execute(() -> work(index));
    }
  }

  /** Stops before anything that the workers need is taken away. */
  @Override
  public void stop() {
    running = false;
    patience.stop();
    ring();
    threads.shutdown();
    try {
      if (!threads.awaitTermination(STOP_SECONDS, TimeUnit.SECONDS)) {
        LOG.warn("a picture in work is left to the next start");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    presence.leave();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
