package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.ColorPlanes;

/** Backdrop colours from which every subject of a set stands out. */
public final class BackdropAdvice {
  private static final double[] LIGHTNESS = {1, 0.95, 0.89, 0.8, 0.68, 0.5, 0.36, 0.26};
  private static final double[] CHROMA = {0.02, 0.045, 0.08};
  private static final int HUES = 12;
  private static final int WANTED = 4;

  /** Two suggestions differ at least so much, OKLab. */
  private static final double APART = 0.11;

  /** Calm colours go before loud ones that do as well. */
  private static final double LOUD_COSTS = 0.6;

  /** More than this is not seen any better. */
  private static final double ENOUGH = 0.3;

  private BackdropAdvice() {}

  /**
   * @param least how far the subject that stands out least does so, OKLab × 100
   */
  public record Suggestion(Colour colour, double least) {}

  private record Candidate(float[] lab, Colour colour, double least, double worth) {}

  /** The best first; none for an empty set. */
  public static List<Suggestion> of(List<RimColours> set) {
    if (set.isEmpty()) {
      return List.of();
    }
    List<Candidate> all = new ArrayList<>();
    for (double l : LIGHTNESS) {
      all.add(candidate(l, 0, 0, set));
      for (double c : CHROMA) {
        for (int h = 0; h < HUES && l < 1; h++) {
          all.add(candidate(l, c, 2 * Math.PI * h / HUES, set));
        }
      }
    }
    all.sort(Comparator.comparingDouble(Candidate::worth).reversed());
    List<Candidate> chosen = new ArrayList<>();
    for (Candidate candidate : all) {
      boolean isNew = chosen.stream().allMatch(c -> distance(c.lab(), candidate.lab()) >= APART);
      if (isNew && chosen.size() < WANTED) {
        chosen.add(candidate);
      }
    }
    return chosen.stream().map(c -> new Suggestion(c.colour(), 100 * c.least())).toList();
  }

  private static Candidate candidate(double l, double c, double hue, List<RimColours> set) {
    ColorPlanes one = new ColorPlanes(1, 1);
    one.c0()[0] = (float) l;
    one.c1()[0] = (float) (c * Math.cos(hue));
    one.c2()[0] = (float) (c * Math.sin(hue));
    ColorPlanes rgb = OkLab.toLinear(one);
    Colour colour = new Colour(0xFFFFFF & Srgb.pack(rgb.c0()[0], rgb.c1()[0], rgb.c2()[0]));
    float[] lab = OkLab.ofDisplay(colour.rgb());
    double least = set.stream().mapToDouble(rim -> rim.difference(lab)).min().orElse(0);
    return new Candidate(lab, colour, least, Math.min(ENOUGH, least) - LOUD_COSTS * c);
  }

  private static double distance(float[] a, float[] b) {
    return Math.hypot(Math.hypot(a[0] - b[0], a[1] - b[1]), a[2] - b[2]);
  }
}
