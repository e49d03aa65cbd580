package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.editing.EditData;

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
   * @param elsewhere the other pictures of the group that have it too; null = none
   * @param byTicket true = nobody made it; the ticket says that such mends are taken
   */
  @Schema(name = "Edit")
  public record EditView(
      long id,
      String clientKey,
      EditData edit,
      boolean enabled,
      boolean undone,
      BoxView box,
      String problem,
      Elsewhere elsewhere,
      boolean byTicket) {}

  /**
   * Other pictures that have the same edit.
   *
   * @param open on the bench or in Check, where it can be taken back
   * @param judged or being cut; they keep it
   */
  @Schema(name = "Elsewhere")
  public record Elsewhere(int open, int judged) {}

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
