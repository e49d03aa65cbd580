package org.ablebatch.core.cut;

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
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.Subjects;
import org.ablebatch.core.work.Pulse;

/**
 * The engine's front door. Reads the scene at {@value Scene#READING_PIXELS} pixels, finds the
 * subject there, and solves coverage and colours at full size. Stateless and deterministic: the
 * same request gives the same bytes, from any thread.
 */
public final class Cutter {
  /**
   * Grows with every change that gives other bytes for the same request, so that cutouts kept from
   * before are not taken for new ones.
   */
  public static final int REVISION = 7;

  private final Priors priors;

  /**
   * @param priors learned suggestions; the engine works without them, less well
   */
  public Cutter(Priors priors) {
    this.priors = priors;
  }

  /** As {@link #cut(CutRequest, CutProgress)}, with nothing said but the method. */
  public CutOutcome cut(Picture picture, Method asked, CutProgress progress) {
    return cut(CutRequest.of(picture, asked), progress);
  }

  /**
   * @throws CutStopped when {@code progress} says so
   */
  public CutOutcome cut(CutRequest request, CutProgress progress) {
    if (request.method() == Method.AUTO
        && !request.isGuided()
        && request.picture().hasTransparency()) {
      return keepTransparency(request.picture());
    }
    StageClock clock = new StageClock(progress);
    return request.boxes().isEmpty()
        ? CloserCut.cut(request, priors, clock)
        : BoxedCut.cut(request, priors, clock);
  }

  /**
   * What an automatic cut thinks of a picture before it decides; nothing is cut.
   *
   * @return empty where the picture itself leaves no choice, or nothing weighs the evidence
   */
  public Optional<Opinions> opinions(Picture picture, Pulse pulse) {
    Scene scene = Scene.read(picture, Scene.READING_PIXELS, priors, Optional.empty(), pulse);
    Search search = new Search(scene, priors, pulse);
    search.by(Method.AUTO);
    return search.opinions();
  }

  private static CutOutcome keepTransparency(Picture picture) {
    int n = picture.argb().length;
    byte[] coverage = new byte[n];
    int[] colours = new int[n];
    for (int i = 0; i < n; i++) {
      coverage[i] = (byte) (picture.argb()[i] >>> 24);
      colours[i] = picture.argb()[i] | 0xFF000000;
    }
    Matte matte = new Matte(picture.width(), picture.height(), coverage);
    Rect content = matte.contentBox(1);
    if (content == null) {
      return new CutOutcome.NothingFound(
          Method.TRANSPARENT,
          FailureKind.EMPTY_PICTURE,
          "No subject found: the picture is wholly transparent");
    }
    Subjects one =
        new Subjects(1, 1, new int[] {1}, List.of(new Subject(1, content, matte.mean(), true)));
    return new CutOutcome.Done(
        new Cutout(matte, new Picture(picture.width(), picture.height(), colours)),
        Method.TRANSPARENT,
        "the file has its own transparency, which was kept",
        Confidence.given(95),
        one,
        List.of(),
        Optional.empty(),
        Map.of());
  }
}
