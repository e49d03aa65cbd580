package org.ablebatch.server.editing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.SettleEdit;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.editing.EditData.AreaData;
import org.ablebatch.server.editing.EditData.EdgeData;
import org.ablebatch.server.editing.EditData.PartData;

/** From core's edits to what stands on the wire: those kinds that the program proposes itself. */
public final class EditWriting {
  private static final double TENTHS = 10;

  private EditWriting() {}

  /**
   * @throws IllegalArgumentException for a kind that only people make
   */
  public static EditData of(Edit edit) {
    if (edit instanceof SettleEdit settle) {
      return data(EditReading.SETTLE, name(settle.mode()), area(settle.area()), null, null);
    } else if (edit instanceof LimitedEdit limited && limited.edit() instanceof EdgeEdit edge) {
      return data(EditReading.EDGE, null, null, settings(edge), area(limited.area()));
    }
    throw new IllegalArgumentException("nobody proposes " + edit);
  }

  private static EditData data(
      String kind, String mode, AreaData area, EdgeData edge, AreaData within) {
    return new EditData(
        kind, mode, null, null, null, null, null, null, null, null, null, area, null, null, null,
        edge, null, null, within);
  }

  private static EdgeData settings(EdgeEdit edge) {
    return new EdgeData(
        edge.fitPx(),
        edge.hazeBelow01(),
        edge.closePx(),
        edge.openPx(),
        edge.smoothPx(),
        edge.growPx(),
        edge.firmness01(),
        edge.featherPx(),
        edge.hard(),
        edge.clean01());
  }

  public static AreaData area(Area area) {
    List<PartData> parts =
        area.parts().stream()
            .map(
                part ->
                    new PartData(
                        name(part.joining()),
                        name(part.shape().kind()),
                        points(part.shape().points())))
            .toList();
    return new AreaData(parts, area.inverted(), area.featherPx());
  }

  /** To a tenth of a pixel. */
  static List<Double> points(List<StrokePoint> points) {
    List<Double> out = new ArrayList<>(2 * points.size());
    for (StrokePoint point : points) {
      out.add(Math.round(TENTHS * point.x()) / TENTHS);
      out.add(Math.round(TENTHS * point.y()) / TENTHS);
    }
    return out;
  }

  private static String name(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
