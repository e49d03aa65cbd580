package org.ablebatch.core.subject;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Rect;

/**
 * The numbered subjects of a picture and where they are. Parts that lie close together are one
 * subject. The numbers depend on the picture and the method only, not on what is taken in or left
 * out.
 *
 * @param labels per reading-size pixel the number of the subject there, 0 = none; row by row
 * @param list in the order of their numbers
 */
public record Subjects(int width, int height, int[] labels, List<Subject> list) {
  /** A group smaller than this beside the largest joins its nearest neighbour. */
  private static final double CRUMB_SHARE = 0.02;

  /** What the engine left out needs this share of the picture to be offered. */
  private static final double LEAST_OFFERED = 0.001;

  public Subjects {
    list = List.copyOf(list);
  }

  /**
   * @param picture the original's size, for the boxes
   */
  public static Subjects in(SubjectRegion region, Rect picture) {
    int w = region.width();
    int h = region.height();
    SubjectGroups kept = SubjectGroups.of(region.subject(), w, h).joiningCrumbs(CRUMB_SHARE);
    SubjectGroups dropped =
        SubjectGroups.of(region.dropped(), w, h).ofAtLeast(LEAST_OFFERED * w * h);
    int offset = kept.groups().size();
    int[] labels = kept.labels().clone();
    for (int i = 0; i < labels.length; i++) {
      if (dropped.labels()[i] > 0) {
        labels[i] = offset + dropped.labels()[i];
      }
    }
    List<Subject> list = new ArrayList<>();
    kept.groups().forEach(group -> list.add(subject(list.size() + 1, group, true, kept, picture)));
    dropped
        .groups()
        .forEach(group -> list.add(subject(list.size() + 1, group, false, dropped, picture)));
    return new Subjects(w, h, labels, list);
  }

  private static Subject subject(
      int number, SubjectGroups.Group group, boolean kept, SubjectGroups all, Rect picture) {
    double share = group.area() / (double) (all.width() * all.height());
    return new Subject(number, group.box().scaled(all.width(), all.height(), picture), share, kept);
  }

  /** How many are in the cutout. */
  public int keptCount() {
    return (int) list.stream().filter(Subject::kept).count();
  }

  /** The same subjects, taken in and left out as chosen. */
  public Subjects choose(SubjectChoice choice) {
    List<Subject> chosen =
        list.stream()
            .map(
                s ->
                    new Subject(s.number(), s.box(), s.share(), choice.keeps(s.number(), s.kept())))
            .toList();
    return new Subjects(width, height, labels, chosen);
  }

  /** The pixels of all subjects that are kept. */
  public boolean[] keptPixels() {
    boolean[] keeps = new boolean[list.size() + 1];
    for (Subject subject : list) {
      keeps[subject.number()] = subject.kept();
    }
    boolean[] out = new boolean[labels.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = keeps[labels[i]];
    }
    return out;
  }
}
