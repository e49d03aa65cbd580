package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Plane;

/**
 * A person in one piece: where the person prior is sure, a colour of its own (a badge, a helmet in
 * the hand) makes no hole, except where the hole looks like what is behind (between arm and body,
 * under hair); specks that the prior knows nothing of go.
 */
public final class WholePerson {
  private static final float SURE = 0.8f;
  private static final float NOBODY = 0.3f;

  /** Evidence below this says that what is behind is seen through the hole. */
  private static final float LIKE_BEHIND = -0.3f;

  /** A part this large beside the largest is something that is held, not a speck. */
  private static final double SPECK = 0.1;

  private WholePerson() {}

  /**
   * @param person probability 0..1 on the region's grid
   */
  public static SubjectRegion of(SubjectRegion region, Plane person) {
    boolean[] subject = region.subject().clone();
    boolean[] dropped = region.dropped().clone();
    fillHoles(region, person, subject);
    dropSpecks(region, person, subject, dropped);
    return new SubjectRegion(
        region.width(), region.height(), subject, region.doubtful(), region.evidence(), dropped);
  }

  private static void fillHoles(SubjectRegion region, Plane person, boolean[] subject) {
    boolean[] outside = new boolean[subject.length];
    for (int i = 0; i < outside.length; i++) {
      outside[i] = !subject[i];
    }
    Components holes = Components.of(outside, region.width(), region.height(), false);
    float[] sure = means(holes, person.values());
    float[] evidence = means(holes, region.evidence());
    for (int i = 0; i < subject.length; i++) {
      int hole = holes.labels()[i];
      subject[i] |=
          hole > 0
              && !touchesBorder(holes.regions().get(hole - 1), region)
              && sure[hole] > SURE
              && evidence[hole] > LIKE_BEHIND;
    }
  }

  private static void dropSpecks(
      SubjectRegion region, Plane person, boolean[] subject, boolean[] dropped) {
    Components parts = Components.of(subject, region.width(), region.height(), true);
    float[] seen = means(parts, person.values());
    int largest = parts.regions().stream().mapToInt(Components.Region::area).max().orElse(0);
    for (int i = 0; i < subject.length; i++) {
      int part = parts.labels()[i];
      if (part > 0
          && seen[part] < NOBODY
          && parts.regions().get(part - 1).area() < SPECK * largest) {
        subject[i] = false;
        dropped[i] = true;
      }
    }
  }

  /** The mean over every component, by its label. */
  private static float[] means(Components components, float[] values) {
    float[] sum = new float[components.regions().size() + 1];
    for (int i = 0; i < values.length; i++) {
      sum[components.labels()[i]] += values[i];
    }
    for (int label = 1; label < sum.length; label++) {
      sum[label] /= components.regions().get(label - 1).area();
    }
    return sum;
  }

  private static boolean touchesBorder(Components.Region part, SubjectRegion region) {
    return part.box().x() == 0
        || part.box().y() == 0
        || part.box().right() == region.width()
        || part.box().bottom() == region.height();
  }
}
