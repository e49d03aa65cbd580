package org.ablebatch.server.proposing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditData.AreaData;

/** What the API shows of mends. */
final class MendViews {
  private MendViews() {}

  /**
   * The mends of a version that nobody has answered yet.
   *
   * @param versionId of the cutout that they were found in
   */
  @Schema(name = "ProposedMends")
  record ProposedView(long versionId, List<OneView> mends) {}

  /**
   * One of them.
   *
   * @param finding place of its finding in the picture's list, from 0
   * @param area where it changes something
   * @param edit that it would become
   */
  @Schema(name = "ProposedMend")
  record OneView(int finding, AreaData area, EditData edit) {
    static OneView of(int finding, EditData edit) {
      return new OneView(finding, edit.area() == null ? edit.within() : edit.area(), edit);
    }
  }

  /**
   * What was taken at once.
   *
   * @param together takes all of it back
   * @param mends how many were taken
   * @param pictures in how many
   */
  @Schema(name = "TakenMends")
  record TakenView(String together, int mends, int pictures) {}

  /**
   * What people answered to one kind of finding in a batch.
   *
   * @param taken whose mend was taken, by a person or by the ticket
   * @param byTicket those of them that the ticket took
   * @param right that were said to be no fault
   */
  @Schema(name = "MendAnswers")
  record AnswersView(String kind, long taken, long byTicket, long right) {}
}
