package org.ablebatch.core.area;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Bounds;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * How much of each pixel lies in an area.
 *
 * @param box the rectangle with all that is in it, clipped to the picture; may be empty
 * @param share 0..255 for each of its pixels, row by row
 */
public record AreaMask(Rect box, byte[] share) {
  private static final int SUBLINES = 5;
  private static final int FULL = 255;

  /** Three box blurs make a bell of about this many box radii. */
  private static final double RADII = 1.7;

  public static AreaMask of(Area area, int width, int height) {
    Rect picture = new Rect(0, 0, width, height);
    Rect box = reach(area, picture);
    byte[] share = new byte[box.width() * box.height()];
    for (Area.Part part : area.parts()) {
      join(share, part.joining(), filled(part.shape().corners(), box));
    }
    if (area.inverted()) {
      for (int i = 0; i < share.length; i++) {
        share[i] = (byte) (FULL - (share[i] & 0xFF));
      }
    }
    return new AreaMask(box, area.featherPx() > 0 ? feathered(share, box, area) : share);
  }

  /** 0..255 at a pixel of the picture. */
  public int at(int x, int y) {
    int u = x - box.x();
    int v = y - box.y();
    boolean in = u >= 0 && v >= 0 && u < box.width() && v < box.height();
    return in ? share[v * box.width() + u] & 0xFF : 0;
  }

  private static Rect reach(Area area, Rect picture) {
    if (area.inverted()) {
      return picture;
    }
    Rect all = null;
    for (Area.Part part : area.parts()) {
      if (part.joining() == Area.Joining.ADD) {
        Rect one = Bounds.of(part.shape().corners()).pixels(0);
        all = all == null ? one : all.span(one);
      }
    }
    return all == null
        ? new Rect(0, 0, 0, 0)
        : all.grow((int) Math.ceil(area.featherPx())).intersect(picture);
  }

  private static void join(byte[] share, Area.Joining joining, byte[] shape) {
    for (int i = 0; i < share.length; i++) {
      int before = share[i] & 0xFF;
      int here = shape[i] & 0xFF;
      share[i] =
          (byte)
              switch (joining) {
                case ADD -> Math.max(before, here);
                case SUBTRACT -> Math.min(before, FULL - here);
                case INTERSECT -> Math.min(before, here);
              };
    }
  }

  /**
   * The inside by non-zero winding, so that an outline that crosses itself has no holes; exact
   * along a row, by {@value #SUBLINES} lines across it.
   */
  private static byte[] filled(List<StrokePoint> corners, Rect box) {
    byte[] out = new byte[box.width() * box.height()];
    Edges edges = new Edges(corners);
    float[] row = new float[box.width() + 1];
    for (int y = 0; y < box.height(); y++) {
      Arrays.fill(row, 0);
      for (int k = 0; k < SUBLINES; k++) {
        edges.spans(box.y() + y + (k + 0.5) / SUBLINES, box.x(), row);
      }
      for (int x = 0; x < box.width(); x++) {
        out[y * box.width() + x] = (byte) Math.round(FULL * Math.min(1, row[x] / SUBLINES));
      }
    }
    return out;
  }

  private static byte[] feathered(byte[] share, Rect box, Area area) {
    float[] values = new float[share.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = share[i] & 0xFF;
    }
    int radius = (int) Math.max(1, Math.round(area.featherPx() / RADII / 2));
    for (int pass = 0; pass < 3; pass++) {
      values = BoxBlur.blur(values, box.width(), box.height(), radius);
    }
    byte[] out = new byte[share.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (byte) Math.round(values[i]);
    }
    return out;
  }

  /** Where a horizontal line enters and leaves a closed outline. */
  private static final class Edges {
    private final List<StrokePoint> corners;
    private final double[] at;
    private final int[] turn;
    private int count;

    Edges(List<StrokePoint> corners) {
      this.corners = corners;
      this.at = new double[corners.size()];
      this.turn = new int[corners.size()];
    }

    /** Adds to every pixel of a row how much of it lies inside along this line. */
    void spans(double y, int left, float[] row) {
      cross(y);
      int winding = 0;
      for (int k = 0; k < count; k++) {
        int before = winding;
        winding += turn[k];
        if (before != 0 && at[k] > at[k - 1]) {
          cover(row, at[k - 1] - left, at[k] - left);
        }
      }
    }

    private void cross(double y) {
      count = 0;
      for (int k = 0; k < corners.size(); k++) {
        StrokePoint a = corners.get(k);
        StrokePoint b = corners.get((k + 1) % corners.size());
        if (a.y() <= y != b.y() <= y) {
          insert(a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x()), a.y() < b.y() ? 1 : -1);
        }
      }
    }

    private void insert(double x, int way) {
      int k = count++;
      while (k > 0 && at[k - 1] > x) {
        at[k] = at[k - 1];
        turn[k] = turn[k - 1];
        k--;
      }
      at[k] = x;
      turn[k] = way;
    }

    private static void cover(float[] row, double from, double to) {
      int last = row.length - 1;
      double a = Math.max(0, Math.min(last, from));
      double b = Math.max(0, Math.min(last, to));
      int first = (int) a;
      int end = (int) b;
      if (first == end) {
        row[first] += (float) (b - a);
        return;
      }
      row[first] += (float) (first + 1 - a);
      for (int x = first + 1; x < end; x++) {
        row[x] += 1;
      }
      row[end] += (float) (b - end);
    }
  }
}
