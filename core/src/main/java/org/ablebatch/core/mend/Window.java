package org.ablebatch.core.mend;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/**
 * A part of a workpiece, read for solving it again: photograph and coverage on a grid that is small
 * enough to be quick.
 *
 * @param frame the part, in pixels of the picture
 * @param photograph of the part, full size
 * @param linear linear light, on the grid
 * @param lab OKLab, on the grid
 * @param cover coverage 0..1, on the grid
 */
record Window(Rect frame, Picture photograph, ColorPlanes linear, ColorPlanes lab, float[] cover) {
  /** So many cells from the outline a cell's colour is one side's alone. */
  static final float CLEAR_OF_THE_EDGE = 2;

  /** Cells around a change in which the outline is solved again. */
  private static final int ZONE = 8;

  private static final int ZONE_FADES = 2;

  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  static Window read(Workpiece piece, Rect frame, int mostPixels) {
    Picture photograph = piece.original().crop(frame);
    Rect grid = AreaShrink.readingGrid(frame.width(), frame.height(), mostPixels);
    ColorPlanes linear = AreaShrink.toLinear(photograph, grid.width(), grid.height());
    byte[] covers = piece.copy(frame).coverage();
    return new Window(
        frame,
        photograph,
        linear,
        AreaShrink.toOkLab(linear),
        new Cells(frame, grid.width(), grid.height()).means(frame, covers));
  }

  /**
   * The part of it in some of its cells.
   *
   * @param some that begin and end where pixels do, see {@link Cells#atPixels}
   */
  Window part(Rect some) {
    Rect pixels = cells().pixels(some);
    return new Window(
        pixels.moved(frame.x(), frame.y()),
        photograph.crop(pixels),
        linear.crop(some),
        lab.crop(some),
        cells().part(some, cover));
  }

  /** How its grid lies over its frame. */
  Cells cells() {
    return new Cells(frame, width(), height());
  }

  /** A box with some of its surroundings, for a brush of a size. */
  static Rect around(Rect box, double sizePx, Surroundings surroundings) {
    double wanted = surroundings.share() * sizePx;
    return box.grow(
        (int) Math.max(surroundings.leastPx(), Math.min(surroundings.mostPx(), wanted)));
  }

  /**
   * How much around a stroke is looked at.
   *
   * @param share of the brush's size
   */
  record Surroundings(double share, int leastPx, int mostPx) {}

  /** How many cells are in a set. */
  static int count(float[] set) {
    int count = 0;
    for (float value : set) {
      count += value > 0 ? 1 : 0;
    }
    return count;
  }

  int width() {
    return linear.width();
  }

  int height() {
    return linear.height();
  }

  /**
   * 1 for cells that lie wholly on one side and farther than {@code away} cells from anything else.
   *
   * @param apart cells that count for neither side, by their share; null = none
   */
  float[] sure(boolean solid, float away, float[] apart) {
    boolean[] not = new boolean[cover.length];
    for (int i = 0; i < not.length; i++) {
      not[i] = (solid ? cover[i] < SOLID : cover[i] > CLEAR) || apart != null && apart[i] > CLEAR;
    }
    return Distance.beyond(away, not, width(), height());
  }

  /**
   * Where the outline may move when a set of cells changes, fading at the rim.
   *
   * @return 0..1 of every cell
   */
  float[] around(boolean[] changed) {
    float[] set = new float[changed.length];
    for (int i = 0; i < set.length; i++) {
      set[i] = changed[i] ? 1 : 0;
    }
    float[] wide = Morphology.dilate(set, width(), height(), ZONE);
    return BoxBlur.blur(wide, width(), height(), ZONE_FADES);
  }

  /** The cells of which any share is in a set. */
  static boolean[] touched(float[] share) {
    boolean[] out = new boolean[share.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = share[i] > 0;
    }
    return out;
  }
}
