package org.ablebatch.server.delivery;

import java.util.Locale;

/** How far a delivery is. */
enum DeliveryState {
  QUEUED,
  RUNNING,
  PAUSED,
  DONE,
  FAILED;

  String wireName() {
    return name().toLowerCase(Locale.ROOT);
  }

  boolean isOver() {
    return this == DONE || this == FAILED;
  }
}
