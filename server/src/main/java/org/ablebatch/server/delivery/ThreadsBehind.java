package org.ablebatch.server.delivery;

import java.util.concurrent.ThreadFactory;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;

/** Threads that let whoever works at the screen go first. */
final class ThreadsBehind {
  private ThreadsBehind() {}

  static ThreadFactory named(String prefix) {
    CustomizableThreadFactory factory = new CustomizableThreadFactory(prefix);
    factory.setDaemon(true);
    factory.setThreadPriority(Thread.MIN_PRIORITY);
    return factory;
  }
}
