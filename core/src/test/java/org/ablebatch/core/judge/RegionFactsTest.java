package org.ablebatch.core.judge;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.EvidencePlane;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;
import org.junit.jupiter.api.Test;

class RegionFactsTest {
  private static final int W = 120;
  private static final int H = 90;
  private static final int WAYS = 3;

  private final double[] truth = coverage(W, H, disc(60, 45, 25));
  private final Scene scene =
      Scene.read(compose(W, H, truth, 0xA83028, 0xE4E0D8, evenLight(), 1), W * H, Priors.none());
  private final Weighed weighed = Weighed.in(scene, scene.halved(), evidence -> halfOf(truth));

  @Test
  void sayWhichWayItWas() {
    float[] facts = facts(disc(60, 45, 25), 1);

    assertThat(facts[0]).isZero();
    assertThat(facts[1]).isEqualTo(1);
    assertThat(facts[2]).isZero();
  }

  @Test
  void overlapsSayWhatTheOtherWaysFound() {
    boolean[] left = {true, true, false, false};
    SubjectRegion region = new SubjectRegion(2, 2, left, new boolean[4], new float[4]);
    SubjectRegion whole = region.keeping(new boolean[] {true, true, true, true});
    SubjectRegion nothing = region.keeping(new boolean[4]);

    float[] overlaps =
        RegionFacts.overlaps(
            region,
            List.of(
                Optional.of(region), Optional.of(whole), Optional.of(nothing), Optional.empty()));

    assertThat(overlaps).containsExactly(1, 0.5f, 0, -1);
  }

  @Test
  void agreementFallsWithWhatIsMissing() {
    float whole = facts(disc(60, 45, 25), 0)[WAYS];
    float part = facts(disc(60, 45, 15), 0)[WAYS];

    assertThat(whole).isGreaterThan(0.9f);
    assertThat(part).isBetween(0.3f, 0.45f);
  }

  @Test
  void areAsManyForEveryRegionAndAlwaysNumbers() {
    float[] nothing = facts((x, y) -> -1, 2);
    float[] everything = facts((x, y) -> 1, 2);

    assertThat(nothing).hasSameSizeAs(facts(disc(60, 45, 25), 0));
    for (float[] all : new float[][] {nothing, everything}) {
      for (float fact : all) {
        assertThat(fact).isFinite();
      }
    }
  }

  @Test
  void everyPlaneOfEvidenceIsLaidOut() {
    assertThat(weighed.evidence()).hasSize(EvidencePlane.values().length);
    assertThat(weighed.full().at(60, 45)).isEqualTo(1);
    assertThat(weighed.full().at(5, 5)).isZero();
    assertThat(weighed.evidence().get(EvidencePlane.OTHERNESS.ordinal()).at(30, 22))
        .as("red on paper")
        .isGreaterThan(0);
    assertThat(weighed.evidence().get(EvidencePlane.REACHED.ordinal()).at(2, 2))
        .as("paper that the border reaches")
        .isEqualTo(-1);
  }

  private float[] facts(DoubleBinaryOperator shape, int way) {
    double[] coverage = coverage(W, H, shape);
    boolean[] subject = new boolean[W * H];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = coverage[i] > 0.5;
    }
    SubjectRegion region = new SubjectRegion(W, H, subject, new boolean[W * H], new float[W * H]);
    return RegionFacts.of(region.halved(), weighed, way, WAYS);
  }

  private static Plane halfOf(double[] truth) {
    Plane out = new Plane(W / 2, H / 2);
    for (int i = 0; i < out.values().length; i++) {
      out.values()[i] = (float) truth[i / (W / 2) * 2 * W + i % (W / 2) * 2];
    }
    return out;
  }
}
