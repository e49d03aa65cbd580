package org.ablebatch.server.work;

import java.util.function.BooleanSupplier;

/** Wakes threads that have nothing to do. */
public final class Bell {
  private final Object lock = new Object();

  /** There may be something to do, or it is time to stop; whoever waits looks at once. */
  public void ring() {
    synchronized (lock) {
      lock.notifyAll();
    }
  }

  /**
   * Waits until it rings, at the longest for so many milliseconds.
   *
   * @param goesOn false = not at all; asked under the bell's lock, so that a ring after a change is
   *     not missed
   * @return false when the thread was interrupted, which stays marked on it
   */
  public boolean await(long millis, BooleanSupplier goesOn) {
    synchronized (lock) {
      try {
        if (goesOn.getAsBoolean()) {
          lock.wait(millis);
        }
        return true;
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        return false;
      }
    }
  }
}
