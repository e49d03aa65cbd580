package org.ablebatch.server.upload;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.work.Bell;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;

/** The threads that read what has come. After a restart they go on with what lies there. */
@Component
class IntakeWorkers implements SmartLifecycle {
  private static final int MOST_THREADS = 8;

  /** While one waits for the disk, another decodes; decoding itself is bounded by the cores. */
  private static final int THREADS_PER_CORE = 2;

  private static final long LOOK_AGAIN_MILLIS = 2000;
  private static final long AFTER_TROUBLE_MILLIS = 5000;
  private static final long STOP_SECONDS = 8;
  private static final long NO_UPLOAD = -1;
  private static final Logger LOG = LoggerFactory.getLogger(IntakeWorkers.class);

  private final UploadRepository uploads;
  private final UploadReading reading;
  private final Set<Long> inWork = new HashSet<>(Set.of(NO_UPLOAD));
  private final Bell bell = new Bell();
  private ExecutorService threads;
  private volatile boolean running;
  private volatile String trouble;

  IntakeWorkers(UploadRepository uploads, UploadReading reading) {
    this.uploads = uploads;
    this.reading = reading;
  }

  /** A file has come. */
  void ring() {
    bell.ring();
  }

  /** Why files that have come are not read, a sentence; null = they are. */
  String trouble() {
    return trouble;
  }

  private void work() {
    while (running) {
      try {
        Optional<Long> next = claim();
        if (next.isEmpty()) {
          pause(LOOK_AGAIN_MILLIS);
          continue;
        }
        try {
          reading.read(next.get());
          trouble = null;
        } finally {
          giveBack(next.get());
        }
      } catch (StorageFailed e) {
        trouble = e.getMessage() + " Files that have come are read as soon as that is over.";
        pause(AFTER_TROUBLE_MILLIS);
      } catch (RuntimeException | OutOfMemoryError e) {
        LOG.warn("intake stumbled and tries again: {}", e.toString());
        pause(AFTER_TROUBLE_MILLIS);
      }
    }
  }

  private Optional<Long> claim() {
    synchronized (inWork) {
      List<Long> next = uploads.next(UploadState.COME, List.copyOf(inWork), Limit.of(1));
      if (next.isEmpty() && inWork.equals(Set.of(NO_UPLOAD))) {
        trouble = null;
      }
      inWork.addAll(next);
      return next.stream().findFirst();
    }
  }

  private void giveBack(long id) {
    synchronized (inWork) {
      inWork.remove(id);
    }
  }

  private void pause(long millis) {
    if (!bell.await(millis, () -> running)) {
      running = false;
    }
  }

  @Override
  public void start() {
    running = true;
    int count =
        Math.min(MOST_THREADS, THREADS_PER_CORE * Runtime.getRuntime().availableProcessors());
    threads = Executors.newFixedThreadPool(count, new CustomizableThreadFactory("intake-"));
    for (int i = 0; i < count; i++) {
      threads.execute(this::work);
    }
  }

  @Override
  public void stop() {
    running = false;
    ring();
    threads.shutdown();
    try {
      if (!threads.awaitTermination(STOP_SECONDS, TimeUnit.SECONDS)) {
        LOG.warn("a file that is being read is left to the next start");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
