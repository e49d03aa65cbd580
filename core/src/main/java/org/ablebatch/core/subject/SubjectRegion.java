package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Rect;
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

  /**
   * Without what lies outside a part of the picture.
   *
   * @param part in pixels of the picture
   * @param picture the picture's size
   */
  public SubjectRegion inside(Rect part, Rect picture) {
    boolean[] keptThere = new boolean[subject.length];
    boolean[] droppedThere = new boolean[subject.length];
    for (int i = 0; i < subject.length; i++) {
      int x = (int) ((i % width + 0.5) * picture.width() / width);
      int y = (int) ((i / width + 0.5) * picture.height() / height);
      boolean in = x >= part.x() && y >= part.y() && x < part.right() && y < part.bottom();
      keptThere[i] = in && subject[i];
      droppedThere[i] = in && dropped[i];
    }
    return new SubjectRegion(width, height, keptThere, doubtful, evidence, droppedThere);
  }

  /** The same evidence with another division. */
  public SubjectRegion keeping(boolean[] other) {
    return new SubjectRegion(width, height, other, doubtful, evidence, dropped);
  }
}
