package org.ablebatch.core.mend;

import org.ablebatch.core.matting.Asked;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.raster.Median;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.trimap.Trimap;

/** Coverage and clean colours of a window, solved again around another division of it. */
final class Resolved {
  /** Which way a pixel may go. */
  enum Way {
    /** Coverage only grows. */
    UP,
    /** Coverage only falls. */
    DOWN,
    EITHER
  }

  /** Cells around what is used that have a say in it: as wide as the widest band, and colours. */
  private static final int AROUND = 28;

  private final Rect frame;
  private final BandMatting.Result result;

  private Resolved(Rect frame, BandMatting.Result result) {
    this.frame = frame;
    this.result = result;
  }

  /** As the other, where nobody said that fine subject and backdrop are mixed. */
  static Resolved around(Window window, boolean[] subject, Sides sides, boolean[] used) {
    return around(window, subject, sides, new boolean[subject.length], used);
  }

  /**
   * @param subject the division, on the window's grid
   * @param sides what both of them look like in the window
   * @param mixed where fine subject and backdrop are mixed
   * @param used where the result is used, on the window's grid
   */
  static Resolved around(
      Window window, boolean[] subject, Sides sides, boolean[] mixed, boolean[] used) {
    Rect some =
        window.cells().atPixels(Rect.around(i -> used[i], window.width(), used.length), AROUND);
    Window part = window.part(some);
    SubjectRegion region =
        new SubjectRegion(
            part.width(),
            part.height(),
            window.cells().part(some, subject),
            new boolean[part.cover().length],
            window.cells().part(some, sides.evidence()));
    Trimap trimap =
        Trimap.around(
            region, part.lab(), median(sides.behind().spread()), window.cells().part(some, mixed));
    Asked asked = Asked.in(window.cells().part(some, used), part.width(), part.height());
    return new Resolved(
        part.frame(), BandMatting.solve(part.photograph(), part.linear(), trimap, asked));
  }

  /**
   * Moves the workpiece towards what was solved.
   *
   * @param box where the shares lie, in pixels of the picture
   * @param share how far each of its pixels moves, 0..255
   */
  void blendInto(Workpiece piece, Rect box, byte[] share, Way way) {
    Rect common = box.intersect(frame);
    for (int y = common.y(); y < common.bottom(); y++) {
      for (int x = common.x(); x < common.right(); x++) {
        int s = share[(y - box.y()) * box.width() + x - box.x()] & 0xFF;
        if (s > 0) {
          move(piece, y * piece.width() + x, x - frame.x(), y - frame.y(), s, way);
        }
      }
    }
  }

  private void move(Workpiece piece, int i, int x, int y, int share, Way way) {
    int solved = result.matte().at(x, y);
    int before = piece.cover(i);
    boolean moves =
        switch (way) {
          case UP -> solved > before;
          case DOWN -> solved < before;
          case EITHER -> true;
        };
    if (moves) {
      piece.cover(i, Blend.towards(before, solved, share));
      if (solved > 0) {
        piece.colour(i, Blend.colour(piece.colour(i), result.colours().at(x, y), share));
      }
    }
  }

  private static float median(float[] values) {
    double[] all = new double[values.length];
    for (int i = 0; i < all.length; i++) {
      all[i] = values[i];
    }
    return (float) Median.of(all);
  }
}
