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

  /** Every second pixel of every second row. */
  public SubjectRegion halved() {
    int w = (width + 1) / 2;
    int h = (height + 1) / 2;
    SubjectRegion out =
        new SubjectRegion(w, h, new boolean[w * h], new boolean[w * h], new float[w * h]);
    for (int i = 0; i < w * h; i++) {
      int from = i / w * 2 * width + i % w * 2;
      out.subject[i] = subject[from];
      out.doubtful[i] = doubtful[from];
      out.evidence[i] = evidence[from];
      out.dropped[i] = dropped[from];
    }
    return out;
  }

  /** Intersection over union with another region on the same grid; 1 when both are empty. */
  public double overlap(SubjectRegion other) {
    int both = 0;
    int either = 0;
    for (int i = 0; i < subject.length; i++) {
      both += subject[i] && other.subject[i] ? 1 : 0;
      either += subject[i] || other.subject[i] ? 1 : 0;
    }
    return either == 0 ? 1 : both / (double) either;
  }

  /** The same evidence with another division. */
  public SubjectRegion keeping(boolean[] other) {
    return new SubjectRegion(width, height, other, doubtful, evidence, dropped);
  }
}
