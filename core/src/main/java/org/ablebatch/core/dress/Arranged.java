package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Copies;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** A dressable as a look arranges it: flipped, turned, and there several times. */
final class Arranged {
  private Arranged() {}

  static Dressable by(Dressable dressable, SubjectPlace place) {
    Dressable turned = Turned.by(dressable, place);
    return place.copies() == null ? turned : copied(turned, place.copies());
  }

  /** What its photograph cuts off below stays cut off there while the copies stand side by side. */
  private static Dressable copied(Dressable one, Copies copies) {
    Rect content = one.content();
    int stepX = (int) Math.round(copies.x() / 100 * content.width());
    int stepY = (int) Math.round(copies.y() / 100 * content.height());
    int more = copies.count() - 1;
    int width = content.width() + more * Math.abs(stepX);
    int height = content.height() + more * Math.abs(stepY);
    boolean cutBelow = stepY == 0 && Standing.CutSides.of(content, one.cutout().bounds()).bottom();
    int pad = Math.max(2, Math.max(width, height) / 100);
    Picture all =
        new Picture(
            width + 2 * pad,
            height + (cutBelow ? pad : 2 * pad),
            new int[Math.multiplyExact(width + 2 * pad, height + (cutBelow ? pad : 2 * pad))]);
    for (int i = more; i >= 0; i--) {
      int x = pad + (stepX < 0 ? (more - i) * -stepX : i * stepX);
      int y = pad + (stepY < 0 ? (more - i) * -stepY : i * stepY);
      lay(one.cutout(), content, all, x, y);
    }
    return new Dressable(all, new Rect(pad, pad, width, height), null, one.labels());
  }

  private static void lay(Picture cutout, Rect content, Picture on, int left, int top) {
    for (int y = 0; y < content.height(); y++) {
      int from = (content.y() + y) * cutout.width() + content.x();
      int to = (top + y) * on.width() + left;
      for (int x = 0; x < content.width(); x++) {
        int pixel = cutout.argb()[from + x];
        int alpha = pixel >>> 24;
        if (alpha == 255 || on.argb()[to + x] == 0) {
          on.argb()[to + x] = alpha == 0 ? 0 : pixel;
        } else if (alpha > 0) {
          on.argb()[to + x] = over(pixel, on.argb()[to + x]);
        }
      }
    }
  }

  /** In linear light; the result is not premultiplied. */
  private static int over(int front, int back) {
    float a = (front >>> 24) / 255f;
    float b = (1 - a) * (back >>> 24) / 255f;
    float alpha = a + b;
    float r = (a * linear(front >> 16) + b * linear(back >> 16)) / alpha;
    float g = (a * linear(front >> 8) + b * linear(back >> 8)) / alpha;
    float bl = (a * linear(front) + b * linear(back)) / alpha;
    return Math.round(255 * alpha) << 24 | 0xFFFFFF & Srgb.pack(r, g, bl);
  }

  private static float linear(int value) {
    return Srgb.toLinear(value & 0xFF);
  }
}
