package org.ablebatch.core.dress;

import java.util.Arrays;
import java.util.Optional;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;

/** Whether a subject stands out from what it stands before, along its contour. */
final class RimCheck {
  /** Colours that differ less are hard to tell apart, OKLab. */
  private static final double LEAST_DIFFERENCE = 0.055;

  /** Cells to both sides of the contour that are compared. */
  private static final int APART = 4;

  private static final float INSIDE = 0.98f;
  private static final float OUTSIDE = 0.02f;
  private static final float HALF = 0.5f;
  private static final int FEWEST = 30;

  private RimCheck() {}

  /**
   * @param mask of the subject over the frame
   * @param whole the frame with everything but texts
   */
  static Optional<LookNote> find(SubjectMask mask, Picture whole, String backdropId) {
    Plane cover = mask.coverage();
    double[] differences = new double[cover.width() * 2 + cover.height() * 2];
    int found = 0;
    for (int y = APART; y < cover.height() - APART && found < differences.length; y += 2) {
      for (int x = APART; x < cover.width() - APART && found < differences.length; x++) {
        boolean before = cover.at(x - 1, y) >= HALF;
        boolean now = cover.at(x, y) >= HALF;
        float left = cover.at(x - APART, y);
        float right = cover.at(x + APART, y);
        boolean enters = !before && now && left <= OUTSIDE && right >= INSIDE;
        boolean leaves = before && !now && left >= INSIDE && right <= OUTSIDE;
        if (enters || leaves) {
          differences[found++] =
              difference(at(whole, cover, x - APART, y), at(whole, cover, x + APART, y));
        }
      }
    }
    if (found < FEWEST) {
      return Optional.empty();
    }
    double[] sorted = Arrays.copyOf(differences, found);
    Arrays.sort(sorted);
    return sorted[found / 2] >= LEAST_DIFFERENCE
        ? Optional.empty()
        : Optional.of(
            new LookNote(
                LookNote.Kind.SAME_COLOUR, backdropId, "Its rim has nearly the backdrop’s colour"));
  }

  private static int at(Picture picture, Plane grid, int x, int y) {
    return picture.at(
        Math.min(picture.width() - 1, x * picture.width() / grid.width()),
        Math.min(picture.height() - 1, y * picture.height() / grid.height()));
  }

  private static double difference(int one, int other) {
    float[] a = OkLab.ofDisplay(one);
    float[] b = OkLab.ofDisplay(other);
    return Math.sqrt(
        (a[0] - b[0]) * (a[0] - b[0])
            + (a[1] - b[1]) * (a[1] - b[1])
            + (a[2] - b[2]) * (a[2] - b[2]));
  }
}
