package org.ablebatch.core.matting;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.junit.jupiter.api.Test;

class SeeThroughMatteTest {
  private static final int W = 240;
  private static final int H = 180;

  @Test
  void atReadingSizeGlassCountsAsMuchAsItDarkens() {
    double[] pot = coverage(W, H, disc(120, 100, 20));
    double[] whole = coverage(W, H, disc(120, 90, 60));
    Scene scene =
        Scene.read(
            compose(
                W,
                H,
                pot,
                0xA83028,
                0xBCD0DA,
                (u, v) -> Math.hypot(u * W - 120, v * H - 90) < 60 ? 0.8 : 1,
                1),
            W * H,
            Priors.none());
    boolean[] solid = new boolean[W * H];
    Plane body = new Plane(W, H);
    for (int i = 0; i < solid.length; i++) {
      solid[i] = pot[i] > 0.5;
      body.values()[i] = (float) whole[i];
    }

    float[] kept = SeeThroughMatte.coverage(scene, solid, body);

    assertThat(kept[100 * W + 120]).as("pot").isEqualTo(1);
    assertThat(kept[50 * W + 120]).as("glass").isCloseTo(0.2f, within(0.06f));
    assertThat(kept[10 * W + 10]).as("paper").isZero();
  }
}
