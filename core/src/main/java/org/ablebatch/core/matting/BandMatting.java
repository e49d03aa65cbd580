package org.ablebatch.core.matting;

import java.util.Optional;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.scene.EmptySet;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;

/**
 * Coverage and clean colours at full resolution. Outside the band the trimap decides; inside, each
 * pixel is unmixed in linear light on the line from the local backdrop to the local subject colour
 * (Smith &amp; Blinn, Blue Screen Matting, 1996, with both colours known). Where the two are nearly
 * the same, the outline's own position decides instead.
 */
public final class BandMatting {
  private static final float TOE = 0.05f;
  private static final float SHOULDER = 0.95f;

  /** From here on a pixel's own colour is the subject's. */
  private static final float PURE = 0.985f;

  private static final float TRUST_DEPTH_FROM = 0.55f;

  /** Along a plain outline the pixel's own unmixing keeps a say beside the solved coverage. */
  private static final float SOLVED_SHARE = 0.8f;

  private static final float OPEN = 0.3f;
  private static final float INNER_TOE = 0.15f;
  private static final float INNER_SHOULDER = 0.7f;
  private static final float OUTER_TOE = 0.08f;
  private static final float OUTER_SHOULDER = 0.9f;

  private final Picture picture;
  private final Trimap trimap;
  private final LocalColours local;
  private final GridMap map;

  /** Of all places, reading pixels. */
  private final float widestBand;

  private final Behind behind;
  private final LinearCoverage coverage;
  private final Asked asked;
  private final Pulse pulse;

  private BandMatting(
      Picture picture,
      ColorPlanes linear,
      Trimap trimap,
      Optional<StrandClues> clues,
      Optional<EmptySet> set,
      Asked asked,
      Pulse pulse) {
    this.picture = picture;
    this.asked = asked;
    this.trimap = trimap;
    this.local = LocalColours.spread(linear, trimap);
    this.map = new GridMap(picture.width(), picture.height(), linear.width(), linear.height());
    this.behind =
        set.map(known -> Behind.known(known, linear, trimap, map))
            .orElseGet(() -> Behind.seenAround(local.backdrop(), map));
    this.pulse = pulse;
    float widest = 0;
    for (float radius : trimap.bandRadius().values()) {
      widest = Math.max(widest, radius);
    }
    this.widestBand = widest;
    this.coverage = LinearCoverage.solve(linear, local, trimap, clues, asked, pulse);
  }

  /**
   * @param matte coverage, the picture's size
   * @param colours subject colours, the picture's size, opaque; the picture's own outside the band
   * @param bandShare share of pixels that were undecided, 0..1
   * @param contrast mean distance of subject and backdrop colour along the band, linear light
   */
  public record Result(Matte matte, Picture colours, double bandShare, double contrast) {}

  /**
   * @param picture full size; unchanged
   * @param linear the picture at the trimap's size, linear light
   * @param asked where the result is used; elsewhere in the band it is full or none
   */
  public static Result solve(Picture picture, ColorPlanes linear, Trimap trimap, Asked asked) {
    return new BandMatting(
            picture, linear, trimap, Optional.empty(), Optional.empty(), asked, Pulse.NONE)
        .solve();
  }

  /**
   * @param clues to strands; empty where there is no guess
   * @param set what is behind the subject, where it is known pixel by pixel
   * @param pulse called for every row
   */
  public static Result solve(
      Picture picture,
      ColorPlanes linear,
      Trimap trimap,
      Optional<StrandClues> clues,
      Optional<EmptySet> set,
      Pulse pulse) {
    return new BandMatting(picture, linear, trimap, clues, set, Asked.EVERYWHERE, pulse).solve();
  }

