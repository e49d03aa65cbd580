package org.ablebatch.core.subject;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

class WholePersonTest {
  private static final int W = 60;
  private static final int H = 50;

  private final boolean[] subject = new boolean[W * H];
  private final float[] evidence = new float[W * H];
  private final Plane person = new Plane(W, H);

  @Test
  void aBadgeIsNoHoleAndTheGapUnderAnArmIs() {
    fill(10, 5, 50, 50, 1);
    hole(20, 20, 28, 28, 0.6f);
    hole(34, 20, 42, 28, -1);

    boolean[] whole = tidied().subject();

    assertThat(whole[24 * W + 24]).as("badge").isTrue();
    assertThat(whole[24 * W + 38]).as("what is behind").isFalse();
  }

  @Test
  void specksGoAndWhatIsHeldStays() {
    fill(10, 5, 40, 50, 1);
    fill(52, 2, 55, 5, 0);
    fill(44, 20, 56, 40, 0);

    SubjectRegion tidied = tidied();

    assertThat(tidied.subject()[3 * W + 53]).as("speck").isFalse();
    assertThat(tidied.dropped()[3 * W + 53]).isTrue();
    assertThat(tidied.subject()[30 * W + 50]).as("large").isTrue();
  }

  private SubjectRegion tidied() {
    return WholePerson.of(new SubjectRegion(W, H, subject, new boolean[W * H], evidence), person);
  }

  private void fill(int left, int top, int right, int bottom, float seen) {
    for (int y = top; y < bottom; y++) {
      Arrays.fill(subject, y * W + left, y * W + right, true);
      Arrays.fill(person.values(), y * W + left, y * W + right, seen);
    }
  }

  private void hole(int left, int top, int right, int bottom, float speaks) {
    for (int y = top; y < bottom; y++) {
      Arrays.fill(subject, y * W + left, y * W + right, false);
      Arrays.fill(evidence, y * W + left, y * W + right, speaks);
    }
  }
}
