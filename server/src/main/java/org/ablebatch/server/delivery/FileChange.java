package org.ablebatch.server.delivery;

import java.util.Locale;

/** What a file is beside the last delivery of its batch. */
enum FileChange {
  NEW,
  CHANGED,
  SAME;

  String wireName() {
    return name().toLowerCase(Locale.ROOT);
  }

  static FileChange of(String wireName) {
    return valueOf(wireName.toUpperCase(Locale.ROOT));
  }
}
