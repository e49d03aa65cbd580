package org.ablebatch.server.cutting;

import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.server.storage.StorageFailed;

/** A kind of work that the cutting threads do, one piece at a time. */
public interface BackgroundWork {
  /**
   * Does the next piece, if there is one.
   *
   * @param goesOn false once the server is stopping; the piece is then done after the next start
   * @return false when nothing waits
   * @throws StorageFailed when the disk is full; the piece keeps its place in the queue
   * @throws CutStopped when {@code goesOn} says so
   */
  boolean runNext(CutProgress goesOn);
}
