package org.ablebatch.core.cut;

import java.util.Locale;
import java.util.Optional;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Subjects;

/**
 * One frame, the whole picture or a part of it: what is seen and found there; {@link #finish} makes
 * the cutout of it.
 *
 * @param found before anybody chose among the subjects
 */
record FrameCut(
    CutRequest request,
    Scene scene,
    Search search,
    HintMarks marks,
    Found found,
    Subjects subjects) {
  /** Below this share of the frame a found subject is noise. */
  private static final double LEAST_SUBJECT = 0.0006;

  /**
   * @param request its boxes are ignored
   * @param inside the only part in which anything is kept, in pixels of the frame
   * @throws CutStopped when the clock's listener says so
   */
  static CutOutcome cut(CutRequest request, Rect inside, Priors priors, StageClock clock) {
    return look(request, inside, priors, clock).finish(clock);
  }

  /**
   * @throws CutStopped when the clock's listener says so
   */
  static FrameCut look(CutRequest request, Rect inside, Priors priors, StageClock clock) {
    clock.enter(CutStage.READ);
    Scene scene = read(request, priors, clock);
    clock.enter(CutStage.FIND);
    Search search = new Search(scene, priors, clock::beat);
    return of(request, scene, search, search.by(request.method()), inside);
  }

  /**
   * A frame in which the way is known.
   *
   * @throws CutStopped when the clock's listener says so
   */
  static FrameCut look(
      CutRequest request, MethodChooser.Choice way, Priors priors, StageClock clock) {
    Scene scene = read(request, priors, clock);
    Search search = new Search(scene, priors, clock::beat);
    return of(request, scene, search, search.along(way), request.picture().bounds());
  }

  private static FrameCut of(
      CutRequest request, Scene scene, Search search, Found first, Rect inside) {
    Rect bounds = request.picture().bounds();
    HintMarks marks = HintMarks.of(request.hints(), scene.width(), scene.height(), bounds);
    Found found = first.hinted(scene, marks).inside(inside, bounds);
    return new FrameCut(request, scene, search, marks, found, Subjects.in(found.region(), bounds));
  }

  private static Scene read(CutRequest request, Priors priors, StageClock clock) {
    return Scene.read(
        request.picture(), Scene.READING_PIXELS, priors, request.emptySet(), clock::beat);
  }

  /**
   * @throws CutStopped when the clock's listener says so
   */
  CutOutcome finish(StageClock clock) {
    Subjects chosen = subjects.choose(request.choice());
    Found kept = found.keeping(chosen);
    Method method = kept.choice().method();
    if (kept.region().area() < Math.max(1, LEAST_SUBJECT * scene.width() * scene.height())) {
      return nothing(scene, method, chosen);
    }
    clock.enter(CutStage.MATTE);
    BandMatting.Result matte =
        kept.matte(request.picture(), scene, marks, search.strands(), clock::beat);

    clock.enter(CutStage.JUDGE);
    Confidence confidence = search.confidence(kept, matte);
    return new CutOutcome.Done(
        new Cutout(matte.matte(), matte.colours()),
        method,
        reason(kept.choice().reason()),
        confidence,
        chosen,
        search.tried(),
        request.isDecidedByEngine() ? search.opinions() : Optional.empty(),
        clock.stop());
  }

  private String reason(String reason) {
    boolean refused = request.emptySet().isPresent() && scene.emptySet().isEmpty();
    return reason
        + (marks.any() ? ", and hints by hand" : "")
        + (refused ? "; the empty-set photograph shows another set and was not used" : "");
  }

  private static CutOutcome.NothingFound nothing(Scene scene, Method method, Subjects subjects) {
    if (!subjects.list().isEmpty() && subjects.keptCount() == 0) {
      return new CutOutcome.NothingFound(
          method, FailureKind.NEEDS_A_HAND, "Nothing is left: every subject is switched off");
    }
    if (isOneColour(scene.lab())) {
      return new CutOutcome.NothingFound(
          method, FailureKind.EMPTY_PICTURE, "No subject found: the picture is one even colour");
    }
    return new CutOutcome.NothingFound(
        method,
        method == Method.BUSY ? FailureKind.NEEDS_A_HAND : FailureKind.NO_SUBJECT,
        String.format(
            Locale.ROOT,
            "No subject found: nothing stands out from the backdrop (method %s)",
            method.label()));
  }

  private static boolean isOneColour(ColorPlanes lab) {
    float spread = 0;
    for (int c = 0; c < 3; c++) {
      float low = Float.MAX_VALUE;
      float high = -Float.MAX_VALUE;
      for (float v : lab.channel(c)) {
        low = Math.min(low, v);
        high = Math.max(high, v);
      }
      spread = Math.max(spread, high - low);
    }
    return spread < 0.03;
  }
}
