package org.ablebatch.server.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.server.problem.BadInput;

/**
 * A batch as the API shows it.
 *
 * @param methodRules methods by group, where they differ from the batch's
 * @param sharpenEnlarged small originals are sharpened where a spec enlarges them
 * @param notes what people should know; null = nothing
 * @param emptySet the photograph of the set without a subject; null = none
 * @param counts pictures per state, by the states' names; states without pictures count 0
 * @param removed pictures that were taken out and can be brought back
 * @param queued pictures that wait for a worker, a part of {@code waiting}
 * @param paused nothing of the queue is begun
 * @param confidences how many checked-or-waiting cutouts fall in each band of ten, from 0 to 100
 * @param medianConfidence null before the first cutout
 * @param trustedFrom the confidence from which nineteen of twenty cutouts pass as they are
 * @param samples up to five picture ids to show the batch by
 * @param deliveredFiles files made in the last finished delivery
 */
@Schema(name = "Batch")
public record BatchView(
    long id,
    String name,
    String method,
    Map<String, String> methodRules,
    LookView look,
    boolean sharpenEnlarged,
    String notes,
    EmptySetView emptySet,
    Map<String, Long> counts,
    long total,
    long removed,
    long queued,
    boolean paused,
    List<Integer> confidences,
    Integer medianConfidence,
    int trustedFrom,
    List<Long> samples,
    long deliveredFiles,
    Instant createdAt) {

  /** A photograph of the set without a subject. */
  @Schema(name = "EmptySet")
  public record EmptySetView(String name, int width, int height) {}

  /**
   * @param backdrop {@code transparent} or {@code #RRGGBB}
   */
  @Schema(name = "Look")
  public record LookView(String backdrop, double marginPercent) {
    /**
     * @param field where it stands in the request, ending with a dot; may be empty
     * @throws BadInput naming the part that can't be
     */
    public Look toLook(String field) {
      Fill fill;
      try {
        fill = Fill.parse(String.valueOf(backdrop));
      } catch (IllegalArgumentException e) {
        throw BadInput.expected(
            field + "backdrop", "transparent or a colour such as #E9E0CE", backdrop);
      }
      try {
        return new Look(fill, marginPercent);
      } catch (IllegalArgumentException e) {
        throw BadInput.expected(field + "marginPercent", "0 to 45", marginPercent);
      }
    }
  }
}
