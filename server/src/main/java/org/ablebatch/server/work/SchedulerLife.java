package org.ablebatch.server.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import org.springframework.context.SmartLifecycle;

/** Starts a queue's scheduler with the application, and stops it before what it needs is gone. */
public final class SchedulerLife implements SmartLifecycle {
  private final Scheduler scheduler;
  private final Runnable beforeStop;
  private volatile boolean running;

  /**
   * @param beforeStop tells what is going on that it should come to an end
   */
  public SchedulerLife(Scheduler scheduler, Runnable beforeStop) {
    this.scheduler = scheduler;
    this.beforeStop = beforeStop;
  }

  @Override
  public void start() {
    scheduler.start();
    running = true;
  }

  @Override
  public void stop() {
    beforeStop.run();
    scheduler.stop();
    running = false;
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
