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
 */
@Schema(name = "LookProblems")
record LookProblemsView(
    int checked, int of, int pictures, List<Count> counts, List<Problem> problems) {

  /** How often one kind is there. */
  @Schema(name = "LookProblemCount")
  record Count(String kind, String label, int count) {}

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
