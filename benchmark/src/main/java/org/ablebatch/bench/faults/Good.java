package org.ablebatch.bench.faults;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.PushPull;

/**
 * A photograph with its exact matte and the colours that follow from it.
 *
 * @param behind the backdrop's colours everywhere, linear light
 * @param inside pixels from the backdrop, for every pixel of the subject
 * @param outside pixels from the subject, for every pixel of the backdrop
 */
public record Good(
    Picture photograph, Cutout cutout, ColorPlanes behind, float[] inside, float[] outside) {
  private static final int HALF = 128;
  private static final float LEAST_COVER = 0.1f;

  public static Good of(Picture photograph, Matte truth) {
    int w = photograph.width();
    int h = photograph.height();
    int n = w * h;
    float[] removed = new float[n];
    float[] kept = new float[n];
    for (int i = 0; i < n; i++) {
      int a = truth.coverage()[i] & 0xFF;
      removed[i] = a == 0 ? 1 : 0;
      kept[i] = a == 255 ? 1 : 0;
    }
    ColorPlanes behind = new ColorPlanes(w, h);
    int[] colours = new int[n];
    ColorPlanes own = new ColorPlanes(w, h);
    PushPull outside = new PushPull(removed, w, h);
    PushPull inside = new PushPull(kept, w, h);
    for (int c = 0; c < 3; c++) {
      float[] light = channel(photograph, c);
      System.arraycopy(outside.fill(light), 0, behind.channel(c), 0, n);
      float[] solid = inside.fill(light);
      for (int i = 0; i < n; i++) {
        float cover = (truth.coverage()[i] & 0xFF) / 255f;
        float unmixed =
            cover < LEAST_COVER
                ? solid[i]
                : (light[i] - (1 - cover) * behind.channel(c)[i]) / cover;
        own.channel(c)[i] = Math.max(0, Math.min(1, unmixed));
      }
    }
    for (int i = 0; i < n; i++) {
      colours[i] = Srgb.pack(own.c0()[i], own.c1()[i], own.c2()[i]);
    }
    return around(photograph, new Cutout(truth, new Picture(w, h, colours)), behind);
  }

  /** Another cutout of the same photograph, such as the engine's. */
  public Good with(Cutout other) {
    return around(photograph, other, behind);
  }

  private static Good around(Picture photograph, Cutout cutout, ColorPlanes behind) {
    int w = photograph.width();
    int h = photograph.height();
    boolean[] subject = new boolean[w * h];
    boolean[] backdrop = new boolean[w * h];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = (cutout.matte().coverage()[i] & 0xFF) >= HALF;
      backdrop[i] = !subject[i];
    }
    return new Good(
        photograph, cutout, behind, Distance.to(backdrop, w, h), Distance.to(subject, w, h));
  }

  private static float[] channel(Picture picture, int c) {
    float[] out = new float[picture.argb().length];
    for (int i = 0; i < out.length; i++) {
      out[i] = Srgb.toLinear(picture.argb()[i] >> (16 - 8 * c) & 0xFF);
    }
    return out;
  }

  public int width() {
    return photograph.width();
  }

  public int height() {
    return photograph.height();
  }

  int longSide() {
    return Math.max(width(), height());
  }

  int behindArgb(int i) {
    return Srgb.pack(behind.c0()[i], behind.c1()[i], behind.c2()[i]);
  }
}
