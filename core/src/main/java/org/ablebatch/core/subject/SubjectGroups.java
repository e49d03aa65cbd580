package org.ablebatch.core.subject;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Rect;

/**
 * Pixels of a set, grouped by nearness.
 *
 * @param labels per pixel 0 = in no group, else 1 + the index of its group
 * @param groups from left to right by the middle of their boxes
 */
record SubjectGroups(int width, int height, int[] labels, List<Group> groups) {
  /** Parts nearer than this share of the longer side belong together. */
  private static final double NEAR_SHARE = 0.012;

  /**
   * @param area pixels
   * @param box at reading size
   */
  record Group(int area, Rect box) {
    private Group with(Group other) {
      return new Group(area + other.area, box.span(other.box));
    }

    private double middle() {
      return box.x() + box.width() / 2.0;
    }

    private int gapTo(Group other) {
      int across = Math.max(box.x() - other.box.right(), other.box.x() - box.right());
      int down = Math.max(box.y() - other.box.bottom(), other.box.y() - box.bottom());
      return Math.max(0, across) + Math.max(0, down);
    }
  }

  static SubjectGroups of(boolean[] set, int width, int height) {
    int radius = (int) Math.max(1, Math.round(NEAR_SHARE * Math.max(width, height) / 2));
    Components near =
        Components.of(Morphology.dilate(set, width, height, radius), width, height, true);
    int[] area = new int[near.regions().size() + 1];
    int[][] span = new int[area.length][];
    int[] labels = new int[set.length];
    for (int i = 0; i < set.length; i++) {
      if (set[i]) {
        int label = near.labels()[i];
        labels[i] = label;
        area[label]++;
        span[label] = widen(span[label], i % width, i / width);
      }
    }
    List<Group> groups = new ArrayList<>();
    for (int label = 1; label < area.length; label++) {
      int[] s = span[label];
      groups.add(new Group(area[label], new Rect(s[0], s[1], s[2] - s[0] + 1, s[3] - s[1] + 1)));
    }
    return new SubjectGroups(width, height, labels, groups).inOrder();
  }

  private static int[] widen(int[] span, int x, int y) {
    if (span == null) {
      return new int[] {x, y, x, y};
    }
    span[0] = Math.min(span[0], x);
    span[2] = Math.max(span[2], x);
    span[3] = y;
    return span;
  }

  /**
   * Groups smaller than this share of the largest join the nearest one that is not, and groups that
   * lie within the box of a larger one join that: the heart of a printed flower is no subject.
   */
  SubjectGroups joiningCrumbs(double shareOfLargest) {
    int largest = groups.stream().mapToInt(Group::area).max().orElse(0);
    double least = shareOfLargest * largest;
    List<Integer> bySize = new ArrayList<>();
    for (int k = 0; k < groups.size(); k++) {
      bySize.add(k);
    }
    bySize.sort(Comparator.comparingInt(k -> -groups.get(k).area()));
    int[] target = new int[groups.size() + 1];
    List<Group> joined = new ArrayList<>(groups);
    List<Integer> standing = new ArrayList<>();
    for (int k : bySize) {
      Group group = groups.get(k);
      int home = group.area() < least ? nearest(group, standing) : enclosing(group, standing);
      target[k + 1] = (home < 0 ? k : home) + 1;
      if (home < 0) {
        standing.add(k);
      } else {
        joined.set(home, joined.get(home).with(group));
      }
    }
    return relabelled(joined, target, k -> target[k + 1] == k + 1);
  }

  private int nearest(Group group, List<Integer> among) {
    return among.stream().min(Comparator.comparingInt(k -> group.gapTo(groups.get(k)))).orElse(-1);
  }

  private int enclosing(Group group, List<Integer> among) {
    return among.stream()
        .filter(k -> groups.get(k).box().intersect(group.box()).equals(group.box()))
        .findFirst()
        .orElse(-1);
  }

  /** Without the groups of fewer pixels. */
  SubjectGroups ofAtLeast(double pixels) {
    int[] target = new int[groups.size() + 1];
    for (int k = 1; k < target.length; k++) {
      target[k] = groups.get(k - 1).area() >= pixels ? k : 0;
    }
    return relabelled(groups, target, k -> target[k + 1] != 0);
  }

  private SubjectGroups inOrder() {
    int[] same = new int[groups.size() + 1];
    for (int k = 0; k < same.length; k++) {
      same[k] = k;
    }
    return relabelled(groups, same, k -> true);
  }

  /** Keeps the chosen groups, from left to right; {@code target} leads old labels to old labels. */
  private SubjectGroups relabelled(List<Group> old, int[] target, IntPredicate stays) {
    List<Integer> order = new ArrayList<>();
    for (int k = 0; k < old.size(); k++) {
      if (stays.test(k)) {
        order.add(k);
      }
    }
    order.sort(Comparator.comparingDouble(k -> old.get(k).middle()));
    int[] number = new int[old.size() + 1];
    for (int k = 0; k < order.size(); k++) {
      number[order.get(k) + 1] = k + 1;
    }
    int[] out = new int[labels.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = number[target[labels[i]]];
    }
    return new SubjectGroups(width, height, out, order.stream().map(old::get).toList());
  }
}
