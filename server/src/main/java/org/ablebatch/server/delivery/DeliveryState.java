package org.ablebatch.server.delivery;

import java.util.Locale;
import java.util.Set;

/** How far a delivery is. */
enum DeliveryState {
  QUEUED,
  RUNNING,
  PAUSED,
  DONE,
  FAILED;

  static final Set<DeliveryState> NOT_OVER = Set.of(QUEUED, RUNNING, PAUSED);

  String wireName() {
    return name().toLowerCase(Locale.ROOT);
  }

  boolean isOver() {
    return this == DONE || this == FAILED;
  }
}
