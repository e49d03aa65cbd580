package org.ablebatch.bench.faults;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** Faults that the photograph has a part in. */
final class PhotographFaults {
  private static final int HALF = 128;

  private PhotographFaults() {}

  /** The picture ends inside the subject. */
  static Planted frame(Good good, Random random) {
    Rect content = good.cutout().matte().contentBox(HALF);
    int cut = content.x() + (int) (content.width() * (0.1 + 0.2 * random.nextDouble()));
    Rect rest = new Rect(cut, 0, good.width() - cut, good.height());
    if (rest.width() < good.width() / 4) {
      return null;
    }
    Matte matte = good.cutout().matte();
    byte[] coverage = new byte[rest.width() * rest.height()];
    for (int y = 0; y < rest.height(); y++) {
      System.arraycopy(
          matte.coverage(), y * matte.width() + cut, coverage, y * rest.width(), rest.width());
    }
    return new Planted(
        good.photograph().crop(rest),
        new Cutout(
            new Matte(rest.width(), rest.height(), coverage), good.cutout().colours().crop(rest)),
        new Rect(0, content.y(), 2, content.height()));
  }

  /** A rod of a colour of its own, from inside the subject to the nearest border. */
  static Planted support(Good good, Random random) {
    Rect content = good.cutout().matte().contentBox(HALF);
    int half = Math.max(2, (int) (good.longSide() * (0.004 + 0.004 * random.nextDouble())));
    int x = content.x() + content.width() / 2;
    int top = -1;
    for (int y = good.height() - 1; y >= 0 && top < 0; y--) {
      top = good.inside()[y * good.width() + x] > 3 ? y : -1;
    }
    if (top < 0 || good.height() - top < good.height() / 12) {
      return null;
    }
    int colour = Color.HSBtoRGB(random.nextFloat(), 0.75f, 0.55f);
    Draft draft = new Draft(good);
    for (int y = top; y < good.height(); y++) {
      for (int u = x - half; u <= x + half; u++) {
        double round = 1 - 0.5 * Math.pow((u - x) / (double) half, 2);
        draft.paint(y * good.width() + u, Draft.mix(0xFF000000, colour, round));
      }
    }
    return draft.done();
  }

  /** A soft shadow on the backdrop below the subject, kept as dense as it is dark. */
  static Planted shadow(Good good, Random random) {
    Rect content = good.cutout().matte().contentBox(HALF);
    double cx = content.x() + content.width() * (0.55 + 0.2 * random.nextDouble());
    double cy = Math.min(content.bottom(), good.height() - good.height() / 14.0);
    double rx = content.width() * 0.45;
    double ry = Math.max(good.longSide() * 0.03, content.height() * 0.1);
    double dark = 0.35 + 0.25 * random.nextDouble();
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      double x = (i % draft.width - cx) / rx;
      double y = (i / draft.width - cy) / ry;
      double away = Math.sqrt(x * x + y * y);
      if (away < 1.2 && draft.cover(i) < 255) {
        double depth = dark * Math.max(0, Math.min(1, (1.2 - away) / 0.5));
        int back = draft.photograph[i];
        int shaded = Draft.mix(back, 0xFF000000, depth * (1 - draft.cover(i) / 255.0));
        draft.photograph[i] = shaded;
        int kept = (int) Math.round(255 * Math.min(1, depth * 1.3));
        draft.cover(i, Math.max(draft.cover(i), kept));
      }
    }
    return draft.done();
  }

  static Planted marks(Good good, Random random) {
    int size = good.longSide() / 28;
    BufferedImage letters =
        new BufferedImage(good.width(), good.height(), BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D pen = letters.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    pen.setColor(Color.WHITE);
    pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, size));
    String words = "QUILLMOOR " + (2020 + random.nextInt(7));
    int width = pen.getFontMetrics().stringWidth(words);
    int x = good.width() / 30;
    int y = freeLine(good, x, width, size);
    if (y < 0) {
      pen.dispose();
      return null;
    }
    pen.drawString(words, x, y);
    pen.dispose();
    Draft draft = new Draft(good);
    int back = good.behindArgb((y - size / 2) * good.width() + x);
    boolean light = (back >> 8 & 0xFF) > 110;
    for (int i = 0; i < draft.coverage.length; i++) {
      int ink = letters.getRaster().getSample(i % draft.width, i / draft.width, 0);
      if (ink > HALF) {
        draft.paint(i, light ? 0xFF23242A : 0xFFF4F1E6);
      }
    }
    return draft.done();
  }

  /** A line of writing that has room beside the subject; -1 = none. */
  private static int freeLine(Good good, int x, int width, int size) {
    for (int y = size * 2; y < good.height() - size; y += size / 2) {
      boolean free = x + width < good.width();
      for (int v = y - size; free && v < y + size / 3; v++) {
        for (int u = x; free && u < x + width; u += 3) {
          free = good.outside()[v * good.width() + u] > size / 3f;
        }
      }
      if (free) {
        return y;
      }
    }
    return -1;
  }

  /** Four box blurs come close to a Gaussian (central limit). */
  static Planted blur(Good good, Random random) {
    int radius =
        Math.max(2, (int) Math.round(good.longSide() / 1280.0 * (2.5 + random.nextInt(2))));
    int w = good.width();
    int h = good.height();
    int n = w * h;
    int[] photograph = new int[n];
    for (int c = 0; c < 3; c++) {
      int shift = 16 - 8 * c;
      float[] values = new float[n];
      for (int i = 0; i < n; i++) {
        values[i] = good.photograph().argb()[i] >> shift & 0xFF;
      }
      float[] soft = soft(values, w, h, radius);
      for (int i = 0; i < n; i++) {
        photograph[i] |= 0xFF000000 | Math.round(soft[i]) << shift;
      }
    }
    float[] cover = new float[n];
    for (int i = 0; i < n; i++) {
      cover[i] = good.cutout().matte().coverage()[i] & 0xFF;
    }
    float[] softCover = soft(cover, w, h, radius);
    byte[] coverage = new byte[n];
    for (int i = 0; i < n; i++) {
      coverage[i] = (byte) Math.round(softCover[i]);
    }
    Picture picture = new Picture(w, h, photograph);
    Good again = Good.of(picture, new Matte(w, h, coverage));
    return new Planted(picture, again.cutout(), picture.bounds());
  }

  private static float[] soft(float[] values, int w, int h, int radius) {
    float[] out = values;
    for (int k = 0; k < 4; k++) {
      out = BoxBlur.blur(out, w, h, radius);
    }
    return out;
  }
}
