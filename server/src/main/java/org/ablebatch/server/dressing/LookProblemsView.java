package org.ablebatch.server.dressing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.dress.LookNote;

/**
 * What a batch's look hurts.
 *
 * @param checked pictures that were looked over so far
 * @param of pictures that are dressed
 * @param pictures with at least one problem
 * @param cohesion how far the subjects' colours stand apart; null when the look leaves them
 * @param backdrops colours that suit the whole set; empty until all is looked over
 */
@Schema(name = "LookProblems")
record LookProblemsView(
    int checked,
    int of,
    int pictures,
    List<Count> counts,
    List<Problem> problems,
    Cohesion cohesion,
    List<Advice> backdrops) {

  /** Mean difference between two subjects of the set, OKLab × 100, without and with the look. */
  @Schema(name = "LookCohesion")
  record Cohesion(double before, double after) {}

  /**
   * @param least how far the subject that stands out least does so, OKLab × 100
   */
  @Schema(name = "BackdropAdvice")
  record Advice(String colour, double least) {}

  /**
   * How often one kind is there.
   *
   * @param mends true when something can be done about it for all of them
   */
  @Schema(name = "LookProblemCount")
  record Count(String kind, String label, int count, boolean mends) {}

  /**
   * @param part id of the part that does it; null = none in particular
   */
  @Schema(name = "LookProblem")
  record Problem(long pictureId, String kind, String part, String sentence) {
    static Problem of(long pictureId, LookNote note) {
      return new Problem(pictureId, note.kind().wireName(), note.partId(), note.sentence());
    }
  }
}
