package org.ablebatch.core.proposal;

import java.util.LinkedHashMap;
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

  /** Side of the square around a small place, as a share of the longer side of what was seen. */
  private static final double NEARER = 0.5;

  /** So much of the square a place may fill; what is larger is better seen as a whole. */
  private static final double FITS = 0.6;

  /** Share of the square's side over which the nearer look gives way to the first. */
  private static final float RIM = 0.2f;

  /** Steps of a square's side by which it moves. */
  private static final int STEPS = 8;

  private static final int MOST_LOOKS = 4;

  private final Inspection seen;
  private final PointedPrior prior;
  private final ColorPlanes linear;
  private final Rect kept;
  private final Rect all;
  private final Rect around;

  /** All of it, the part around the cutout, and the last of the squares around places. */
  private final Map<Rect, PointedPrior.View> looks =
      new LinkedHashMap<>(MOST_LOOKS, 1, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Rect, PointedPrior.View> eldest) {
          return size() > MOST_LOOKS;
        }
      };

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
    Rect part = part(marks);
    Plane answer = answered(part, marks);
    Plane out = new Plane(seen.width(), seen.height());
    for (int y = 0; y < part.height(); y++) {
      int to = (part.y() + y) * seen.width() + part.x();
      System.arraycopy(answer.values(), y * part.width(), out.values(), to, part.width());
    }
    return out;
  }

  /**
   * Looks once more, from nearer, at a place that is small beside what was looked at: its outline
   * and the gaps in it are finer than the first look's cells.
   *
   * @param place box of what is about to change, and of the mark
   * @param answer as {@link #to} gives it; unchanged
   * @return the same where it is not small
   */
  Plane closer(HintMarks marks, Rect place, Plane answer) {
    Rect part = part(marks);
    int side = (int) Math.round(NEARER * Math.max(part.width(), part.height()));
    if (Math.max(place.width(), place.height()) > FITS * side) {
      return answer;
    }
    Rect near = around(place, side);
    Plane nearer = answered(near, marks);
    Plane out = new Plane(seen.width(), seen.height());
    System.arraycopy(answer.values(), 0, out.values(), 0, seen.size());
    for (int y = 0; y < near.height(); y++) {
      for (int x = 0; x < near.width(); x++) {
        int i = (near.y() + y) * seen.width() + near.x() + x;
        float share = share(near, x, y, side);
        out.values()[i] += share * (nearer.values()[y * near.width() + x] - out.values()[i]);
      }
    }
    return out;
  }

  /**
   * A square around the middle of a place, moved into the picture. Places that are near each other
   * have the same one, so that it need not be looked at anew with every step of a stroke.
   */
  private Rect around(Rect place, int side) {
    int width = Math.min(side, seen.width());
    int height = Math.min(side, seen.height());
    return new Rect(
        placed(place.x() + place.width() / 2, width, seen.width()),
        placed(place.y() + place.height() / 2, height, seen.height()),
        width,
        height);
  }

  private static int placed(int middle, int length, int within) {
    int step = Math.max(1, length / STEPS);
    int from = Math.round((middle - length / 2f) / step) * step;
    return Math.max(0, Math.min(from, within - length));
  }

  /** What the nearer look counts: all inside, less toward sides that are not the picture's own. */
  private float share(Rect near, int x, int y, int side) {
    float rim = RIM * side;
    float left = near.x() == 0 ? 1 : (x + 1) / rim;
    float right = near.right() == seen.width() ? 1 : (near.width() - x) / rim;
    float top = near.y() == 0 ? 1 : (y + 1) / rim;
    float bottom = near.bottom() == seen.height() ? 1 : (near.height() - y) / rim;
    return Math.min(1, Math.min(Math.min(left, right), Math.min(top, bottom)));
  }

  private Plane answered(Rect part, HintMarks marks) {
    return look(part).answer(plane(part, marks.subject()), plane(part, marks.backdrop()));
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
  private Rect part(HintMarks marks) {
    Rect marked = box(i -> marks.subject()[i] || marks.backdrop()[i]);
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
