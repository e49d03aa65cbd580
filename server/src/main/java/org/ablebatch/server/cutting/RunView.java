package org.ablebatch.server.cutting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * How far a batch's run is.
 *
 * @param waiting queued and not begun
 * @param inWork being cut now, the one that takes longest first
 * @param done pictures of the batch that have a cutout
 * @param failed pictures of the batch that could not be cut
 * @param perMinute pictures finished a minute over the last minutes; null = not known yet
 * @param secondsLeft by the pixels that are left, what other batches take before and beside it, and
 *     how long pictures took so far; null = not known yet, or paused
 * @param ahead pictures of batches that go first
 * @param paused nothing new is begun
 * @param priority first, usual or last
 * @param workers pictures cut at the same time, in all batches together
 * @param mostWorkers that this machine can
 * @param trouble why nothing is cut although pictures wait; null = all is well
 */
@Schema(name = "Run")
record RunView(
    long waiting,
    List<InWork> inWork,
    long done,
    long failed,
    Double perMinute,
    Long secondsLeft,
    long ahead,
    boolean paused,
    String priority,
    int workers,
    int mostWorkers,
    String trouble) {

  /** A picture that is being cut. */
  @Schema(name = "InWork")
  record InWork(long id, String fileName, double megapixels, double seconds) {}
}
