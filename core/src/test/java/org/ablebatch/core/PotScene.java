package org.ablebatch.core;

import java.util.List;
import java.util.Random;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Inspector;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/**
 * A made-up photograph with its good cutout, to be spoiled: a blue pot with a handle, on a plain
 * grey wall with a little noise. The handle encloses a gap.
 */
public final class PotScene {
  public static final int WIDTH = 640;
  public static final int HEIGHT = 480;
  public static final int WALL = 0xFFC9C5BD;
  public static final int POT = 0xFF2F4F86;

  public final int[] photograph = new int[WIDTH * HEIGHT];
  public final byte[] coverage = new byte[WIDTH * HEIGHT];
  public final int[] colours = new int[WIDTH * HEIGHT];

  public PotScene() {
    Random random = new Random(7);
    for (int i = 0; i < photograph.length; i++) {
      boolean pot = isPot(i % WIDTH, i / WIDTH);
      int noise = (int) Math.round(2 * random.nextGaussian());
      photograph[i] = lighter(pot ? POT : WALL, noise + (pot ? (i / 4 % 3) * 6 : 0));
      colours[i] = photograph[i];
      coverage[i] = (byte) (pot ? 255 : 0);
    }
  }

  /** A body, and a ring at its right. */
  private static boolean isPot(int x, int y) {
    boolean body = x >= 200 && x < 380 && y >= 130 && y < 380;
    double ring = Math.hypot(x - 390, y - 240);
    return body || x >= 380 && ring > 45 && ring < 70;
  }

  public static int lighter(int argb, int by) {
    int r = Math.max(0, Math.min(255, (argb >> 16 & 0xFF) + by));
    int g = Math.max(0, Math.min(255, (argb >> 8 & 0xFF) + by));
    int b = Math.max(0, Math.min(255, (argb & 0xFF) + by));
    return 0xFF000000 | r << 16 | g << 8 | b;
  }

  /** Which pixels, by their place. */
  public interface Where {
    boolean is(int x, int y);
  }

  public static Where disc(int cx, int cy, int radius) {
    return (x, y) -> Math.hypot(x - cx, y - cy) < radius;
  }

  public static Where box(int left, int top, int right, int bottom) {
    return (x, y) -> x >= left && x < right && y >= top && y < bottom;
  }

  public PotScene cover(Where where, int value) {
    for (int i = 0; i < coverage.length; i++) {
      if (where.is(i % WIDTH, i / WIDTH)) {
        coverage[i] = (byte) value;
      }
    }
    return this;
  }

  /** Changes the photograph, and the cutout's colours with it. */
  public PotScene paint(Where where, int argb) {
    for (int i = 0; i < photograph.length; i++) {
      if (where.is(i % WIDTH, i / WIDTH)) {
        photograph[i] = argb;
        colours[i] = argb;
      }
    }
    return this;
  }

  public Picture picture() {
    return new Picture(WIDTH, HEIGHT, photograph);
  }

  public Cutout cutout() {
    return new Cutout(new Matte(WIDTH, HEIGHT, coverage), new Picture(WIDTH, HEIGHT, colours));
  }

  public List<Finding> inspect() {
    return Inspector.inspect(picture(), cutout(), Expectations.NONE);
  }
}
