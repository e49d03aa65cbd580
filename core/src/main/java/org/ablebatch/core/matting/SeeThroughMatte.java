package org.ablebatch.core.matting;

import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/**
 * Adds a see-through body to the matte of the solid parts. Each pixel of the body is explained by
 * what is behind it and as little of anything else as possible: the smallest coverage for which a
 * colour between black and white makes up the difference. Light that is missing becomes thin dark
 * coverage, a highlight becomes bright coverage, and what looks like the backdrop stays clear.
 */
public final class SeeThroughMatte {
  /** Differences below this are noise, linear light as a share of what is possible. */
  private static final float TOE = 0.02f;

  /** In front of a scene, what is seen through the body is its own local mean. */
  private static final double LOCAL_SHARE = 0.05;

  private static final float DARKEST = 0.02f;

  private SeeThroughMatte() {}

  /**
   * @param picture full size; unchanged
   * @param solid the matte of the solid parts
   * @param body 1 inside the see-through body, 0 outside; on the scene's grid
   */
  public static BandMatting.Result add(
      Picture picture, Scene scene, BandMatting.Result solid, Plane body, Pulse pulse) {
    int width = picture.width();
    int height = picture.height();
    GridMap map = new GridMap(width, height, scene.width(), scene.height());
    ColorPlanes behind = behind(scene);
    byte[] coverage = solid.matte().coverage().clone();
    int[] colours = solid.colours().argb().clone();
    float[] rgb = new float[3];
    float[] back = new float[3];
    for (int y = 0; y < height; y++) {
      pulse.beat();
      map.row(y);
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        map.column(x);
        float inside = map.sample(body.values());
        if (inside < TOE || coverage[i] == (byte) 255) {
          continue;
        }
        for (int c = 0; c < 3; c++) {
          rgb[c] = Srgb.toLinear(picture.argb()[i] >> 16 - 8 * c & 0xFF);
          back[c] = map.sample(behind.channel(c));
        }
        float alpha = inside * leastCoverage(rgb, back);
        int value = Math.round(alpha * 255);
        if (value > (coverage[i] & 0xFF)) {
          coverage[i] = (byte) value;
          colours[i] =
              Srgb.pack(
                  added(rgb[0], back[0], alpha),
                  added(rgb[1], back[1], alpha),
                  added(rgb[2], back[2], alpha));
        }
      }
    }
    return new BandMatting.Result(
        new Matte(width, height, coverage),
        new Picture(width, height, colours),
        solid.bandShare(),
        solid.contrast());
  }

  /**
   * The same at reading size, for judging it before it is made.
   *
   * @return 0..1 per pixel of the scene
   */
  public static float[] coverage(Scene scene, boolean[] solid, Plane body) {
    ColorPlanes behind = behind(scene);
    float[] out = new float[solid.length];
    float[] rgb = new float[3];
    float[] back = new float[3];
    for (int i = 0; i < out.length; i++) {
      for (int c = 0; c < 3; c++) {
        rgb[c] = scene.linear().channel(c)[i];
        back[c] = behind.channel(c)[i];
      }
      out[i] = solid[i] ? 1 : body.values()[i] * leastCoverage(rgb, back);
    }
    return out;
  }

  private static ColorPlanes behind(Scene scene) {
    if (scene.backdrop().kind() != BackdropKind.BUSY) {
      return OkLab.toLinear(scene.backdrop().surface());
    }
    int radius =
        (int) Math.max(1, Math.round(LOCAL_SHARE * Math.min(scene.width(), scene.height())));
    ColorPlanes seen = scene.linear();
    return new ColorPlanes(
        seen.width(),
        seen.height(),
        BoxBlur.blur(seen.c0(), seen.width(), seen.height(), radius),
        BoxBlur.blur(seen.c1(), seen.width(), seen.height(), radius),
        BoxBlur.blur(seen.c2(), seen.width(), seen.height(), radius));
  }

  private static float leastCoverage(float[] rgb, float[] back) {
    float most = 0;
    for (int c = 0; c < 3; c++) {
      float b = Math.max(DARKEST, Math.min(1 - DARKEST, back[c]));
      most = Math.max(most, rgb[c] < b ? (b - rgb[c]) / b : (rgb[c] - b) / (1 - b));
    }
    return Math.max(0, (most - TOE) / (1 - TOE));
  }

  private static float added(float seen, float behind, float alpha) {
    return Math.max(0, Math.min(1, (seen - (1 - alpha) * behind) / Math.max(alpha, 0.01f)));
  }
}
