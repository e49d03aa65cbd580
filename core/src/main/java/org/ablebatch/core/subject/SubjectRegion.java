package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Shapes;

/**
 * The subject as a yes-or-no region at reading size.
 *
 * @param subject true = kept
 * @param doubtful pixels whose side was decided on thin evidence
 * @param evidence what the pixel's own colour says: above 0 subject, below 0 backdrop, about 1 sure
 * @param dropped parts that were found and then left out as too small beside the rest
 */
public record SubjectRegion(
    int width,
    int height,
    boolean[] subject,
    boolean[] doubtful,
    float[] evidence,
    boolean[] dropped) {
  public SubjectRegion {
    Shapes.requireSize("subject", subject.length, width, height);
    Shapes.requireSize("doubtful", doubtful.length, width, height);
    Shapes.requireSize("evidence", evidence.length, width, height);
    Shapes.requireSize("dropped", dropped.length, width, height);
  }

  /** A region with nothing dropped. */
  public SubjectRegion(
      int width, int height, boolean[] subject, boolean[] doubtful, float[] evidence) {
    this(width, height, subject, doubtful, evidence, new boolean[subject.length]);
  }

  /** Pixels that are kept. */
  public int area() {
    int area = 0;
    for (boolean kept : subject) {
      area += kept ? 1 : 0;
    }
    return area;
  }

  /** The same evidence with another division. */
  public SubjectRegion keeping(boolean[] other) {
    return new SubjectRegion(width, height, other, doubtful, evidence, dropped);
  }
}
