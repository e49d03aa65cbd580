package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.raster.Rect;

/**
 * The edits of a picture over the cutout that they start from, in the order in which they are
 * carried out.
 *
 * @param baseVersionId the cutout that they start from
 * @param state stands for the base and all edits that count; the same state has the same pixels
 * @param changed where pixels differ from the state that the asker had; null = nowhere
 * @param edits oldest first
 */
@Schema(name = "EditList")
public record EditList(long baseVersionId, String state, BoxView changed, List<EditView> edits) {

  /**
   * @param edit what was done; null when the asker knows it
   * @param enabled false = switched off in the list
   * @param undone taken back by undo, may come again by redo
   * @param box where it changed something; null = nowhere, or not carried out yet
   * @param problem why it could not be carried out; null = it was
   */
  @Schema(name = "Edit")
  public record EditView(
      long id,
      String clientKey,
      EditData edit,
      boolean enabled,
      boolean undone,
      BoxView box,
      String problem) {}

  /** In pixels of the picture. */
  @Schema(name = "Box")
  public record BoxView(int x, int y, int width, int height) {
    static BoxView of(Rect rect) {
      return rect == null || rect.isEmpty()
          ? null
          : new BoxView(rect.x(), rect.y(), rect.width(), rect.height());
    }
  }
}
