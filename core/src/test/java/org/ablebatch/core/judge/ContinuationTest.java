package org.ablebatch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

/** A round body before clouds of light and dark. */
class ContinuationTest {
  private static final int SIDE = 160;
  private static final float RADIUS = 45;

  private final float[] clouds = clouds(3);
  private final boolean[] body = body(SIDE / 2f);

  @Test
  void cloudsGoOnBehindGlass() {
    Continuation glass = of(body, i -> 0.7f * clouds[i] + 0.05f);

    assertThat(glass.near()).isGreaterThan(0.6);
    assertThat(glass.passed()).isBetween(0.4, 0.8);
    assertThat(glass.speaksForGlass()).isTrue();
  }

  @Test
  void cloudsEndAtWhatIsSolid() {
    float[] own = clouds(4);
    Continuation solid = of(body, i -> own[i]);

    assertThat(solid.near()).isLessThan(0.3);
    assertThat(solid.behind()).as("clouds are alike to themselves").isGreaterThan(solid.near());
    assertThat(solid.speaksForGlass()).isFalse();
  }

  @Test
  void whereThereIsNoRoomNothingIsKnown() {
    Continuation none = of(new boolean[SIDE * SIDE], i -> 0);
    Continuation cut = of(body(0), i -> clouds[i]);

    assertThat(none.deep()).isEqualTo(-2);
    assertThat(none.share()).isZero();
    assertThat(cut.share()).as("a body at the picture's corner").isLessThan(1);
    assertThat(none.speaksForGlass()).isFalse();
    assertThat(none.facts()).hasSameSizeAs(cut.facts());
  }

  private interface Within {
    float at(int pixel);
  }

  private Continuation of(boolean[] body, Within within) {
    Plane seen = new Plane(SIDE, SIDE);
    for (int i = 0; i < body.length; i++) {
      seen.values()[i] = body[i] ? within.at(i) : clouds[i];
    }
    return Continuation.of(body, List.of(seen));
  }

  private static boolean[] body(float centre) {
    boolean[] out = new boolean[SIDE * SIDE];
    for (int i = 0; i < out.length; i++) {
      out[i] = Math.hypot(i % SIDE - centre, (float) (i / SIDE) - centre) < RADIUS;
    }
    return out;
  }

  private static float[] clouds(int seed) {
    Random random = new Random(seed);
    float[] out = new float[SIDE * SIDE];
    for (int i = 0; i < out.length; i++) {
      out[i] = random.nextFloat();
    }
    float[] wide = BoxBlur.blur(BoxBlur.blur(out, SIDE, SIDE, 9), SIDE, SIDE, 9);
    for (int i = 0; i < wide.length; i++) {
      wide[i] = 0.5f + 10 * (wide[i] - 0.5f);
    }
    return wide;
  }
}
