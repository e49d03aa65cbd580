package org.ablebatch.core.mend;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** A cutout while it is being mended: edits change it in place. Not safe for several threads. */
public final class Workpiece {
  private final Picture original;
  private final byte[] coverage;
  private final int[] colours;
  private final List<Hint> hints = new ArrayList<>();

  /**
   * @param original the upright original; unchanged
   * @param base of the same size; copied
   */
  public Workpiece(Picture original, Cutout base) {
    if (!original.bounds().equals(base.colours().bounds())) {
      throw new IllegalArgumentException("a cutout is mended on the picture that it is of");
    }
    this.original = original;
    this.coverage = base.matte().coverage().clone();
    this.colours = base.colours().argb().clone();
  }

  public Picture original() {
    return original;
  }

  public int width() {
    return original.width();
  }

  public int height() {
    return original.height();
  }

  public Rect bounds() {
    return original.bounds();
  }

  /** As it is now; shares memory, so it changes with the next edit. */
  public Cutout cutout() {
    return new Cutout(
        new Matte(width(), height(), coverage), new Picture(width(), height(), colours));
  }

  /** Coverage 0..255. */
  int cover(int i) {
    return coverage[i] & 0xFF;
  }

  void cover(int i, int value) {
    coverage[i] = (byte) value;
  }

  /** Opaque sRGB, 0xFFRRGGBB. */
  int colour(int i) {
    return colours[i];
  }

  void colour(int i, int argb) {
    colours[i] = argb;
  }

  byte[] coverage() {
    return coverage;
  }

  List<Hint> hints() {
    return hints;
  }

  /** What stands in a part of it. */
  Patch copy(Rect part) {
    Rect box = part.intersect(bounds());
    byte[] covers = new byte[box.width() * box.height()];
    int[] argb = new int[covers.length];
    for (int y = 0; y < box.height(); y++) {
      int from = (box.y() + y) * width() + box.x();
      System.arraycopy(coverage, from, covers, y * box.width(), box.width());
      System.arraycopy(colours, from, argb, y * box.width(), box.width());
    }
    return new Patch(box, covers, argb, hints.size());
  }

  /** Puts back what stood there before the newest edit. */
  public void put(Patch before) {
    Rect box = before.box();
    for (int y = 0; y < box.height(); y++) {
      int to = (box.y() + y) * width() + box.x();
      System.arraycopy(before.coverage(), y * box.width(), coverage, to, box.width());
      System.arraycopy(before.colours(), y * box.width(), colours, to, box.width());
    }
    while (hints.size() > before.hints()) {
      hints.remove(hints.size() - 1);
    }
  }
}
