package org.ablebatch.core.finding;

import java.util.List;
import java.util.Locale;
import org.ablebatch.core.check.Sharpness;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** The photograph is blurred where the subject is, whatever the backdrop is like. */
final class BlurDetector {
  private static final int KEPT_FROM = 128;

  private BlurDetector() {}

  /**
   * @param small the photograph as a screen shows it
   */
  static List<Suspicion> find(Picture small, Matte matte) {
    Rect content = matte.contentBox(KEPT_FROM);
    if (content == null) {
      return List.of();
    }
    boolean[] subject = new boolean[small.argb().length];
    for (int y = 0; y < small.height(); y++) {
      int row = (int) ((long) y * matte.height() / small.height()) * matte.width();
      for (int x = 0; x < small.width(); x++) {
        int at = row + (int) ((long) x * matte.width() / small.width());
        subject[y * small.width() + x] = (matte.coverage()[at] & 0xFF) >= KEPT_FROM;
      }
    }
    double sharp = Sharpness.of(small, subject);
    if (sharp >= Sharpness.BLURRED_BELOW) {
      return List.of();
    }
    return List.of(
        Suspicion.of(
            new Finding(
                FindingKind.BLURRED,
                content,
                sharp,
                0.3 + 0.6 * Severity.ramp(Sharpness.BLURRED_BELOW - sharp, 0, 0.25),
                String.format(
                    Locale.ROOT,
                    "the photograph is out of focus where the subject is (sharpness %.2f)",
                    sharp))));
  }
}
