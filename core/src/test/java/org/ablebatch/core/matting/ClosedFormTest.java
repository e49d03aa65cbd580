package org.ablebatch.core.matting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

/** A ramp of coverage between two colours, with the middle unknown. */
class ClosedFormTest {
  private static final int W = 60;
  private static final int H = 20;
  private static final int FROM = 26;
  private static final int TO = 34;
  private static final float[] SUBJECT = {0.05f, 0.1f, 0.4f};
  private static final float[] BACKDROP = {0.8f, 0.7f, 0.5f};

  @Test
  void withoutAnySuggestionTheColoursCarryCoverageAcross() {
    float[] solved = solve(new float[W * H], new float[W * H]);

    for (int x = 0; x < W; x++) {
      assertThat(solved[10 * W + x]).as("at %d", x).isCloseTo(truth(x), within(0.03f));
    }
  }

  @Test
  void aWrongSuggestionIsOutvotedWhenItWeighsLittle() {
    float[] suggested = new float[W * H];
    Arrays.fill(suggested, 1);
    float[] weight = new float[W * H];
    Arrays.fill(weight, 1e-5f);

    float[] solved = solve(suggested, weight);

    assertThat(solved[10 * W + 32]).isCloseTo(truth(32), within(0.1f));
  }

  @Test
  void whatIsKnownDoesNotMoveAndNothingLeavesTheRange() {
    float[] suggested = new float[W * H];
    Arrays.fill(suggested, 3);
    float[] weight = new float[W * H];
    Arrays.fill(weight, 1);

    float[] solved = solve(suggested, weight);

    for (int x = 0; x < W; x++) {
      boolean known = x < FROM || x >= TO;
      assertThat(solved[10 * W + x]).isBetween(0f, 1f);
      if (known) {
        assertThat(solved[10 * W + x]).isEqualTo(x < FROM ? 1f : 0f);
      }
    }
  }

  @Test
  void anEvenPictureGivesNumbersToo() {
    boolean[] zone = zone();
    float[] solved =
        ClosedForm.solve(
            new ColorPlanes(W, H), zone, known(), new float[W * H], new float[W * H], Pulse.NONE);

    for (float value : solved) {
      assertThat(value).isBetween(0f, 1f);
    }
  }

  private static float[] solve(float[] suggested, float[] weight) {
    ColorPlanes picture = new ColorPlanes(W, H);
    for (int i = 0; i < W * H; i++) {
      float alpha = truth(i % W);
      for (int c = 0; c < 3; c++) {
        picture.channel(c)[i] = alpha * SUBJECT[c] + (1 - alpha) * BACKDROP[c];
      }
    }
    return ClosedForm.solve(picture, zone(), known(), suggested, weight, Pulse.NONE);
  }

  private static float truth(int x) {
    return Math.max(0, Math.min(1, (TO - x - 0.5f) / (TO - FROM)));
  }

  private static boolean[] zone() {
    boolean[] zone = new boolean[W * H];
    for (int i = 0; i < zone.length; i++) {
      zone[i] = i % W >= FROM && i % W < TO;
    }
    return zone;
  }

  private static float[] known() {
    float[] known = new float[W * H];
    for (int i = 0; i < known.length; i++) {
      known[i] = i % W < FROM ? 1 : 0;
    }
    return known;
  }
}
