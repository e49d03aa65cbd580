package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.raster.Rect;
import tools.jackson.databind.JsonNode;

/**
 * A picture as the API shows it.
 *
 * @param folder the folders it came in, separated by slashes; may be empty
 * @param code article code; null = none
 * @param group what several pictures share; null = none
 * @param state one of the states of the line
 * @param queued waiting for a worker
 * @param width of the part that counts
 * @param height of the part that counts
 * @param shownByBrowsers false when the original must be converted before a browser can show it
 * @param originalKey changes when the photograph or its crop does; makes addresses unique
 * @param intake what intake saw
 * @param askedMethod asked for this picture alone; null = its group's or the batch's
 * @param confidence 0..100, null before the first cutout
 * @param method the method that was used, null before the first cutout
 * @param reason why that method
 * @param tried the ways that competed for the current cutout, the best first; empty when a person
 *     or the picture itself left no choice
 * @param versionId the current cutout, null before the first
 * @param mendedByHand true when the current cutout has hand edits
 * @param tellTale the flat colour on which leftovers show most; null before the first cutout
 * @param problem why there is no cutout, a sentence
 * @param failureKind the problem's kind: no-subject, needs-a-hand, empty-picture, out-of-memory,
 *     damaged, unexpected
 * @param revision to be sent back with a verdict, so that a stale one is noticed
 * @param remark what a checker said when sending it on; null = nothing
 * @param redrawing it was mended; the version that shows it comes by itself
 * @param inspected true when the current cutout has been looked over for faults
 * @param findings suspected faults, the worst first
 * @param columns what the batch's list says of it beyond code and group, by the columns' names
 * @param lookChanges parts that replace those of the look, as in a look file
 */
@Schema(name = "Picture")
public record PictureView(
    long id,
    long batchId,
    int place,
    String fileName,
    String folder,
    String code,
    String group,
    String state,
    boolean queued,
    int width,
    int height,
    long bytes,
    String format,
    boolean shownByBrowsers,
    String originalKey,
    IntakeView intake,
    String askedMethod,
    Integer confidence,
    String method,
    String reason,
    List<TriedWay> tried,
    Integer subjects,
    Long versionId,
    Integer versionNumber,
    boolean mendedByHand,
    String tellTale,
    String problem,
    String failureKind,
    long revision,
    Remark remark,
    boolean redrawing,
    boolean inspected,
    List<FindingView> findings,
    Map<String, String> columns,
    @Schema(type = "array", implementation = Object.class) JsonNode lookChanges) {

  /**
   * What intake saw of a photograph.
   *
   * @param profile name of the embedded colour profile; null = none
   * @param bits of each colour
   * @param hasPlace the file says where it was taken; deliveries never do
   * @param transparent it has transparency already
   * @param picturesInFile of which this is the first, or the main one; 1 = there is no other
   * @param blurred not sharp anywhere
   * @param duplicateOf an earlier picture of the batch with the same bytes; null = none
   * @param wholeWidth of the original, upright
   * @param wholeHeight of the original, upright
   * @param crop the part that counts; null = all of it
   */
  @Schema(name = "IntakeFacts")
  public record IntakeView(
      String profile,
      int bits,
      boolean hasPlace,
      boolean transparent,
      int picturesInFile,
      boolean blurred,
      Long duplicateOf,
      int wholeWidth,
      int wholeHeight,
      CropView crop) {}

  /** In pixels of the upright original. */
  @Schema(name = "Crop")
  public record CropView(int x, int y, int width, int height) {
    static CropView of(Rect rect) {
      return rect == null ? null : new CropView(rect.x(), rect.y(), rect.width(), rect.height());
    }
  }
}
