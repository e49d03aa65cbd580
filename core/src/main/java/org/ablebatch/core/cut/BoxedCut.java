package org.ablebatch.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.SubjectChoice;

/**
 * Cuts what boxes enclose, each in a frame of its own with some surroundings, so that the scene is
 * read and the priors look there and nowhere else. Nothing outside the boxes is kept.
 */
final class BoxedCut {
  private static final double SURROUNDINGS = 0.14;
  private static final int LEAST_SURROUNDINGS_PX = 6;

  private static final double SLIP = 0.015;

  private final CutRequest request;
  private final Assembly assembly;
  private final List<CutOutcome.Done> done = new ArrayList<>();

  private BoxedCut(CutRequest request) {
    this.request = request;
    this.assembly = new Assembly(request.picture());
  }

  /**
   * @throws CutStopped when the clock's listener says so
   */
  static CutOutcome cut(CutRequest request, Priors priors, StageClock clock) {
    BoxedCut all = new BoxedCut(request);
    CutOutcome.NothingFound nothing = null;
    for (Rect box : request.boxes()) {
      Rect frame = frame(box, request.picture().bounds());
      CutRequest inside = request.inFrame(frame).withChoice(all.numberedFromHere(request.choice()));
      Rect part = part(box, frame);
      CutOutcome outcome = FrameCut.cut(inside, part.moved(-frame.x(), -frame.y()), priors, clock);
      if (outcome instanceof CutOutcome.Done found) {
        all.assembly.add(found, frame, part);
        all.done.add(found);
      } else {
        nothing = (CutOutcome.NothingFound) outcome;
      }
    }
    return all.done.isEmpty()
        ? new CutOutcome.NothingFound(
            nothing.method(),
            FailureKind.NEEDS_A_HAND,
            "No subject found in the box: nothing stands out there")
        : all.result(clock);
  }

  private static Rect frame(Rect box, Rect bounds) {
    int longer = Math.max(box.width(), box.height());
    int margin = (int) Math.max(LEAST_SURROUNDINGS_PX, Math.round(SURROUNDINGS * longer));
    return box.grow(margin).intersect(bounds);
  }

  /** The box, a little larger: a hand draws it a little too small. */
  private static Rect part(Rect box, Rect frame) {
    int slip = (int) Math.round(SLIP * Math.max(box.width(), box.height()));
    return box.grow(slip).intersect(frame);
  }

  /** Subjects are numbered box by box; inside the next box they begin at 1 again. */
  private SubjectChoice numberedFromHere(SubjectChoice choice) {
    return choice.from(assembly.subjectCount());
  }

  private CutOutcome result(StageClock clock) {
    CutOutcome.Done first = done.get(0);
    Confidence least =
        done.stream()
            .map(CutOutcome.Done::confidence)
            .reduce((a, b) -> a.percent() <= b.percent() ? a : b)
            .orElseThrow();
    Map<String, Long> millis = clock.stop();
    return new CutOutcome.Done(
        assembly.cutout(),
        first.method(),
        first.reason()
            + (request.boxes().size() == 1 ? ", in the box drawn" : ", in the boxes drawn"),
        least,
        assembly.subjects(),
        first.tried(),
        Optional.empty(),
        millis);
  }
}
