package org.ablebatch.core.proposal;

import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.HintedCut;
import org.ablebatch.core.subject.SubjectRegion;

/** How far a place reaches that was seen only in part. */
final class Reach {
  /** What was seen keeps clear of the outline; so many grid pixels more belong to it. */
  private static final int STRIP = 3;

  private static final float FAINTEST = 0.02f;
  private static final double AROUND = 0.5;
  private static final int LEAST_AROUND = 20;

  private final Inspection seen;

  Reach(Inspection seen) {
    this.seen = seen;
  }

  /** The place as it was seen, with what lies between it and the side that it goes to. */
  Change asSeen(Spot spot, Mode goes) {
    Rect box = spot.box().grow(2 * STRIP).intersect(grid());
    int w = box.width();
    int h = box.height();
    boolean[] set = new boolean[w * h];
    moved(spot, box).addTo(set, w);
    boolean[] goal = new boolean[w * h];
    for (int k = 0; k < goal.length; k++) {
      goal[k] = seen.kept()[index(box, k)] == (goes == Mode.RESTORE);
    }
    boolean[] wide = Morphology.dilate(set, w, h, STRIP);
    boolean[] near = Morphology.dilate(goal, w, h, STRIP);
    boolean[] out = new boolean[w * h];
    for (int k = 0; k < out.length; k++) {
      boolean faint = goes == Mode.ERASE && seen.cover()[index(box, k)] > FAINTEST;
      out[k] = set[k] || wide[k] && near[k] && (!goal[k] || faint);
    }
    fill(out, goal, w, h, spot.area());
    return new Change(goes, new Spot(box, out), false);
  }

  /**
   * What was seen is often the rim of more: what it closes in, together with the side that it goes
   * to, belongs to it.
   *
   * @param most grid pixels of one such place
   */
  private static void fill(boolean[] set, boolean[] goal, int w, int h, int most) {
    boolean[] rest = new boolean[set.length];
    for (int k = 0; k < rest.length; k++) {
      rest[k] = !set[k] && !goal[k];
    }
    Components parts = Components.of(rest, w, h, false);
    for (int k = 0; k < set.length; k++) {
      if (rest[k]) {
        Components.Region region = parts.regions().get(parts.labels()[k] - 1);
        set[k] = region.area() <= most && !region.box().touches(w, h);
      }
    }
  }

  /** As far as a hint in the place would reach, in the way that it goes only. */
  Change asItHangs(Spot spot, Mode goes) {
    return asItHangs(
        spot,
        goes,
        (int) Math.max(LEAST_AROUND, AROUND * Math.max(spot.box().width(), spot.box().height())));
  }

  /**
   * @param around grid pixels around the place that are looked at
   */
  Change asItHangs(Spot spot, Mode goes, int around) {
    Rect box = spot.box().grow(around).intersect(grid());
    int w = box.width();
    int h = box.height();
    boolean[] marked = new boolean[w * h];
    moved(spot, box).addTo(marked, w);
    ColorPlanes lab = new ColorPlanes(w, h);
    boolean[] before = new boolean[w * h];
    float[] evidence = new float[w * h];
    for (int k = 0; k < before.length; k++) {
      int i = index(box, k);
      lab.c0()[k] = seen.lab().c0()[i];
      lab.c1()[k] = seen.lab().c1()[i];
      lab.c2()[k] = seen.lab().c2()[i];
      before[k] = seen.kept()[i];
      evidence[k] = seen.evidence()[i];
    }
    boolean[] none = new boolean[w * h];
    HintMarks marks =
        goes == Mode.RESTORE
            ? new HintMarks(marked, none, none, true)
            : new HintMarks(none, marked, none, true);
    boolean[] after =
        HintedCut.apply(lab, new SubjectRegion(w, h, before, none, evidence), marks).subject();
    boolean[] out = new boolean[w * h];
    for (int k = 0; k < out.length; k++) {
      out[k] = marked[k] || before[k] != after[k] && after[k] == (goes == Mode.RESTORE);
    }
    return new Change(goes, new Spot(box, out), true);
  }

  private Rect grid() {
    return new Rect(0, 0, seen.width(), seen.height());
  }

  private int index(Rect box, int k) {
    return (box.y() + k / box.width()) * seen.width() + box.x() + k % box.width();
  }

  private static Spot moved(Spot spot, Rect into) {
    return new Spot(spot.box().moved(-into.x(), -into.y()), spot.mask());
  }
}
