package org.ablebatch.core.subject;

import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;

/**
 * Solves a region again around hints. What a hint marks is certain; how far it reaches follows from
 * the colours under it, from the picture's edges, and from nearness (Boykov &amp; Jolly, 2001).
 * Nothing changes that does not hang together with a hint.
 */
public final class HintedCut {
  /** A hint reaches so far, as a share of the picture's longer side. */
  private static final double REACH_SHARE = 0.16;

  /** Log odds of what was decided before, far from any hint and right beside one. */
  private static final float BEFORE = 0.9f;

  private static final float BEFORE_NEAR = 0.04f;
  private static final float CERTAIN = 1000;
  private static final float COLOUR_WEIGHT = 0.6f;
  private static final float HINTED_WEIGHT = 8;

  private HintedCut() {}

  /**
   * @param lab the picture at the region’s size, OKLab
   * @param region as found without hints; unchanged
   */
  public static SubjectRegion apply(ColorPlanes lab, SubjectRegion region, HintMarks marks) {
    if (!contains(marks.subject()) && !contains(marks.backdrop())) {
      return region;
    }
    int w = region.width();
    int h = region.height();
    double reach = REACH_SHARE * Math.max(w, h);
    float[] nearSubject = influence(marks.subject(), w, h, reach);
    float[] nearBackdrop = influence(marks.backdrop(), w, h, reach);
    float[] odds = new float[w * h];
    int[] cells = ColourTable.cells(lab);
    float[] forSubject = subjectColours(cells, region, marks.subject(), nearSubject);
    float[] forBackdrop = backdropColours(cells, region, marks.backdrop(), nearBackdrop);
    for (int i = 0; i < odds.length; i++) {
      float near = Math.max(nearSubject[i], nearBackdrop[i]);
      float before = BEFORE_NEAR + (BEFORE - BEFORE_NEAR) * (1 - near);
      odds[i] =
          marks.subject()[i]
              ? CERTAIN
              : marks.backdrop()[i]
                  ? -CERTAIN
                  : (region.subject()[i] ? before : -before)
                      + COLOUR_WEIGHT
                          * (nearSubject[i] * forSubject[cells[i]]
                              + nearBackdrop[i] * forBackdrop[cells[i]]);
    }
    boolean[] divided = ContrastCut.divide(lab, odds);
    return region.keeping(hangingOnHints(region.subject(), divided, marks, lab));
  }

  /** 1 at the stroke, falling smoothly to 0 at the reach; 0 everywhere without a stroke. */
  private static float[] influence(boolean[] stroke, int w, int h, double reach) {
    float[] distance = Distance.to(stroke, w, h);
    float[] out = new float[distance.length];
    for (int i = 0; i < out.length; i++) {
      double t = Math.max(0, 1 - distance[i] / reach);
      out[i] = (float) (t * t * (3 - 2 * t));
    }
    return out;
  }

  /** How colours speak near a subject hint; what is backdrop so far may hold missed subject. */
  private static float[] subjectColours(
      int[] cells, SubjectRegion region, boolean[] hint, float[] near) {
    float[] in = new float[cells.length];
    float[] out = new float[cells.length];
    for (int i = 0; i < cells.length; i++) {
      in[i] = hint[i] ? 1 : 0;
      out[i] = hint[i] || region.subject()[i] ? 0 : near[i] + 0.05f;
    }
    return negated(
        ColourContrast.logOdds(ColourTable.density(cells, out), ColourTable.density(cells, in)));
  }

  /** How colours speak near a backdrop hint; what is subject so far may hold leftover backdrop. */
  private static float[] backdropColours(
      int[] cells, SubjectRegion region, boolean[] hint, float[] near) {
    float[] in = new float[cells.length];
    float[] out = new float[cells.length];
    for (int i = 0; i < cells.length; i++) {
      in[i] = hint[i] || !region.subject()[i] ? 0 : near[i] + 0.05f;
      out[i] = hint[i] ? HINTED_WEIGHT : 0;
    }
    return ColourContrast.logOdds(ColourTable.density(cells, in), ColourTable.density(cells, out));
  }

  private static float[] negated(float[] values) {
    for (int i = 0; i < values.length; i++) {
      values[i] = -values[i];
    }
    return values;
  }

  /** Takes over only those changes that are joined to a hint of the same side. */
  private static boolean[] hangingOnHints(
      boolean[] before, boolean[] after, HintMarks marks, ColorPlanes lab) {
    int w = lab.width();
    int h = lab.height();
    boolean[] changed = new boolean[before.length];
    for (int i = 0; i < changed.length; i++) {
      changed[i] = before[i] != after[i] || marks.subject()[i] || marks.backdrop()[i];
    }
    boolean[] joined = Morphology.dilate(changed, w, h, 1);
    Components parts = Components.of(joined, w, h, true);
    boolean[] hinted = new boolean[parts.regions().size() + 1];
    for (int i = 0; i < changed.length; i++) {
      hinted[parts.labels()[i]] |= marks.subject()[i] || marks.backdrop()[i];
    }
    boolean[] out = before.clone();
    for (int i = 0; i < out.length; i++) {
      if (changed[i] && hinted[parts.labels()[i]]) {
        out[i] = after[i];
      }
    }
    return out;
  }

  private static boolean contains(boolean[] set) {
    for (boolean b : set) {
      if (b) {
        return true;
      }
    }
    return false;
  }
}
