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

  /** Of a larger window fewer pixels are looked at: the outline is solved again anyway. */
  private static final int MOST_CELLS = 30_000;

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
      goal[k] = seen.kept()[seen.at(box, k)] == (goes == Mode.RESTORE);
    }
    boolean[] wide = Morphology.dilate(set, w, h, STRIP);
    boolean[] near = Morphology.dilate(goal, w, h, STRIP);
    boolean[] out = new boolean[w * h];
    for (int k = 0; k < out.length; k++) {
      boolean faint = goes == Mode.ERASE && seen.cover()[seen.at(box, k)] > FAINTEST;
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
    return asItHangs(spot, goes, HintMarks.NONE);
  }

  /**
   * @param said what somebody has said on the grid
   */
  Change asItHangs(Spot spot, Mode goes, HintMarks said) {
    return asItHangs(
        spot,
        goes,
        (int) Math.max(LEAST_AROUND, AROUND * Math.max(spot.box().width(), spot.box().height())),
        said);
  }

  /**
   * @param around grid pixels around the place that are looked at
   * @param said what somebody has said on the grid
   */
  Change asItHangs(Spot spot, Mode goes, int around, HintMarks said) {
    Rect box = spot.box().grow(around).intersect(grid());
    int step = (int) Math.ceil(Math.sqrt(box.width() * box.height() / (double) MOST_CELLS));
    Coarse coarse = new Coarse(box, step);
    boolean[] marked = coarse.marks(spot);
    boolean restores = goes == Mode.RESTORE;
    boolean[] other = coarse.marks(restores ? said.backdrop() : said.subject());
    boolean[] none = new boolean[marked.length];
    HintMarks marks =
        restores
            ? new HintMarks(marked, other, none, true)
            : new HintMarks(other, marked, none, true);
    SubjectRegion before = coarse.region();
    boolean[] after = HintedCut.apply(coarse.lab(), before, marks).subject();
    boolean[] changed = new boolean[after.length];
    for (int k = 0; k < changed.length; k++) {
      changed[k] = before.subject()[k] != after[k] && after[k] == restores;
    }
    return new Change(goes, new Spot(box, coarse.spread(changed, spot)), true);
  }

  /** A window on the inspection, of which every so many pixels are looked at. */
  private final class Coarse {
    private final Rect box;
    private final int step;
    private final int width;
    private final int height;

    Coarse(Rect box, int step) {
      this.box = box;
      this.step = step;
      this.width = (box.width() + step - 1) / step;
      this.height = (box.height() + step - 1) / step;
    }

    private int at(int k) {
      return (box.y() + k / width * step) * seen.width() + box.x() + k % width * step;
    }

    ColorPlanes lab() {
      ColorPlanes lab = new ColorPlanes(width, height);
      for (int k = 0; k < lab.c0().length; k++) {
        lab.c0()[k] = seen.lab().c0()[at(k)];
        lab.c1()[k] = seen.lab().c1()[at(k)];
        lab.c2()[k] = seen.lab().c2()[at(k)];
      }
      return lab;
    }

    SubjectRegion region() {
      boolean[] kept = new boolean[width * height];
      float[] evidence = new float[kept.length];
      for (int k = 0; k < kept.length; k++) {
        kept[k] = seen.kept()[at(k)];
        evidence[k] = seen.evidence()[at(k)];
      }
      return new SubjectRegion(width, height, kept, new boolean[kept.length], evidence);
    }

    /** A cell is marked where any of its pixels is. */
    boolean[] marks(Spot spot) {
      boolean[] out = new boolean[width * height];
      Spot here = moved(spot, box);
      for (int k = 0; k < here.mask().length; k++) {
        if (here.mask()[k]) {
          int x = here.box().x() + k % here.box().width();
          int y = here.box().y() + k / here.box().width();
          out[y / step * width + x / step] = true;
        }
      }
      return out;
    }

    /** Likewise for marks on the whole grid. */
    boolean[] marks(boolean[] said) {
      boolean[] out = new boolean[width * height];
      for (int y = 0; said.length > 0 && y < box.height(); y++) {
        for (int x = 0; x < box.width(); x++) {
          out[y / step * width + x / step] |= said[(box.y() + y) * seen.width() + box.x() + x];
        }
      }
      return out;
    }

    /** Cells as pixels of the window, with the place itself. */
    boolean[] spread(boolean[] cells, Spot spot) {
      boolean[] out = new boolean[box.width() * box.height()];
      for (int k = 0; k < out.length; k++) {
        out[k] = cells[k / box.width() / step * width + k % box.width() / step];
      }
      moved(spot, box).addTo(out, box.width());
      return out;
    }
  }

  private Rect grid() {
    return new Rect(0, 0, seen.width(), seen.height());
  }

  private static Spot moved(Spot spot, Rect into) {
    return new Spot(spot.box().moved(-into.x(), -into.y()), spot.mask());
  }
}
