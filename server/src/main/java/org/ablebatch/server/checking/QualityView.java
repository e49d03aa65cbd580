package org.ablebatch.server.checking;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * How the checking of a batch went. Verdicts that were taken back do not count.
 *
 * @param verdicts how many of each: passed, in-touch-up, rejected
 * @param passedAtOnce how many of the passed were passed together with others
 * @param reasons of what was sent back, by kind of finding; {@code other} = none was named
 * @param reasonsLately the same over all batches in the last 30 days
 * @param hours verdicts hour by hour, the oldest first; hours without any are left out
 * @param medianLookedMillis how long somebody looks at a picture; null = nobody has yet
 * @param firstTimeRight share of judged pictures whose first verdict was to pass, 0..1; null = none
 */
@Schema(name = "Quality")
record QualityView(
    Map<String, Integer> verdicts,
    int passedAtOnce,
    Map<String, Integer> reasons,
    Map<String, Integer> reasonsLately,
    List<HourView> hours,
    Long medianLookedMillis,
    Double firstTimeRight) {

  /** Verdicts of one hour. */
  @Schema(name = "QualityHour")
  record HourView(Instant from, int passed, int sentBack) {}
}
