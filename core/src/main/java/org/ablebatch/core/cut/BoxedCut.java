package org.ablebatch.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.SubjectChoice;
import org.ablebatch.core.subject.Subjects;

/**
 * Cuts what boxes enclose, each in a frame of its own with some surroundings, so that the scene is
 * read and the priors look there and nowhere else. Nothing outside the boxes is kept.
 */
final class BoxedCut {
  private static final double SURROUNDINGS = 0.14;
  private static final int LEAST_SURROUNDINGS_PX = 6;

  private static final double SLIP = 0.015;

  private final CutRequest request;
  private final Picture picture;
  private final byte[] coverage;
  private final int[] colours;
  private final int[] labels;
  private final Rect grid;
  private final List<Subject> subjects = new ArrayList<>();
  private final List<CutOutcome.Done> done = new ArrayList<>();

  private BoxedCut(CutRequest request) {
    this.request = request;
    this.picture = request.picture();
    this.coverage = new byte[picture.argb().length];
    this.colours = picture.argb().clone();
    this.grid = AreaShrink.readingGrid(picture.width(), picture.height(), Scene.READING_PIXELS);
    this.labels = new int[grid.width() * grid.height()];
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
        all.add(found, frame, part);
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
    return choice.from(subjects.size());
  }

  private void add(CutOutcome.Done found, Rect frame, Rect part) {
    Matte matte = found.cutout().matte();
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        int there = matte.at(x - frame.x(), y - frame.y());
        int i = y * picture.width() + x;
        if (there > (coverage[i] & 0xFF)) {
          coverage[i] = (byte) there;
          colours[i] = found.cutout().colours().at(x - frame.x(), y - frame.y());
        }
      }
    }
    addSubjects(found.subjects(), frame);
    done.add(found);
  }

  private void addSubjects(Subjects inside, Rect frame) {
    int offset = subjects.size();
    for (int y = 0; y < grid.height(); y++) {
      for (int x = 0; x < grid.width(); x++) {
        int px = (int) ((x + 0.5) * picture.width() / grid.width()) - frame.x();
        int py = (int) ((y + 0.5) * picture.height() / grid.height()) - frame.y();
        if (px >= 0 && py >= 0 && px < frame.width() && py < frame.height()) {
          int sx = (int) ((long) px * inside.width() / frame.width());
          int sy = (int) ((long) py * inside.height() / frame.height());
          int label = inside.labels()[sy * inside.width() + sx];
          if (label > 0) {
            labels[y * grid.width() + x] = offset + label;
          }
        }
      }
    }
    double share = frame.width() * (double) frame.height() / picture.argb().length;
    for (Subject subject : inside.list()) {
      subjects.add(
          new Subject(
              offset + subject.number(),
              subject.box().moved(frame.x(), frame.y()),
              subject.share() * share,
              subject.kept()));
    }
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
        new Cutout(
            new Matte(picture.width(), picture.height(), coverage),
            new Picture(picture.width(), picture.height(), colours)),
        first.method(),
        first.reason()
            + (request.boxes().size() == 1 ? ", in the box drawn" : ", in the boxes drawn"),
        least,
        new Subjects(grid.width(), grid.height(), labels, subjects),
        first.tried(),
        Optional.empty(),
        millis);
  }
}
