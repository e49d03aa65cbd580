package org.ablebatch.server.upload;

import java.util.Locale;
import java.util.Set;

/** How far a file is on its way in. */
enum UploadState {
  /** Declared; not all of its bytes are there. */
  COMING,
  /** Whole, and waiting to be read. */
  COME,
  /** A picture, or a ZIP whose files have each been taken or refused. */
  TAKEN,
  REFUSED;

  /** What has been taken or refused is not read again. */
  static final Set<UploadState> NEEDING_BYTES = Set.of(COMING, COME);

  String wireName() {
    return name().toLowerCase(Locale.ROOT);
  }
}
