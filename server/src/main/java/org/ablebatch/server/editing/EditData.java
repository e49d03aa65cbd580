package org.ablebatch.server.editing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.hint.Hint;

/**
 * An edit on the wire and in the database. Each kind has fields of its own; the others are left
 * out.
 *
 * @param kind brush, strand, pick, area, settle, hint, trace, edge, take or subject; null = brush
 * @param mode brush, pick, area, settle and subject: erase or restore; hint: subject, backdrop or
 *     mixed
 * @param sizePx brush, strand and hint: diameter in pixels of the original
 * @param softness brush, strand and trace: 0..1
 * @param strength brush, strand: 0..1; trace: how opaque
 * @param points brush, strand, hint and trace: x and y in turn, in pixels of the original
 * @param edgeAware brush: only what looks like the side that is meant
 * @param samples pick: the colours
 * @param everywhere pick: also what does not hang together with the place
 * @param inverted pick: everything but the colours
 * @param wide hint: it speaks for the thing that it lies on, not for its surroundings
 * @param area area, settle and take: where; wide hint: the thing, filled in by the server
 * @param fromPx trace: width where it begins
 * @param toPx trace: width where it ends
 * @param colour trace: #RRGGBB; null = the photograph's own
 * @param edge edge: the settings
 * @param versionId take: from which version
 * @param box subject: around it, x, y, width, height; wide hint: the frame that it is about, in
 *     which the server puts the mark onto the thing
 * @param within any kind: only inside
 */
@Schema(name = "EditData")
public record EditData(
    String kind,
    String mode,
    Double sizePx,
    Double softness,
    Double strength,
    List<Double> points,
    Boolean edgeAware,
    List<SampleData> samples,
    Boolean everywhere,
    Boolean inverted,
    Boolean wide,
    AreaData area,
    Double fromPx,
    Double toPx,
    String colour,
    EdgeData edge,
    Long versionId,
    List<Integer> box,
    AreaData within) {

  /** The same with the thing that a wide hint lies on. */
  public EditData withArea(AreaData found) {
    return with(kind, mode, sizePx, points, found);
  }

  /** The same with the mark of a hint. */
  public EditData withMark(Hint mark) {
    return with(kind, mode, mark.sizePx(), EditWriting.points(mark.points()), area);
  }

  /** Instead of a hint with a frame, what the engine finds in it. */
  public EditData asSubject() {
    return with("subject", "subject".equals(mode) ? "restore" : "erase", null, null, null);
  }

  private EditData with(
      String ofKind, String ofMode, Double ofSizePx, List<Double> way, AreaData found) {
    return new EditData(
        ofKind,
        ofMode,
        ofSizePx,
        softness,
        strength,
        way,
        edgeAware,
        samples,
        everywhere,
        inverted,
        wide,
        found,
        fromPx,
        toPx,
        colour,
        edge,
        versionId,
        box,
        within);
  }

  /** A picked colour. */
  @Schema(name = "ColourSample")
  public record SampleData(Double x, Double y, Double tolerance, Boolean subtract) {}

  /**
   * An area.
   *
   * @param featherPx how far its rim fades
   */
  @Schema(name = "Area")
  public record AreaData(List<PartData> parts, Boolean inverted, Double featherPx) {}

  /**
   * One shape of an area.
   *
   * @param joining add, subtract or intersect
   * @param shape box, ellipse or outline
   * @param points x and y in turn
   */
  @Schema(name = "AreaPart")
  public record PartData(String joining, String shape, List<Double> points) {}

  /** Settings for the outline; what is left out is 0. */
  @Schema(name = "EdgeSettings")
  public record EdgeData(
      Double fitPx,
      Double hazeBelow,
      Double closePx,
      Double openPx,
      Double smoothPx,
      Double growPx,
      Double firmness,
      Double featherPx,
      Boolean hard,
      Double clean) {}
}
