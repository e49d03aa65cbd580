package org.ablebatch.core.backdrop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.ablebatch.core.raster.ColorPlanes;
import org.junit.jupiter.api.Test;

class SurfaceFitterTest {
  private static final int WIDTH = 61;
  private static final int HEIGHT = 47;

  /** u + 2v - uv², as a surface of degree three can say it. */
  private static float value(int channel, int i) {
    double u = Surface.unit(i % WIDTH, WIDTH);
    double v = Surface.unit(i / WIDTH, HEIGHT);
    return (float) (0.5 + 0.1 * (channel + 1) * (u + 2 * v - u * v * v));
  }

  private static ColorPlanes planes() {
    float[][] out = new float[3][WIDTH * HEIGHT];
    for (int c = 0; c < 3; c++) {
      for (int i = 0; i < out[c].length; i++) {
        out[c][i] = value(c, i);
      }
    }
    return new ColorPlanes(WIDTH, HEIGHT, out[0], out[1], out[2]);
  }

  private static boolean[] all() {
    boolean[] all = new boolean[WIDTH * HEIGHT];
    Arrays.fill(all, true);
    return all;
  }

  @Test
  void aPolynomialIsFoundAgainThoughATenthOfItIsCovered() {
    ColorPlanes lab = planes();
    Random random = new Random(3);
    for (int k = 0; k < WIDTH * HEIGHT / 10; k++) {
      lab.c0()[random.nextInt(WIDTH * HEIGHT)] = 3;
    }

    float[][] found = SurfaceFitter.fit(lab, all(), 3, 0.004).on(WIDTH, HEIGHT);

    for (int c = 0; c < 3; c++) {
      for (int i = 0; i < WIDTH * HEIGHT; i++) {
        assertThat(found[c][i]).isCloseTo(value(c, i), within(1e-3f));
      }
    }
  }

  @Test
  void sumsAlongRowsGiveWhatProductsOfAllTermsGive() {
    ColorPlanes lab = planes();
    boolean[] chosen = new boolean[WIDTH * HEIGHT];
    Random random = new Random(5);
    for (int i = 0; i < chosen.length; i++) {
      // A row without any, too.
      chosen[i] = random.nextInt(3) == 0 && i / WIDTH != 20;
    }
    RowSamples samples = RowSamples.of(lab, SurfaceFitter.thin(chosen));
    double[] weights = random.doubles(samples.size()).toArray();

    double[][] found = NormalEquations.solve(samples, weights, 2);

    // At the least sum of squares every term is at right angles to what is left over.
    double[][] gradient = new double[3][6];
    int s = 0;
    for (int i = 0; i < chosen.length; i++) {
      if (!chosen[i]) {
        continue;
      }
      double u = Surface.unit(i % WIDTH, WIDTH);
      double v = Surface.unit(i / WIDTH, HEIGHT);
      double[] terms = {1, u, v, u * u, u * v, v * v};
      for (int c = 0; c < 3; c++) {
        double rest = lab.channel(c)[i];
        for (int k = 0; k < 6; k++) {
          rest -= found[c][k] * terms[k];
        }
        for (int k = 0; k < 6; k++) {
          gradient[c][k] += weights[s] * rest * terms[k];
        }
      }
      s++;
    }
    for (double[] channel : gradient) {
      // The ridge pulls a little.
      assertThat(channel).containsExactly(new double[6], within(1e-3));
    }
  }
}
