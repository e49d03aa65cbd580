package org.ablebatch.core.mend;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * A workpiece at full size and at halves of it, so that a screen is shown few pixels whatever the
 * picture's size. Halves are means in sRGB, as browsers make them, colours weighted by coverage. A
 * change travels through all levels, but only where it happened.
 */
public final class Levels {
  /** The coarsest level is no longer than this. */
  private static final int SMALLEST_SIDE = 512;

  private final Workpiece piece;
  private final List<Level> halves = new ArrayList<>();

  /** One halved size: pixels 0xFFRRGGBB of the photograph, and the cutout. */
  private static final class Level {
    private final int width;
    private final int height;
    private final int[] photograph;
    private final int[] colours;
    private final byte[] coverage;

    Level(int width, int height) {
      this.width = width;
      this.height = height;
      photograph = new int[width * height];
      colours = new int[width * height];
      coverage = new byte[width * height];
    }
  }

  public Levels(Workpiece piece) {
    this.piece = piece;
    int w = piece.width();
    int h = piece.height();
    while (Math.max(w, h) > SMALLEST_SIDE) {
      w = (w + 1) / 2;
      h = (h + 1) / 2;
      halves.add(new Level(w, h));
    }
    Rect all = piece.bounds();
    for (int k = 1; k <= halves.size(); k++) {
      halve(k, new Rect(0, 0, width(k), height(k)), true);
    }
    update(all);
  }

  /** Level 0 is full size. */
  public int count() {
    return halves.size() + 1;
  }

  public int width(int level) {
    return level == 0 ? piece.width() : halves.get(level - 1).width;
  }

  public int height(int level) {
    return level == 0 ? piece.height() : halves.get(level - 1).height;
  }

  /** Takes a change of the workpiece over. */
  public void update(Rect changed) {
    Rect part = changed;
    for (int k = 1; k <= halves.size(); k++) {
      int left = part.x() / 2;
      int top = part.y() / 2;
      int right = Math.min(width(k), (part.right() + 1) / 2);
      int bottom = Math.min(height(k), (part.bottom() + 1) / 2);
      part = new Rect(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
      halve(k, part, false);
    }
  }

  /**
   * @param part wholly inside the level
   * @return opaque
   */
  public Picture photograph(int level, Rect part) {
    int[] from = level == 0 ? piece.original().argb() : halves.get(level - 1).photograph;
    int[] out = new int[part.width() * part.height()];
    for (int y = 0; y < part.height(); y++) {
      for (int x = 0; x < part.width(); x++) {
        out[y * part.width() + x] = 0xFF000000 | from[(part.y() + y) * width(level) + part.x() + x];
      }
    }
    return new Picture(part.width(), part.height(), out);
  }

  /**
   * @param part wholly inside the level
   * @return colours with coverage as transparency, not premultiplied; clear pixels keep a colour
   */
  public Picture cutout(int level, Rect part) {
    int[] out = new int[part.width() * part.height()];
    for (int y = 0; y < part.height(); y++) {
      for (int x = 0; x < part.width(); x++) {
        int i = (part.y() + y) * width(level) + part.x() + x;
        out[y * part.width() + x] = cover(level, i) << 24 | colour(level, i) & 0xFFFFFF;
      }
    }
    return new Picture(part.width(), part.height(), out);
  }

  private int cover(int level, int i) {
    return level == 0 ? piece.cover(i) : halves.get(level - 1).coverage[i] & 0xFF;
  }

  private int colour(int level, int i) {
    return level == 0 ? piece.colour(i) : halves.get(level - 1).colours[i];
  }

  private int photo(int level, int i) {
    return level == 0 ? piece.original().argb()[i] : halves.get(level - 1).photograph[i];
  }

  private void halve(int k, Rect part, boolean photograph) {
    Level to = halves.get(k - 1);
    int w = width(k - 1);
    int h = height(k - 1);
    int[] four = new int[4];
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        int x1 = Math.min(w - 1, 2 * x + 1);
        int y0 = 2 * y * w;
        int y1 = Math.min(h - 1, 2 * y + 1) * w;
        four[0] = y0 + 2 * x;
        four[1] = y0 + x1;
        four[2] = y1 + 2 * x;
        four[3] = y1 + x1;
        int i = y * to.width + x;
        if (photograph) {
          to.photograph[i] = mean(k - 1, four);
        } else {
          mix(k - 1, four, to, i);
        }
      }
    }
  }

  private int mean(int from, int[] four) {
    int r = 2;
    int g = 2;
    int b = 2;
    for (int i : four) {
      int argb = photo(from, i);
      r += argb >> 16 & 0xFF;
      g += argb >> 8 & 0xFF;
      b += argb & 0xFF;
    }
    return 0xFF000000 | r / 4 << 16 | g / 4 << 8 | b / 4;
  }

  private void mix(int from, int[] four, Level to, int at) {
    int r = 0;
    int g = 0;
    int b = 0;
    int covers = 0;
    for (int i : four) {
      int cover = cover(from, i);
      int argb = colour(from, i);
      r += cover * (argb >> 16 & 0xFF);
      g += cover * (argb >> 8 & 0xFF);
      b += cover * (argb & 0xFF);
      covers += cover;
    }
    to.coverage[at] = (byte) ((covers + 2) / 4);
    to.colours[at] =
        covers == 0
            ? to.photograph[at]
            : 0xFF000000
                | (r + covers / 2) / covers << 16
                | (g + covers / 2) / covers << 8
                | (b + covers / 2) / covers;
  }
}
