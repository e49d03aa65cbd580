package org.ablebatch.server.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.server.look.LookVersion;

/**
 * A batch as the API shows it.
 *
 * @param methodRules methods by group, where they differ from the batch's
 * @param sharpenEnlarged small originals are sharpened where a spec enlarges them
 * @param takeSafeMends mends that are safe to take unseen are taken without anybody’s key
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
    boolean takeSafeMends,
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
   * The look that the batch uses, in the version that it uses.
   *
   * @param newest false = the look has a later version on the shelf
   * @param revision of the look; whoever saves gives back what it was
   * @param backdrop {@code transparent}, {@code #RRGGBB}, or a word for another kind
   * @param marginPercent null = its subjects are not measured by a margin
   */
  @Schema(name = "BatchLook")
  public record LookView(
      long id,
      String name,
      long versionId,
      int version,
      boolean newest,
      long revision,
      String backdrop,
      Double marginPercent) {
    static LookView of(LookVersion version, boolean newest) {
      Look look = version.look();
      SubjectPlace place = look.subject();
      return new LookView(
          version.kept().id(),
          version.kept().name(),
          version.id(),
          version.number(),
          newest,
          version.kept().revision(),
          look.backdrop().text(),
          place.size() == SubjectPlace.Size.MARGIN ? place.percent() : null);
    }
  }
}
