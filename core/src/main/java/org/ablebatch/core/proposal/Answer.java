package org.ablebatch.core.proposal;

import java.util.function.IntPredicate;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/**
 * What the {@link PointedPrior} thinks the subject is after somebody's marks, looking as closely as
 * the cutout and the marks allow.
 */
final class Answer {
  /** Surroundings to look at, as a share of the longer side of what matters. */
  private static final double AROUND = 0.25;

  private final Inspection seen;
  private final PointedPrior prior;
  private final ColorPlanes linear;

  Answer(Picture photograph, Inspection seen, PointedPrior prior) {
    this.seen = seen;
    this.prior = prior;
    this.linear = AreaShrink.toLinear(photograph, seen.width(), seen.height());
  }

  /**
   * @return probability of subject 0..1 on the inspection's grid; 0 where it was not looked
   */
  Plane to(HintMarks marks) {
    Rect part = part(marks);
    ColorPlanes here = new ColorPlanes(part.width(), part.height());
    for (int c = 0; c < 3; c++) {
      for (int k = 0; k < part.width() * part.height(); k++) {
        here.channel(c)[k] = linear.channel(c)[onGrid(part, k)];
      }
    }
    Plane answer =
        prior.answer(
            here,
            plane(part, i -> marks.subject()[i]),
            plane(part, i -> marks.backdrop()[i]),
            plane(part, i -> seen.kept()[i]));
    Plane out = new Plane(seen.width(), seen.height());
    for (int k = 0; k < answer.values().length; k++) {
      out.values()[onGrid(part, k)] = answer.values()[k];
    }
    return out;
  }

  /** The cutout and some surroundings; the whole picture where a mark lies outside of that. */
  private Rect part(HintMarks marks) {
    Rect all = new Rect(0, 0, seen.width(), seen.height());
    Rect kept = box(i -> seen.kept()[i]);
    Rect part =
        kept.grow((int) Math.round(AROUND * Math.max(kept.width(), kept.height()))).intersect(all);
    Rect marked = box(i -> marks.subject()[i] || marks.backdrop()[i]);
    return kept.isEmpty() || !kept.span(marked).equals(kept) ? all : part;
  }

  private Rect box(IntPredicate is) {
    Rect box = null;
    for (int i = 0; i < seen.size(); i++) {
      if (is.test(i)) {
        Rect one = new Rect(i % seen.width(), i / seen.width(), 1, 1);
        box = box == null ? one : box.span(one);
      }
    }
    return box == null ? new Rect(0, 0, 0, 0) : box;
  }

  private Plane plane(Rect part, IntPredicate is) {
    Plane out = new Plane(part.width(), part.height());
    for (int k = 0; k < out.values().length; k++) {
      out.values()[k] = is.test(onGrid(part, k)) ? 1 : 0;
    }
    return out;
  }

  private int onGrid(Rect part, int k) {
    return (part.y() + k / part.width()) * seen.width() + part.x() + k % part.width();
  }
}
