package org.ablebatch.core.cut;

import java.util.Locale;
import java.util.Map;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * The engine's front door. Reads the scene at {@value #READING_PIXELS} pixels, finds the subject
 * there, and solves coverage and colours at full size. Stateless and deterministic: the same
 * picture and method give the same bytes, from any thread.
 */
public final class Cutter {
  static final int READING_PIXELS = 400_000;

  /** Below this share of the picture a found subject is noise. */
  private static final double LEAST_SUBJECT = 0.0006;

  private final Priors priors;

  /**
   * @param priors learned suggestions; the engine works without them, less well
   */
  public Cutter(Priors priors) {
    this.priors = priors;
  }

  /**
   * @param picture full size, upright; unchanged
   * @param asked any choosable method
   * @throws CutStopped when {@code progress} says so
   */
  public CutOutcome cut(Picture picture, Method asked, CutProgress progress) {
    if (!asked.isChoosable()) {
      throw new IllegalArgumentException(asked + " can’t be asked for");
    }
    if (asked == Method.AUTO && picture.hasTransparency()) {
      return keepTransparency(picture);
    }
    StageClock clock = new StageClock(progress);
    clock.enter(CutStage.READ);
    Scene scene = Scene.read(picture, READING_PIXELS, priors);
    MethodChooser.Choice choice = MethodChooser.choose(asked, scene);

    clock.enter(CutStage.FIND);
    Found found = Found.in(scene, choice);
    if (asked == Method.AUTO && found.missesTheGuess(scene)) {
      found = Found.in(scene, MethodChooser.closeColours());
    }
    Method method = found.choice().method();
    if (isNothing(found.region())) {
      return new CutOutcome.NothingFound(method, nothingBecause(scene.lab(), method));
    }
    clock.enter(CutStage.MATTE);
    BandMatting.Result matte = found.matte(picture, scene);

    clock.enter(CutStage.JUDGE);
    Confidence confidence = found.confidence(scene, matte);
    return new CutOutcome.Done(
        new Cutout(matte.matte(), matte.colours()),
        method,
        found.choice().reason(),
        confidence,
        found.region().parts().regions().size(),
        clock.stop());
  }

  private static boolean isNothing(SubjectRegion region) {
    int area = region.parts().regions().stream().mapToInt(part -> part.area()).sum();
    return area < LEAST_SUBJECT * region.subject().length || area < 1;
  }

  private static String nothingBecause(ColorPlanes lab, Method method) {
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
    return spread < 0.03
        ? "No subject found: the picture is one even colour"
        : String.format(
            Locale.ROOT,
            "No subject found: nothing stands out from the backdrop (method %s)",
            method.label());
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
    if (matte.contentBox(1) == null) {
      return new CutOutcome.NothingFound(
          Method.TRANSPARENT, "No subject found: the picture is wholly transparent");
    }
    return new CutOutcome.Done(
        new Cutout(matte, new Picture(picture.width(), picture.height(), colours)),
        Method.TRANSPARENT,
        "the file has its own transparency, which was kept",
        Confidence.given(95),
        1,
        Map.of());
  }
}
