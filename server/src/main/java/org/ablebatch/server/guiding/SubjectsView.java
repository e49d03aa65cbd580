package org.ablebatch.server.guiding;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The numbered subjects of a picture's current cutout and what a person had said for it.
 *
 * @param versionId the cutout; null before the first
 * @param subjects in the order of their numbers
 */
@Schema(name = "Subjects")
public record SubjectsView(Long versionId, List<SubjectData> subjects, GuidanceData guidance) {

  /**
   * @param number as in the label map
   * @param box in pixels of the original
   * @param share of the picture's area, 0..1
   * @param kept true when it is in the cutout
   */
  @Schema(name = "Subject")
  public record SubjectData(int number, GuidanceData.BoxData box, double share, boolean kept) {}
}
