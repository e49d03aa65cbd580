package org.ablebatch.core.cut;

import java.util.Arrays;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * One way that was carried out as far as the region.
 *
 * @param region at half the reading size
 * @param facts of the region by itself
 * @param overlaps with what the other ways found
 * @param expectedError what the judge expects to be wrong, as a share of the subject; NaN where
 *     nobody judged
 */
public record Attempt(
    Method method, SubjectRegion region, float[] facts, float[] overlaps, double expectedError) {

  /** All that the judge goes by. */
  public float[] judgedBy() {
    return judgedBy(facts, overlaps);
  }

  static float[] judgedBy(float[] facts, float[] overlaps) {
    float[] all = Arrays.copyOf(facts, facts.length + overlaps.length);
    System.arraycopy(overlaps, 0, all, facts.length, overlaps.length);
    return all;
  }
}
