package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The edits of a picture over its automatic cutout, oldest first.
 *
 * @param baseVersionId the automatic cutout that they start from
 */
@Schema(name = "EditList")
public record EditList(long baseVersionId, List<EditView> edits) {

  /**
   * @param enabled false = switched off in the list
   * @param undone taken back by undo, may come again by redo
   */
  @Schema(name = "Edit")
  public record EditView(
      long id, String clientKey, BrushData brush, boolean enabled, boolean undone) {}
}
