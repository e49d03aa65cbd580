package org.ablebatch.core.matting;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.trimap.Trimap;
import org.junit.jupiter.api.Test;

/** A red disc before paper whose every second column within speaks for the paper. */
class StrandFactsTest {
  private static final int W = 120;
  private static final int H = 100;
  private static final int DEPTH = 0;
  private static final int EVIDENCE = 3;
  private static final int TRUST = 4;
  private static final int COVERAGE = 5;
  private static final int AGAINST_NEAR = 8;
  private static final int INSIDE_WIDE = 10;
  private static final int GUESS = 16;

  private final double[] truth = coverage(W, H, disc(60, 50, 30));
  private final float[][] facts = table();

  @Test
  void onlyUndecidedPixelsHaveThem() {
    assertThat(facts[50 * W + 60]).as("the middle").isNull();
    assertThat(facts[5 * W + 5]).as("the paper").isNull();
    assertThat(facts[50 * W + 89]).as("the outline").hasSize(StrandFacts.COUNT);
  }

  @Test
  void sayWhereAPixelLiesAndWhatColoursSay() {
    float[] in = facts[50 * W + 88];
    float[] out = facts[50 * W + 91];

    assertThat(in[DEPTH]).isPositive();
    assertThat(out[DEPTH]).isNegative();
    assertThat(in[COVERAGE]).isGreaterThan(0.9f);
    assertThat(out[COVERAGE]).isLessThan(0.1f);
    assertThat(in[TRUST]).as("red and paper").isGreaterThan(0.9f);
    assertThat(in[GUESS]).isEqualTo(0.7f);
  }

  @Test
  void sayHowManyNeighboursSpeakAgainstTheirSide() {
    float[] in = facts[50 * W + 88];

    assertThat(in[EVIDENCE]).as("beyond what is clear").isEqualTo(8);
    assertThat(in[AGAINST_NEAR]).as("every second within").isCloseTo(0.3f, within(0.12f));
    assertThat(in[INSIDE_WIDE]).isBetween(0.4f, 0.6f);
  }

  private float[][] table() {
    Picture picture = compose(W, H, truth, 0xA83028, 0xE4E0D8, evenLight(), 0);
    ColorPlanes linear = AreaShrink.toLinear(picture, W, H);
    boolean[] subject = new boolean[W * H];
    float[] evidence = new float[W * H];
    Plane guess = new Plane(W, H);
    for (int i = 0; i < subject.length; i++) {
      subject[i] = truth[i] > 0.5;
      evidence[i] = subject[i] && i % 2 == 0 ? 20 : -20;
      guess.values()[i] = 0.7f;
    }
    SubjectRegion region = new SubjectRegion(W, H, subject, new boolean[W * H], evidence);
    Trimap trimap = Trimap.around(region, AreaShrink.toOkLab(linear), 0.004f);
    return StrandFacts.table(linear, trimap, new Plane(W, H, evidence), guess);
  }
}
