package org.ablebatch.core.dress;

import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** A dressable flipped and rotated as a look wants it, with its content measured again. */
final class Turned {
  /** Fainter than this is not content, as when a cutout is measured. */
  private static final int CONTENT_FROM = 13;

  private Turned() {}

  static Dressable by(Dressable dressable, SubjectPlace place) {
    Dressable out = dressable;
    if (place.flip()) {
      Rect c = out.content();
      out =
          new Dressable(
              flipped(out.cutout()),
              new Rect(out.cutout().width() - c.right(), c.y(), c.width(), c.height()),
              out.photograph() == null ? null : flipped(out.photograph()),
              out.labels());
    }
    return place.rotate() == 0 ? out : rotated(out, Math.toRadians(place.rotate()));
  }

  private static Picture flipped(Picture picture) {
    int w = picture.width();
    int[] argb = new int[picture.argb().length];
    for (int row = 0; row < argb.length; row += w) {
      for (int x = 0; x < w; x++) {
        argb[row + x] = picture.argb()[row + w - 1 - x];
      }
    }
    return new Picture(w, picture.height(), argb);
  }

  /** The photograph does not turn with its subject: what it shows would stand askew. */
  private static Dressable rotated(Dressable dressable, double angle) {
    Picture turned = rotated(dressable.cutout(), angle);
    byte[] coverage = new byte[turned.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) (turned.argb()[i] >>> 24);
    }
    Rect content = new Matte(turned.width(), turned.height(), coverage).contentBox(CONTENT_FROM);
    return new Dressable(
        turned, content == null ? turned.bounds() : content, null, dressable.labels());
  }

  /** Clockwise, in a picture that is as large as it becomes. */
  static Picture rotated(Picture picture, double angle) {
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    int w = picture.width();
    int h = picture.height();
    int outW = (int) Math.ceil(Math.abs(cos) * w + Math.abs(sin) * h);
    int outH = (int) Math.ceil(Math.abs(sin) * w + Math.abs(cos) * h);
    int[] argb = new int[Math.multiplyExact(outW, outH)];
    for (int y = 0; y < outH; y++) {
      double v = y + 0.5 - outH / 2.0;
      for (int x = 0; x < outW; x++) {
        double u = x + 0.5 - outW / 2.0;
        argb[y * outW + x] =
            between(picture, cos * u + sin * v + w / 2.0 - 0.5, -sin * u + cos * v + h / 2.0 - 0.5);
      }
    }
    return new Picture(outW, outH, argb);
  }

  /** Bilinear on premultiplied display values; nothing outside. */
  private static int between(Picture picture, double x, double y) {
    int left = (int) Math.floor(x);
    int top = (int) Math.floor(y);
    double u = x - left;
    double v = y - top;
    double[] sum = new double[4];
    add(picture, left, top, (1 - u) * (1 - v), sum);
    add(picture, left + 1, top, u * (1 - v), sum);
    add(picture, left, top + 1, (1 - u) * v, sum);
    add(picture, left + 1, top + 1, u * v, sum);
    int alpha = (int) Math.round(sum[3]);
    if (alpha == 0) {
      return 0;
    }
    int r = (int) Math.round(sum[0] / sum[3]);
    int g = (int) Math.round(sum[1] / sum[3]);
    int b = (int) Math.round(sum[2] / sum[3]);
    return alpha << 24 | Math.min(255, r) << 16 | Math.min(255, g) << 8 | Math.min(255, b);
  }

  private static void add(Picture picture, int x, int y, double weight, double[] sum) {
    if (weight == 0 || x < 0 || y < 0 || x >= picture.width() || y >= picture.height()) {
      return;
    }
    int pixel = picture.at(x, y);
    double alpha = weight * (pixel >>> 24);
    sum[0] += alpha * (pixel >> 16 & 0xFF);
    sum[1] += alpha * (pixel >> 8 & 0xFF);
    sum[2] += alpha * (pixel & 0xFF);
    sum[3] += alpha;
  }
}
