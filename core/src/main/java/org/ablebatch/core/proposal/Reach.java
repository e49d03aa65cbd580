package org.ablebatch.core.proposal;

import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.ColorPlanes;
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

  /** The place as it was seen, up to the outline. */
  Change asSeen(Spot spot, Mode goes) {
    Rect box = spot.box().grow(STRIP).intersect(grid());
    boolean[] set = new boolean[box.width() * box.height()];
    moved(spot, box).addTo(set, box.width());
    boolean[] wide = Morphology.dilate(set, box.width(), box.height(), STRIP);
    boolean[] out = new boolean[set.length];
    for (int k = 0; k < out.length; k++) {
      int i = index(box, k);
      boolean other = goes == Mode.RESTORE ? !seen.kept()[i] : seen.cover()[i] > FAINTEST;
      out[k] = wide[k] && other || set[k];
    }
    return new Change(goes, new Spot(box, out), false);
  }

  /** As far as a hint in the place would reach, in the way that it goes only. */
  Change asItHangs(Spot spot, Mode goes) {
    int around =
        (int) Math.max(LEAST_AROUND, AROUND * Math.max(spot.box().width(), spot.box().height()));
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
