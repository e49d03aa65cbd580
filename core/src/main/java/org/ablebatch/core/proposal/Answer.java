package org.ablebatch.core.proposal;

import java.util.function.IntPredicate;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;

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

  /**
   * @param linear the photograph on the inspection's grid, linear light
   */
  Answer(ColorPlanes linear, Inspection seen, PointedPrior prior) {
    this.linear = linear;
    this.seen = seen;
    this.prior = prior;
  }

  /**
   * @return probability of subject 0..1 on the inspection's grid; 0 where it was not looked
   */
  Plane to(HintMarks marks) {
    Rect part = part(marks);
    Plane answer =
        prior.answer(
            linear.crop(part),
            plane(part, i -> marks.subject()[i]),
            plane(part, i -> marks.backdrop()[i]),
            plane(part, i -> seen.kept()[i]));
    Plane out = new Plane(seen.width(), seen.height());
    for (int k = 0; k < answer.values().length; k++) {
      out.values()[seen.at(part, k)] = answer.values()[k];
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

  private Rect box(IntPredicate set) {
    return Rect.around(set, seen.width(), seen.size());
  }

  private Plane plane(Rect part, IntPredicate is) {
    Plane out = new Plane(part.width(), part.height());
    for (int k = 0; k < out.values().length; k++) {
      out.values()[k] = is.test(seen.at(part, k)) ? 1 : 0;
    }
    return out;
  }
}
