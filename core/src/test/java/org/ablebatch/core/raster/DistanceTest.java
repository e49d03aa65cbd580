package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class DistanceTest {
  private static final int SIDE = 41;
  private static final int MIDDLE = 20;
  private static final float RADIUS = 12;

  private final boolean[] disc = disc();

  @Test
  void isNearTheEuclideanOneInEveryDirection() {
    boolean[] point = new boolean[SIDE * SIDE];
    point[at(MIDDLE, MIDDLE)] = true;
    float[] distance = Distance.to(point, SIDE, SIDE);

    assertThat(distance[at(MIDDLE, MIDDLE)]).isZero();
    assertThat(distance[at(MIDDLE + 7, MIDDLE)]).isEqualTo(7);
    for (int i = 0; i < distance.length; i++) {
      float exact = (float) Math.hypot(i % SIDE - MIDDLE, i / SIDE - MIDDLE);
      assertThat(distance[i]).isCloseTo(exact, within(0.08f * exact + 1e-4f));
    }
  }

  @Test
  void whereNothingIsSetItIsVeryLarge() {
    for (float distance : Distance.to(new boolean[4], 2, 2)) {
      assertThat(distance).isGreaterThan(SIDE * SIDE);
    }
  }

  @Test
  void theOutlineRunsBetweenTheCells() {
    float[] depth = Distance.depth(disc, SIDE, SIDE);

    assertThat(depth[at(MIDDLE + (int) RADIUS - 1, MIDDLE)]).as("the last within").isEqualTo(0.5f);
    assertThat(depth[at(MIDDLE + (int) RADIUS, MIDDLE)]).as("the first without").isEqualTo(-0.5f);
    for (int i = 0; i < depth.length; i++) {
      assertThat(depth[i] > 0).isEqualTo(disc[i]);
    }
  }

  @Test
  void whatLiesBeyondIsFartherThanAsked() {
    float[] touching = Distance.beyond(0, disc, SIDE, SIDE);
    float[] far = Distance.beyond(3, disc, SIDE, SIDE);

    assertThat(touching[at(MIDDLE + (int) RADIUS, MIDDLE)]).isEqualTo(1);
    assertThat(touching[at(MIDDLE, MIDDLE)]).isZero();
    assertThat(far[at(MIDDLE + (int) RADIUS + 1, MIDDLE)]).isZero();
    assertThat(far[at(MIDDLE + (int) RADIUS + 5, MIDDLE)]).isEqualTo(1);
  }

  private static boolean[] disc() {
    boolean[] out = new boolean[SIDE * SIDE];
    for (int i = 0; i < out.length; i++) {
      out[i] = Math.hypot(i % SIDE - MIDDLE, (float) (i / SIDE) - MIDDLE) < RADIUS;
    }
    return out;
  }

  private static int at(int x, int y) {
    return y * SIDE + x;
  }
}