  private Result solve() {
    int width = picture.width();
    int height = picture.height();
    byte[] coverage = new byte[width * height];
    int[] colours = picture.argb().clone();
    float[] depth = trimap.depth().values();
    float[] open = trimap.open().values();
    float[] bands = trimap.bandRadius().values();
    byte[] certain = certain();
    Pixel pixel = new Pixel();
    long inBand = 0;
    double contrast = 0;
    for (int y = 0; y < height; y++) {
      pulse.beat();
      map.row(y);
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        byte side = certain[map.cellAt(x)];
        if (side != 0) {
          coverage[i] = (byte) (side > 0 ? 255 : 0);
          continue;
        }
        map.column(x);
        float d = map.sample(depth);
        if (!asked.at(map.cell())) {
          coverage[i] = (byte) (d > 0 ? 255 : 0);
          continue;
        }
        float band = map.sample(bands);
        if (map.sample(open) > OPEN) {
          inBand++;
          contrast += unmix(x, y, d / band, true, pixel);
          store(pixel, i, coverage, colours);
        } else if (d >= band) {
          coverage[i] = (byte) 255;
        } else if (d > -band) {
          inBand++;
          contrast += unmix(x, y, d / band, false, pixel);
          store(pixel, i, coverage, colours);
        }
      }
    }
    return new Result(
        new Matte(width, height, coverage),
        new Picture(width, height, colours),
        inBand / (double) coverage.length,
        inBand == 0 ? 0 : contrast / inBand);
  }

  /**
   * Of every cell of the trimap what all pixels between it and its neighbours to the right and
   * below are, as far from the band as they lie: 1 is full, -1 none, 0 has to be asked of each.
   */
  private byte[] certain() {
    int width = trimap.depth().width();
    int height = trimap.depth().height();
    byte[] out = new byte[width * height];
    for (int y = 0; y < height; y++) {
      int below = Math.min(y + 1, height - 1) * width;
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        int right = Math.min(x + 1, width - 1) - x;
        int side = side(i);
        boolean isOne =
            side != 0
                && side == side(i + right)
                && side == side(below + x)
                && side == side(below + x + right);
        out[i] = (byte) (isOne ? side : 0);
      }
    }
    return out;
  }

  /** The side that a cell is on with the widest band that its neighbours may have, 0 for none. */
  private int side(int cell) {
    float depth = trimap.depth().values()[cell];
    if (trimap.open().values()[cell] > 0 || Math.abs(depth) < widestBand) {
      return 0;
    }
    return depth > 0 ? 1 : -1;
  }

  private static void store(Pixel pixel, int i, byte[] coverage, int[] colours) {
    coverage[i] = (byte) Math.round(pixel.alpha * 255);
    if (coverage[i] != 0 && pixel.mixed) {
      colours[i] = Srgb.pack(pixel.r, pixel.g, pixel.b);
    }
  }

  /** Solves one pixel into {@code out}; returns the distance of the two local colours. */
  private double unmix(int x, int y, float depth, boolean open, Pixel out) {
    int argb = picture.at(x, y);
    float r = Srgb.toLinear(argb >> 16 & 0xFF);
    float g = Srgb.toLinear(argb >> 8 & 0xFF);
    float b = Srgb.toLinear(argb & 0xFF);
    float br = behind.at(x, y, 0);
    float bg = behind.at(x, y, 1);
    float bb = behind.at(x, y, 2);
    float fr = map.sample(local.subject().c0());
    float fg = map.sample(local.subject().c1());
    float fb = map.sample(local.subject().c2());
    float dr = fr - br;
    float dg = fg - bg;
    float db = fb - bb;
    float apart = dr * dr + dg * dg + db * db;
    float unmixed = ((r - br) * dr + (g - bg) * dg + (b - bb) * db) / Math.max(1e-7f, apart);
    float byDepth = smooth(0.5f + depth);
    float trust = apart / (apart + LocalColours.NOISE * LocalColours.NOISE);
    float alpha = trust * clip(unmixed) + (1 - trust) * byDepth;
    alpha += (open ? 1 : SOLVED_SHARE) * (coverage.at(map, argb) - alpha);
    out.alpha = open ? settleStrand(alpha, depth) : settle(towardsSides(alpha, depth));
    out.mixed = alpha < PURE;
    float share = Math.max(alpha, 0.08f);
    float own = alpha * alpha;
    out.r = own * clip((r - (1 - alpha) * br) / share) + (1 - own) * fr;
    out.g = own * clip((g - (1 - alpha) * bg) / share) + (1 - own) * fg;
    out.b = own * clip((b - (1 - alpha) * bb) / share) + (1 - own) * fb;
    return Math.sqrt(apart);
  }

  /** Near the band's two sides the trimap is more certain than one pixel's colour. */
  private static float towardsSides(float alpha, float depth) {
    float side = (Math.abs(depth) - TRUST_DEPTH_FROM) / (1 - TRUST_DEPTH_FROM);
    if (side <= 0) {
      return alpha;
    }
    float pull = smooth(side);
    return depth > 0 ? alpha + (1 - alpha) * pull : alpha * (1 - pull);
  }

  /**
   * Among strands the colours alone decide; inside the solid, only what is clearly backdrop opens.
   */
  private static float settleStrand(float alpha, float depth) {
    return depth > 0
        ? clip((alpha - INNER_TOE) / (INNER_SHOULDER - INNER_TOE))
        : clip((alpha - OUTER_TOE) / (OUTER_SHOULDER - OUTER_TOE));
  }

  /** Noise around none and full is not coverage. */
  private static float settle(float alpha) {
    return clip((alpha - TOE) / (SHOULDER - TOE));
  }

  private static float smooth(float t) {
    float c = clip(t);
    return c * c * (3 - 2 * c);
  }

  private static float clip(float v) {
    return v < 0 ? 0 : Math.min(v, 1);
  }

  private static final class Pixel {
    float alpha;
    boolean mixed;
    float r;
    float g;
    float b;
  }
}
