package org.ablebatch.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class WindowTest {
  private static final int W = 1003;
  private static final int H = 701;
  private static final Rect FRAME = new Rect(20, 10, 900, 650);

  /** Smaller than the frame, so that a cell holds several pixels and no whole number of them. */
  private static final Window WINDOW = Window.read(piece(), FRAME, 60_000);

  private static Workpiece piece() {
    int[] argb = new int[W * H];
    byte[] coverage = new byte[W * H];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = 0xFF000000 | i % W % 256 << 16 | i / W % 256 << 8;
      coverage[i] = (byte) (i % 251);
    }
    Picture picture = new Picture(W, H, argb);
    return new Workpiece(picture, new Cutout(new Matte(W, H, coverage), picture));
  }

  @Test
  void aPartBeginsAndEndsWherePixelsDo() {
    Rect asked = new Rect(40, 30, 50, 40);
    Rect cells = WINDOW.cells().atPixels(asked, 10);
    Rect frame = WINDOW.part(cells).frame();

    assertThat(cells.intersect(asked.grow(10))).isEqualTo(asked.grow(10));
    double cell = FRAME.width() / (double) WINDOW.width();
    assertThat(cell).isGreaterThan(2);
    assertThat((double) frame.x() - FRAME.x()).isCloseTo(cells.x() * cell, within(0.15));
    assertThat((double) frame.right() - FRAME.x()).isCloseTo(cells.right() * cell, within(0.15));
  }

  @Test
  void aPartShowsTheSameOfTheSamePlace() {
    Rect cells = WINDOW.cells().atPixels(new Rect(40, 30, 50, 40), 10);
    Window part = WINDOW.part(cells);

    assertThat(part.photograph().argb()).isEqualTo(piece().original().crop(part.frame()).argb());
    assertThat(part.width()).isEqualTo(cells.width());
    int inside = 7 * part.width() + 9;
    int there = (cells.y() + 7) * WINDOW.width() + cells.x() + 9;
    assertThat(part.lab().c0()[inside]).isEqualTo(WINDOW.lab().c0()[there]);
    assertThat(part.linear().c2()[inside]).isEqualTo(WINDOW.linear().c2()[there]);
    assertThat(part.cover()[inside]).isEqualTo(WINDOW.cover()[there]);
  }

  @Test
  void allOfItIsItself() {
    Rect all = new Rect(0, 0, WINDOW.width(), WINDOW.height());
    assertThat(WINDOW.cells().atPixels(all, 28)).isEqualTo(all);
    assertThat(WINDOW.part(all).frame()).isEqualTo(FRAME);
  }
}
