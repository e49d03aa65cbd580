package org.ablebatch.core.proposal;

import java.util.HashMap;
import java.util.Map;
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
  private final Rect kept;
  private final Rect all;
  private final Rect around;

  /** There are two: all of it, and the part around the cutout. */
  private final Map<Rect, PointedPrior.View> looks = new HashMap<>();

  /**
   * @param linear the photograph on the inspection's grid, linear light
   */
  Answer(ColorPlanes linear, Inspection seen, PointedPrior prior) {
    this.linear = linear;
    this.seen = seen;
    this.prior = prior;
    this.kept = box(i -> seen.kept()[i]);
    this.all = new Rect(0, 0, seen.width(), seen.height());
    int air = (int) Math.round(AROUND * Math.max(kept.width(), kept.height()));
    this.around = kept.isEmpty() ? all : kept.grow(air).intersect(all);
  }

  /**
   * @return probability of subject 0..1 on the inspection's grid; 0 where it was not looked
   */
  Plane to(HintMarks marks) {
    Rect part = part(i -> marks.subject()[i] || marks.backdrop()[i]);
    Plane answer = look(part).answer(plane(part, marks.subject()), plane(part, marks.backdrop()));
    Plane out = new Plane(seen.width(), seen.height());
    for (int y = 0; y < part.height(); y++) {
      int to = (part.y() + y) * seen.width() + part.x();
      System.arraycopy(answer.values(), y * part.width(), out.values(), to, part.width());
    }
    return out;
  }

  /** Looks wherever marks can be. */
  void getReady() {
    look(all);
    look(around);
  }

  private synchronized PointedPrior.View look(Rect part) {
    return looks.computeIfAbsent(
        part, where -> prior.look(linear.crop(where), plane(where, seen.kept())));
  }

  /** The cutout and some surroundings; the whole picture where a mark lies outside of that. */
  private Rect part(IntPredicate isMarked) {
    Rect marked = box(isMarked);
    return marked.isEmpty() || kept.span(marked).equals(kept) ? around : all;
  }

  private Rect box(IntPredicate set) {
    return Rect.around(set, seen.width(), seen.size());
  }

  private Plane plane(Rect part, boolean[] set) {
    Plane out = new Plane(part.width(), part.height());
    for (int y = 0; y < part.height(); y++) {
      int from = (part.y() + y) * seen.width() + part.x();
      int to = y * part.width();
      for (int x = 0; x < part.width(); x++) {
        out.values()[to + x] = set[from + x] ? 1 : 0;
      }
    }
    return out;
  }
}
