package org.ablebatch.core.hint;

import java.util.List;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokeMask;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * A stroke that tells the engine what lies under it. It need not be exact or complete: the engine
 * works out from it how far the subject or the backdrop reaches.
 *
 * @param sizePx diameter in pixels of the original, 1..2000
 * @param points the way of the stroke, in pixels of the original; 1 to 20,000
 */
public record Hint(Kind kind, double sizePx, List<StrokePoint> points) {
  /** Strokes thinner than this on the reading grid would slip between its pixels. */
  private static final double LEAST_GRID_SIZE = 1.6;

  /** What lies under the stroke. */
  public enum Kind {
    SUBJECT,
    BACKDROP,
    /** Fine subject and backdrop mixed, such as hair, fur or leaves. */
    MIXED
  }

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public Hint {
    points = List.copyOf(points);
    if (!(sizePx >= 1 && sizePx <= Stroke.LARGEST_PX)) {
      throw new IllegalArgumentException("A hint is 1 to 2000 px wide, not " + sizePx);
    }
    if (points.isEmpty() || points.size() > Stroke.MOST_POINTS) {
      throw new IllegalArgumentException(
          "A hint has 1 to " + Stroke.MOST_POINTS + " points, not " + points.size());
    }
  }

  /** The same stroke in a frame whose first pixel is {@code (left, top)} of the original. */
  public Hint inFrame(int left, int top) {
    return new Hint(
        kind,
        sizePx,
        points.stream().map(p -> new StrokePoint(p.x() - left, p.y() - top)).toList());
  }

  /** Adds the stroke to a set on a grid over a picture of {@code pictureWidth}. */
  public void addTo(boolean[] set, int width, int height, int pictureWidth, int pictureHeight) {
    double sx = width / (double) pictureWidth;
    double sy = height / (double) pictureHeight;
    double size = Math.max(LEAST_GRID_SIZE, sizePx * Math.max(sx, sy));
    List<StrokePoint> scaled =
        points.stream().map(p -> new StrokePoint(p.x() * sx, p.y() * sy)).toList();
    StrokeMask mask = StrokeMask.of(new Stroke(size, 0, 1, scaled), width, height);
    for (int k = 0; k < mask.strength().length; k++) {
      if ((mask.strength()[k] & 0xFF) > 127) {
        int x = mask.box().x() + k % mask.box().width();
        int y = mask.box().y() + k / mask.box().width();
        set[y * width + x] = true;
      }
    }
  }
}
