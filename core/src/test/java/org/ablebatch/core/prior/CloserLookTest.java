package org.ablebatch.core.prior;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

class CloserLookTest {
  private static final int W = 200;
  private static final int H = 150;

  private final List<ColorPlanes> shown = new ArrayList<>();

  /** Says that what it is shown is subject where it is bright. */
  private final SubjectPrior prior =
      planes -> {
        shown.add(planes);
        return new Plane(planes.width(), planes.height(), planes.c0().clone());
      };

  @Test
  void aSmallSubjectIsShownLargeAndItsGuessReplaced() {
    ColorPlanes picture = new ColorPlanes(W, H);
    fill(picture.c0(), 100, 60, 40, 30, 0.9f);
    Plane first = new Plane(W, H);
    fill(first.values(), 95, 55, 50, 40, 0.7f);
    first.values()[0] = 0.3f;

    Plane closer = CloserLook.at(picture, first, prior).orElseThrow();

    assertThat(shown).hasSize(1);
    assertThat(shown.get(0).width()).as("the box and surroundings").isBetween(60, 90);
    assertThat(closer.at(110, 70)).isEqualTo(0.9f);
    assertThat(closer.at(97, 57)).as("seen before, not any more").isZero();
    assertThat(closer.at(0, 0)).as("elsewhere as it was").isEqualTo(0.3f);
  }

  @Test
  void crumbsFarAwayDoNotWidenTheView() {
    Plane first = new Plane(W, H);
    fill(first.values(), 95, 55, 50, 40, 0.7f);
    fill(first.values(), 2, 2, 3, 2, 0.7f);

    CloserLook.at(new ColorPlanes(W, H), first, prior);

    assertThat(shown.get(0).width()).isLessThan(90);
  }

  @Test
  void thereIsNothingToLookCloserAt() {
    Plane large = new Plane(W, H);
    fill(large.values(), 10, 10, 180, 130, 0.8f);
    Plane speck = new Plane(W, H);
    fill(speck.values(), 10, 10, 5, 5, 0.8f);

    assertThat(CloserLook.at(new ColorPlanes(W, H), large, prior)).isEmpty();
    assertThat(CloserLook.at(new ColorPlanes(W, H), speck, prior)).isEmpty();
    assertThat(CloserLook.at(new ColorPlanes(W, H), new Plane(W, H), prior)).isEmpty();
    assertThat(shown).isEmpty();
  }

  private static void fill(float[] values, int x, int y, int width, int height, float value) {
    for (int row = y; row < y + height; row++) {
      java.util.Arrays.fill(values, row * W + x, row * W + x + width, value);
    }
  }
}
