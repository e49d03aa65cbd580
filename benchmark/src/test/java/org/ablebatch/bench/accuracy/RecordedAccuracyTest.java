package org.ablebatch.bench.accuracy;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.prior.LearnedPriors;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * Ten small pictures with exact mattes must not get worse than recorded here, so that nobody breaks
 * the engine unseen. Who makes them better lowers the numbers.
 */
class RecordedAccuracyTest {
  /** Matte error, mean absolute difference times 100. */
  private static final Map<String, Double> RECORDED =
      Map.of(
          "can_white", 0.15,
          "brush_teal", 0.60,
          "trowel_uneven", 0.63,
          "signature_stained", 0.36,
          "beetroot_art", 0.30,
          "person_plain", 0.72,
          "boots_brick", 0.79,
          "person_garden", 2.91,
          "basket_wood", 2.45,
          "wreath_wall", 2.72);

  private static final double MARGIN = 1.1;
  private static final double MARGIN_FIXED = 0.05;

  @Test
  void noPictureIsCutWorseThanRecorded() throws Exception {
    TestSet set = TestSet.in(Path.of(RecordedAccuracyTest.class.getResource("/pictures").toURI()));
    Cutter cutter = new Cutter(LearnedPriors.shared());
    Map<String, Double> errors = new TreeMap<>();
    for (TestSet.Entry entry : set.entries()) {
      Picture picture = set.picture(entry);
      CutOutcome outcome = cutter.cut(picture, Method.AUTO, CutProgress.NONE);
      Matte matte =
          outcome instanceof CutOutcome.Done done
              ? done.cutout().matte()
              : Matte.filled(picture.width(), picture.height(), 0);
      errors.put(entry.name(), Measures.of(set.truth(entry), matte).matteError());
    }
    System.out.println("measured: matte error of the recorded pictures " + errors);
    assertThat(errors.keySet()).isEqualTo(RECORDED.keySet());
    SoftAssertions softly = new SoftAssertions();
    errors.forEach(
        (name, error) ->
            softly
                .assertThat(error)
                .as(name)
                .isLessThan(RECORDED.get(name) * MARGIN + MARGIN_FIXED));
    softly.assertAll();
  }
}
