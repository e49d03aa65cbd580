package org.ablebatch.core.cut;

import java.util.Optional;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * Cuts a whole picture. A subject that is small in it is read once more in a frame of its own, with
 * as many pixels as the whole was read with: what was a line of one pixel is then one of two, and
 * the priors see the thing and not the room. It is a closer look at what was found and no second
 * opinion: where it finds something else, the first look stands.
 */
final class CloserCut {
  /** So much finer the closer look has to be, in one direction, to show more. */
  private static final double LEAST_GAIN = 1.3;

  /** Around what was found, as a share of its longer side. */
  private static final double SURROUNDINGS = 0.2;

  /** How much of both regions has to be in both for them to be the same thing. */
  private static final double SAME = 0.8;

  private CloserCut() {}

  /**
   * @param request without boxes
   * @throws CutStopped when the clock's listener says so
   */
  static CutOutcome cut(CutRequest request, Priors priors, StageClock clock) {
    Picture picture = request.picture();
    FrameCut first = FrameCut.look(request, picture.bounds(), priors, clock);
    Optional<Rect> frame = frame(first);
    if (frame.isEmpty()) {
      return first.finish(clock);
    }
    CutRequest inside = request.inFrame(frame.get()).withChoice(request.choice());
    FrameCut closer = FrameCut.look(inside, first.found().choice(), priors, clock);
    boolean stands =
        isSame(first.found().region(), closer.found().region(), frame.get(), picture)
            && !runsOut(closer.found().region(), frame.get(), picture);
    return stands && closer.finish(clock) instanceof CutOutcome.Done done
        ? whole(done, first, frame.get(), clock)
        : first.finish(clock);
  }

  /** Around all that was found, kept or offered; empty where it would show no more. */
  private static Optional<Rect> frame(FrameCut first) {
    Rect bounds = first.request().picture().bounds();
    boolean isReadExactly =
        first.request().emptySet().isPresent() || first.found().choice().sheet().isPresent();
    if (isReadExactly) {
      return Optional.empty();
    }
    return first.subjects().list().stream()
        .map(Subject::box)
        .reduce(Rect::span)
        .map(all -> withSurroundings(all).intersect(bounds))
        .filter(frame -> scale(frame) >= LEAST_GAIN * scale(bounds));
  }

  private static Rect withSurroundings(Rect box) {
    return box.grow((int) Math.round(SURROUNDINGS * Math.max(box.width(), box.height())));
  }

  /** Reading pixels for each pixel of a frame, in one direction, 0..1. */
  private static double scale(Rect frame) {
    double pixels = (double) frame.width() * frame.height();
    return Math.min(1, Math.sqrt(Scene.READING_PIXELS / pixels));
  }

  /** Whether both looks found the same, on the first one's grid. */
  private static boolean isSame(
      SubjectRegion first, SubjectRegion closer, Rect frame, Picture picture) {
    FrameCells cells =
        new FrameCells(
            picture.bounds(),
            new Rect(0, 0, first.width(), first.height()),
            frame,
            new Rect(0, 0, closer.width(), closer.height()));
    int both = 0;
    int either = 0;
    for (int i = 0; i < first.subject().length; i++) {
      int cell = cells.at(i);
      boolean there = cell >= 0 && closer.subject()[cell];
      both += there && first.subject()[i] ? 1 : 0;
      either += there || first.subject()[i] ? 1 : 0;
    }
    return both >= SAME * either;
  }

  /** Whether something goes on beyond a side of the frame that is not the picture's. */
  private static boolean runsOut(SubjectRegion closer, Rect frame, Picture picture) {
    int w = closer.width();
    int h = closer.height();
    for (int i = 0; i < w * h; i++) {
      boolean isAtSide =
          i % w == 0 && frame.x() > 0
              || i % w == w - 1 && frame.right() < picture.width()
              || i / w == 0 && frame.y() > 0
              || i / w == h - 1 && frame.bottom() < picture.height();
      if (isAtSide && closer.subject()[i]) {
        return true;
      }
    }
    return false;
  }

  /** In the whole picture again; what else was thought of it is about the whole. */
  private static CutOutcome whole(
      CutOutcome.Done done, FrameCut first, Rect frame, StageClock clock) {
    Assembly assembly = new Assembly(first.request().picture());
    assembly.add(done, frame, frame);
    return new CutOutcome.Done(
        assembly.cutout(),
        done.method(),
        done.reason() + "; small, so looked at closer",
        done.confidence(),
        assembly.subjects(),
        first.search().tried(),
        first.request().isDecidedByEngine() ? first.search().opinions() : Optional.empty(),
        clock.stop());
  }
}
