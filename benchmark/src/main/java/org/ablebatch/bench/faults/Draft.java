package org.ablebatch.bench.faults;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** A copy of something good that may be spoiled. */
final class Draft {
  final int width;
  final int height;
  final int[] photograph;
  final byte[] coverage;
  final int[] colours;
  private Rect place;

  Draft(Good good) {
    width = good.width();
    height = good.height();
    photograph = good.photograph().argb().clone();
    coverage = good.cutout().matte().coverage().clone();
    colours = good.cutout().colours().argb().clone();
  }

  int cover(int i) {
    return coverage[i] & 0xFF;
  }

  /** Changes coverage; what becomes visible has the photograph's colour. */
  void cover(int i, int value) {
    if (value > cover(i)) {
      colours[i] = photograph[i] | 0xFF000000;
    }
    if (value != cover(i)) {
      coverage[i] = (byte) value;
      touch(i);
    }
  }

  /** Paints something opaque that is in the photograph and kept. */
  void paint(int i, int argb) {
    photograph[i] = argb;
    colours[i] = argb;
    coverage[i] = (byte) 255;
    touch(i);
  }

  void touch(int i) {
    Rect pixel = new Rect(i % width, i / width, 1, 1);
    place = place == null ? pixel : place.span(pixel);
  }

  static int mix(int a, int b, double shareOfB) {
    double s = 1 - shareOfB;
    return Srgb.pack(
        (float) (s * Srgb.toLinear(a >> 16 & 0xFF) + shareOfB * Srgb.toLinear(b >> 16 & 0xFF)),
        (float) (s * Srgb.toLinear(a >> 8 & 0xFF) + shareOfB * Srgb.toLinear(b >> 8 & 0xFF)),
        (float) (s * Srgb.toLinear(a & 0xFF) + shareOfB * Srgb.toLinear(b & 0xFF)));
  }

  /** Null when nothing was spoiled. */
  Planted done() {
    if (place == null) {
      return null;
    }
    return new Planted(
        new Picture(width, height, photograph),
        new Cutout(new Matte(width, height, coverage), new Picture(width, height, colours)),
        place);
  }
}
