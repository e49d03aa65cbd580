package org.ablebatch.core.cut;

import java.util.Arrays;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * One way that was carried out as far as the region.
 *
 * @param region at half the reading size
 * @param facts of the region by itself
 * @param context overlaps with what the other ways found, then what speaks for glass in the picture
 * @param expectedError what the judge expects to be wrong, as a share of the subject; NaN where
 *     nobody judged
 */
public record Attempt(
    Method method, SubjectRegion region, float[] facts, float[] context, double expectedError) {

  /** All that the judge goes by. */
  public float[] judgedBy() {
    return together(facts, context);
  }

  static float[] together(float[] facts, float[] context) {
    float[] all = Arrays.copyOf(facts, facts.length + context.length);
    System.arraycopy(context, 0, all, facts.length, context.length);
    return all;
  }
}
