package org.ablebatch.core.subject;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.HalfSize;
import org.ablebatch.core.scene.Scene;

/**
 * All that speaks for or against a place being subject, side by side at half the reading size, as
 * numbers from -1 to 1: colour, the learned guesses, likeness to the backdrop's surface, colours of
 * both sides, edges, and focus. What each is worth in a picture is for an {@link
 * org.ablebatch.core.prior.EvidenceNetwork} to say.
 */
public final class Evidence {
  private static final float MOST_OTHERNESS = 4;
  private static final float MOST_SHADE = 2;
  private static final float MOST_CONTRAST = 4;
  private static final float EDGE_SCALE = 6;
  private static final float SIGMA_SCALE = 40;
  private static final float RANGE_SCALE = 3;
  private static final float UNDECIDED = 0.5f;
  private static final float NOBODY = 0;

  /** Decades of sharpness that are told apart, from the faintest that counts. */
  private static final double FAINTEST_DETAIL = 3e-4;

  private static final double DECADES = 2.5;

  private Evidence() {}

  /**
   * @param half the scene at half its size
   */
  public static List<Plane> of(Scene scene, Scene half) {
    ColorPlanes lab = half.lab();
    Backdrop backdrop = half.backdrop();
    Planes out = new Planes(lab.width(), lab.height());
    out.add(lab.c0(), l -> 2 * l - 1);
    out.add(lab.c1(), a -> 5 * a);
    out.add(lab.c2(), b -> 5 * b);
    float[] guess = guess(half.subjectPrior(), lab, UNDECIDED);
    out.add(guess, p -> 2 * p - 1);
    out.add(guess(half.closerPrior(), lab, UNDECIDED), p -> 2 * p - 1);
    out.add(guess(half.smoothPrior(), lab, UNDECIDED), p -> 2 * p - 1);
    out.add(guess(half.personPrior(), lab, NOBODY), p -> 2 * p - 1);
    BackdropLikeness likeness = BackdropLikeness.measure(lab, backdrop);
    out.add(likeness.otherness(), o -> 2 * o / MOST_OTHERNESS - 1);
    out.add(likeness.shade(), s -> s / (MOST_SHADE / 2) - 1);
    float[] reached = new float[guess.length];
    for (int i = 0; i < reached.length; i++) {
      reached[i] =
          likeness.markers()[i] == BackdropLikeness.BACKDROP ? -1 : likeness.apart()[i] ? 1 : 0;
    }
    out.add(reached, r -> r);
    out.add(colours(lab, guess), c -> c / MOST_CONTRAST);
    out.add(ColourGradient.lengths(lab), e -> EDGE_SCALE * e - 1);
    int w = scene.width();
    int h = scene.height();
    float[] l = scene.lab().c0();
    out.add(HalfSize.of(detail(l, w, h, 0, 1, 3), w, h), Evidence::decades);
    out.add(HalfSize.of(detail(l, w, h, 1, 4, 6), w, h), Evidence::decades);
    out.add(constant(lab, SIGMA_SCALE * backdrop.sigma() - 1), v -> v);
    out.add(constant(lab, RANGE_SCALE * backdrop.range() - 1), v -> v);
    out.add(constant(lab, 2 * backdrop.fittedShare() - 1), v -> v);
    out.add(constant(lab, backdrop.kind() == BackdropKind.BUSY ? 1 : -1), v -> v);
    return out.list;
  }

  private interface Scale {
    float of(float value);
  }

  private static final class Planes {
    private final List<Plane> list = new ArrayList<>();
    private final int width;
    private final int height;

    private Planes(int width, int height) {
      this.width = width;
      this.height = height;
    }

    private void add(float[] values, Scale scale) {
      float[] out = new float[values.length];
      for (int i = 0; i < out.length; i++) {
        out[i] = Math.max(-1, Math.min(1, scale.of(values[i])));
      }
      list.add(new Plane(width, height, out));
    }
  }

  private static float[] guess(Optional<Plane> learned, ColorPlanes like, float without) {
    return learned.map(Plane::values).orElseGet(() -> constant(like, without));
  }

  private static float[] constant(ColorPlanes like, float value) {
    float[] out = new float[like.c0().length];
    java.util.Arrays.fill(out, value);
    return out;
  }

  /** Which side a place's colour goes with, both sides as the guess has them. */
  private static float[] colours(ColorPlanes lab, float[] guess) {
    int[] cells = ColourTable.cells(lab);
    float[] out = new float[guess.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = 1 - guess[i];
    }
    float[] contrast =
        ColourContrast.logOdds(
            ColourTable.density(cells, guess), ColourTable.shadedDensity(cells, out));
    for (int i = 0; i < out.length; i++) {
      out[i] = contrast[cells[i]];
    }
    return out;
  }

  /** How strongly lightness varies between two scales around every place. */
  private static float[] detail(float[] l, int w, int h, int fine, int coarse, int around) {
    float[] a = fine == 0 ? l : BoxBlur.blur(l, w, h, fine);
    float[] b = BoxBlur.blur(l, w, h, coarse);
    float[] difference = new float[l.length];
    for (int i = 0; i < l.length; i++) {
      difference[i] = Math.abs(a[i] - b[i]);
    }
    return BoxBlur.blur(difference, w, h, around);
  }

  private static float decades(float detail) {
    return (float) (2 * Math.log10(1 + detail / FAINTEST_DETAIL) / DECADES - 1);
  }
}
